import { doesIt, getIngredient } from '../../catalogue';
import { readProcess, shows, type Process } from '../../process';
import { isOfBlend } from '../../read';
import { SIDE_WORDS } from '../heatWords';
import { isFolded } from '../folded';
import { sayDial, systemOf } from '../system';
import type { DocketLine, DocketPart, StepKind } from '../types';
import { coolSentence } from './cool';
import type { Facts } from './facts';
import type { LeftOut } from './leftOut';
import { bakeAction, lastMixing, leftAt, seenToAt, sentenceAfter } from './places';
import { stirredIn } from './prepare';
import type { Renamed } from './renamed';
import { restSentence } from './rest';
import type { SpanEdit } from './spans';
import { andList, spokenName } from './spoken';

/** A sentence of our own behind an action of the recipe. */
export interface Sentence {
  readonly id: 'bake' | 'rest' | 'cool' | 'add';
  /** Behind which action of the process; null: the method has none for it. */
  readonly at: number | null;
  /** Where it fits within a step; null: it is a step of its own. */
  readonly inside: SpanEdit | null;
  readonly text: string;
  readonly because: string;
  readonly kind: StepKind;
  /** Ids of the docket's lines that it brings in. */
  readonly uses?: readonly string[];
}

type Said = Omit<Sentence, 'inside'>;

/** The bake's heat where the method gives none: its head did, or we do. */
function bakeSentence({ bake, recipe }: Facts, process: Process): Said[] {
  const at = bakeAction(process);
  if (!bake.minutes || bake.ovenCelsius === null || bake.watts !== null) return [];
  const about = `about ${Math.round(bake.minutes.central)} minutes`;
  if (at === null)
    return [
      {
        id: 'bake',
        at: null,
        text: `Bake at ${sayDial(bake.ovenCelsius, bake.fan, systemOf(recipe.locale))} for ${about}: ${bake.doneSigns}.`,
        because: 'the recipe’s steps don’t say it',
        kind: 'heat',
      },
    ];
  const stage = process.stages[process.main!]!;
  return stage.minutes === null && stage.medium === 'oven'
    ? [{ id: 'bake', at, text: `It takes ${about}.`, because: 'the step names no time', kind: 'heat' }]
    : [];
}

/** What is to be minded while it bakes: how it goes in, the oven's hot side, a top that would be too dark. */
function heedSentence({ bake, recipe }: Facts, process: Process): Said[] {
  if (bake.ovenCelsius === null) return [];
  const covers =
    bake.browning?.done === 'too dark' &&
    !recipe.method.some(({ source }) => shows('covers with foil', source) || shows('wants it dark', source));
  const words = [
    bake.startWords ?? '',
    SIDE_WORDS[bake.oven?.hotSide ?? 'none'],
    covers ? 'Lay foil over it once it is brown enough.' : '',
  ].filter((one) => one !== '');
  return words.length === 0
    ? []
    : [
        {
          id: 'bake',
          at: bakeAction(process),
          text: words.join(' '),
          because: 'of this oven, and of how it goes in',
          kind: 'heat',
        },
      ];
}

/**
 * What a rule brought in and no step of the recipe can name: it goes in with the wet things; an acid only after the rest, since
 * what it frees from the soda won't wait; unless it waits as something that can't be stirred.
 */
