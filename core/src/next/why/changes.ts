import type { Difference } from '../../log';
import type { FamilyId } from '../../vocabulary';
import {
  ASPECTS,
  CHANGE_KINDS,
  CHANGES,
  type Aspect,
  type ChangeKind,
  type ChangeRow,
  type Direction,
} from './data/changes';
import type { CauseId } from './data/causes';

/** One thing that is otherwise in B than in A. */
export interface Change {
  readonly kind: ChangeKind;
  /** More of it, or less. */
  readonly by: 1 | -1;
}

const LESS =
  /\bless\b|\bfewer\b|\bcut (?:by|from|to|down)|\bcut\b(?= [\d.]+ ?g)|\bdown\b|\breduced?\b|\bshort(?:er|ened)\b|\bsmaller\b|\bnarrower\b|\bhalved\b|\bleft out|\bwithout\b|\bno\b|\bnot\b|\bskipped|\bomitted|\bcolder|\bcooler|\blower|\bearlier|\bcoarser?|\bhot\b|\bwarm\b/i;
const FROM_TO = /\bfrom (\d+(?:[.,]\d+)?)[^\d]+?to (\d+(?:[.,]\d+)?)/i;
const AT_NOT =
  /(\d+(?:[.,]\d+)?) ?(?:min(?:utes)?|°?C|g|cm|h)?,? (?:not|instead of|rather than) (?:for )?(\d+(?:[.,]\d+)?)/i;
/** What goes in, and what it takes the place of. */
const REPLACED = /^(.*?)\b(?:replaced (?:by|with)|changed (?:for|to)|swapped for|exchanged for)\b(.*)$/i;
const INSTEAD_OF = /^(.*?)\b(?:instead of|in (?:the )?place of|rather than)\b(.*)$/i;

const numberIn = (text: string): number => Number(text.replace(',', '.'));

/** What an amount is by, and what stayed as it was, is no change. */
const NO_CHANGE =
  /\bper \d+ ?g(?: of)? [\p{L} ]+|\b(?:the )?same (?:minutes|time|oven|tin|weight(?: of)?|amount(?: of)?)\b|\(.*?\)/giu;

/** What is named first; of two at the same place the one that stands first in the table. */
function kindIn(words: string): ChangeKind | undefined {
  const plain = words.replace(NO_CHANGE, ' ');
  const places = CHANGE_KINDS.map((kind) => ({ kind, at: plain.search(CHANGES[kind].words) }));
  return places.filter(({ at }) => at >= 0).sort((a, b) => a.at - b.at)[0]?.kind;
}

/** Which of two ways it went, by two figures or by a word. */
function wayOf(words: string): 1 | -1 {
  const fromTo = FROM_TO.exec(words);
  if (fromTo) return numberIn(fromTo[2]!) < numberIn(fromTo[1]!) ? -1 : 1;
  const atNot = AT_NOT.exec(words);
  if (atNot) return numberIn(atNot[1]!) < numberIn(atNot[2]!) ? -1 : 1;
  return LESS.test(words) ? -1 : 1;
}

/** What of another thing goes out where one comes in, and is a change in itself. */
const OUT: ReadonlySet<ChangeKind> = new Set<ChangeKind>(['acid', 'egg', 'gum', 'sweet-rice', 'brown-sugar']);

function exchanged(comes: string, goes: string): Change[] {
  if (/\bwater\b/i.test(comes) && /\bmilk\b/i.test(goes) && !/\bbuttermilk/i.test(goes))
    return [{ kind: 'milk', by: -1 }];
  if (/\bwater\b/i.test(goes) && /\bmilk\b/i.test(comes)) return [{ kind: 'milk', by: 1 }];
  if (/\bmelted/i.test(comes)) return [{ kind: 'melted', by: 1 }];
  if (/\blarge/i.test(comes) && /\begg/i.test(comes)) return [{ kind: 'egg', by: 1 }];
  if (/\b(?:small|medium)/i.test(comes) && /\begg/i.test(comes)) return [{ kind: 'egg', by: -1 }];
  const [own, other] = [kindIn(comes), kindIn(goes)];
  const came: Change[] = own && own !== other ? [{ kind: own, by: wayOf(comes) }] : [];
  const went: Change[] = other && other !== own && OUT.has(other) ? [{ kind: other, by: -1 }] : [];
  return came.length + went.length > 0
    ? [...came, ...went]
    : own
      ? [{ kind: own, by: wayOf(`${comes} instead of ${goes}`) }]
      : [];
}

/** The changes that words name: "oven down from 200 to 185 C" → less oven. Empty where none is understood. */
export function readChange(words: string): readonly Change[] {
  const figures = FROM_TO.test(words) || AT_NOT.test(words);
  const replaced = figures ? null : REPLACED.exec(words);
  if (replaced) return exchanged(replaced[2]!, replaced[1]!);
  const instead = figures ? null : INSTEAD_OF.exec(words);
  if (instead) return exchanged(instead[1]!, instead[2]!);
  const inPlace = / in place of /i.exec(words);
  const kind = kindIn(inPlace ? words.slice(0, inPlace.index) : words);
  return kind ? [{ kind, by: wayOf(words) }] : [];
}

/** Kinds of differences between two bakes that are changes of one thing. */
const OF_FIGURE: Readonly<Partial<Record<Difference['kind'], ChangeKind>>> = {
  minutes: 'minutes',
  oven: 'oven',
  'true-oven': 'oven',
  rest: 'rest',
};

/** What a difference between two bakes is a change of. Empty where none is known. */
export function changesIn(difference: Difference): readonly Change[] {
  if (difference.kind === 'line') {
    const kind = kindIn(difference.name);
    return kind ? [{ kind, by: (difference.to ?? 0) > (difference.from ?? 0) ? 1 : -1 }] : [];
  }
  const kind = OF_FIGURE[difference.kind];
  return kind ? [{ kind, by: difference.to > difference.from ? 1 : -1 }] : [];
}

/** What may go wrong by a change. */
export const causesOf = ({ kind, by }: Change): readonly CauseId[] => CHANGES[kind][by > 0 ? 'more' : 'less'];

/** On a tray, or in a tin. */
const PIECES: ReadonlySet<FamilyId> = new Set<FamilyId>([
  'drop-cookie',
  'cut-out',
  'crisp-wafer',
  'scone',
  'choux',
]);

/** What B should be beside A. Null where nothing is known, or changes pull both ways. */
export type Expected = Readonly<Record<Aspect, Direction | null>>;

/** By what is known of each change; where two pull against each other the surer one counts, and neither where they are as sure. */
export function expectedOf(changes: readonly Change[], family: FamilyId): Expected {
  const where = PIECES.has(family) ? 'pieces' : 'tins';
  const of = (at: number): Direction | null => {
    const effects = changes.flatMap(({ kind, by }) => {
      const row: ChangeRow = CHANGES[kind];
      const effect = row[where][at];
      return effect === null || effect === undefined ? [] : [{ pull: effect * by * row.sure, effect }];
    });
    if (effects.length === 0) return null;
    const pull = effects.reduce((sum, one) => sum + one.pull, 0);
    if (effects.every(({ effect }) => effect === 0)) return 0;
    return Math.abs(pull) < 0.15 ? null : pull > 0 ? 1 : -1;
  };
  return Object.fromEntries(ASPECTS.map((aspect, at) => [aspect, of(at)])) as Record<
    Aspect,
    Direction | null
  >;
}