function addSentences(
  { parts, catalogue }: Facts,
  renamed: readonly Renamed[],
  mixed: number | null,
  waitsInBowl: boolean,
  forgotten: LeftOut,
): { readonly before: Said[]; readonly last: Said[] } {
  const listed = new Set(renamed.flatMap(({ ids }) => ids));
  const news = parts.flatMap((part) => {
    const stirred = stirredIn(part, catalogue);
    // Powders go through a blend; a part that has none takes them here.
    const alone = part.blend.length === 0;
    return part.lines.filter(
      (line) =>
        (mixed !== null && (forgotten.wet.has(line.id) || (alone && forgotten.dry.has(line.id)))) ||
        (line.source === null &&
          !isFolded(line) &&
          !listed.has(line.id) &&
          line.grams !== null &&
          !isOfBlend(line.id) &&
          !stirred.includes(line) &&
          line.ingredient !== null &&
          !doesIt(getIngredient(catalogue, line.ingredient), 'gels when soaked')),
    );
  });
  const sour = news.filter(({ ingredient }) => getIngredient(catalogue, ingredient!).role === 'acid');
  const says = (some: readonly DocketLine[], how: (names: string) => string): Said[] =>
    some.length === 0
      ? []
      : [
          {
            id: 'add',
            uses: some.map(({ id }) => id),
            at: mixed,
            text: how(andList([...new Set(some.map(({ name }) => spokenName(name)))])),
            because: 'it is new to the recipe, or no step of it names it',
            kind: 'mix',
          },
        ];
  return {
    before: says(
      news.filter((line) => !sour.includes(line)),
      (names) => `Stir in the ${names} as well.`,
    ),
    last: says(sour, (names) =>
      waitsInBowl
        ? `Stir in the ${names} only now: it begins to lift at once.`
        : `Stir in the ${names} as well.`,
    ),
  };
}

/** What follows the same action within its step is one stretch of words. */
const together = (said: readonly Said[]): Said[] =>
  said.reduce<Said[]>((kept, one) => {
    const before = kept.at(-1);
    if (!before || before.at === null || before.at !== one.at) return [...kept, one];
    const uses = [...(before.uses ?? []), ...(one.uses ?? [])];
    return [...kept.slice(0, -1), { ...one, text: `${before.text} ${one.text}`, uses }];
  }, []);

/** A spoonful of flour has nothing to drink up, g. */
const SPOONFUL = 15;
/** Crumbs on a pudding are so little of it that the pudding needn't wait for them, as a share. */
const A_SPRINKLE = 0.06;
const weightOf = (parts: readonly DocketPart[], counts: (id: string) => boolean): number =>
  parts
    .flatMap(({ lines }) => lines)
    .reduce((sum, { id, grams }) => sum + (counts(id) ? (grams?.central ?? 0) : 0), 0);
const wantsToDrink = (parts: readonly DocketPart[]): boolean => {
  const flour = weightOf(parts, isOfBlend);
  return flour >= SPOONFUL && flour >= A_SPRINKLE * weightOf(parts, () => true);
};

/** What a step says up to the end of an action. */
const stepUpTo = ({ actions }: Process, at: number): string =>
  actions
    .filter(({ step, to }) => step === actions[at]!.step && to <= actions[at]!.to)
    .map(({ text }) => text)
    .join(' ');

/** Our own sentences in the order in which they are said, each with its place. */
export function sentencesOf(facts: Facts, renamed: readonly Renamed[], forgotten: LeftOut): Sentence[] {
  const process = readProcess(facts.recipe, facts.kitchen);
  // A bake that is without gluten already has its own rests.
  const floured = facts.parts.some(({ blend }) => blend.length > 0);
  const cool = floured ? coolSentence(facts, process) : null;
  const mixed = lastMixing(process, facts.bowl.flourLines);
  const left = mixed === null ? null : leftAt(process, mixed);
  const covered = left !== null && /\b(?:cover|wrap)\b/i.test(stepUpTo(process, left));
  const rest = wantsToDrink(facts.parts) ? restSentence(facts, process, covered) : null;
  // What is wrapped, or piped, before it waits isn't stirred any more.
  const waitsInBowl = rest !== null && rest.at === undefined && left === mixed;
  const adds = addSentences(facts, renamed, mixed, waitsInBowl, forgotten);
  const said: Said[] = [
    ...adds.before,
    ...(rest === null ? [] : [{ id: 'rest' as const, at: left, kind: 'rest' as const, ...rest }]),
    ...adds.last,
    ...bakeSentence(facts, process),
    ...heedSentence(facts, process),
    ...(cool === null
      ? []
      : [{ id: 'cool' as const, at: seenToAt(process), kind: 'cool' as const, ...cool }]),
  ];
  return together(said).map((one) => ({
    ...one,
    inside: one.at === null ? null : sentenceAfter(process.actions, one.at, one.text, one.because),
  }));
}
