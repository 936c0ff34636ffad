import { STARCH_FOR } from '../../balance';
import { getIngredient, type Catalogue } from '../../catalogue';
import type { ConversionRequest } from '../../kitchen';
import { readProcess, shows, type Action, type Process } from '../../process';
import { CHAT, lastWordOf, tokensOf, type Recipe, type Step } from '../../read';
import { tellsInItsOwnLanguage } from '../ownLanguage';
import type { DocketPart, DocketStep } from '../types';
import { brownedEdits } from './browned';
import { cautionEdits } from './cautions';
import { coolEdits } from './cool';
import { countedLineEdits } from './countedLines';
import { DUSTERS } from './data/madeFirst';
import { kneadEdits, pastryWaterEdits, proofEdits, stretchEdits } from './dough';
import { dustEdits, greaseEdits } from './dusting';
import type { Facts } from './facts';
import { fatTestEdits } from './fatTest';
import { renameMentions, type Kept } from './mentions';
import { portionOf, takesAll } from './portions';
import type { Renamed } from './renamed';
import type { Sentence } from './sentences';
import { kindOf } from './stepKind';
import { edited, settledEdits, type SpanEdit } from './spans';
import { servedEdits } from './served';
import { spokenName } from './spoken';
import { systemOf } from '../system';
import { remeasureEdits, type Remeasured } from './remeasured';
import { restEdits } from './rest';
import { listInStepEdits } from './listInStep';
import { ownListEdits } from './ownList';
import { heatEdits } from './stages';
import { unwhippedEdits } from './unwhipped';
import { usesOf } from './uses';
import { whitesEdits } from './whites';

/** What a board or a tin is dusted with: something that is on the list, where anything there will do. */
function dustOf(parts: readonly DocketPart[], { diet }: ConversionRequest, catalogue: Catalogue): string {
  const there = new Set(parts.flatMap(({ lines }) => lines.map(({ ingredient }) => ingredient)));
  const usual = STARCH_FOR[diet].dusts;
  const id = [usual, ...DUSTERS].find((one) => there.has(one)) ?? usual;
  return spokenName(getIngredient(catalogue, id).name).replace(/^white /, '');
}

/** The lines that some actions take, and the part of each. */
function takenBy(actions: readonly Action[], { recipe }: Facts): ReadonlyMap<string, string> {
  const parts = new Map(recipe.parts.flatMap((part) => part.lines.map(({ id }) => [id, part.id] as const)));
  return new Map(
    actions.flatMap(({ takes }) => takes.map(({ line }) => [line, parts.get(line) ?? ''] as const)),
  );
}

/** Flour that only keeps things apart has its own stand-in; flour that builds is the blend. */
function withDust(
  edits: readonly SpanEdit[],
  source: string,
  renamed: readonly Renamed[],
  dust: string,
): SpanEdit[] {
  const names = new Set(renamed.filter(({ blend }) => blend).map(({ now }) => now));
  return edits.map((one) => {
    const plain = one.text.replace(/^the /, '');
    const before = source.slice(0, one.from);
    return names.has(plain) && shows('dusts', before) && !/\bof the\s*$/i.test(before)
      ? { ...one, text: dust }
      : one;
  });
}

/** "ok so": so many characters may stand before it. */
const BEFORE_A_NAME = 12;
/** The name that a recipe in one paragraph begins with stands above it already. */
function titleEdits(source: string, title: string): SpanEdit[] {
  const at = source.indexOf(`${title}.`);
  return title !== '' && at >= 0 && at <= BEFORE_A_NAME
    ? [{ from: 0, to: at + title.length + 1, text: '', because: '' }]
    : [];
}

/** How many it makes stands at the docket's head. */
const SAYS_HOW_MANY =
  /(?<=^|[.!?]\s+)\(?(?:(?:(?:it |this )?(?:makes|yields|serves|feeds|gives|does|cuts into)|you(?:['’]ll| will| should)? (?:get|have)|enough for) (?:about |approx\.? |roughly |around )?(?:\d[\d–-]*|an?|two|three|four|five|six|seven|eight|nine|ten|twelve)\b(?: \p{L}+){0,3}|(?:about |abt\.? |approx\.? |ca\.? |around )?\d{1,3} (?:doz(?:en)?\.?|pieces|pcs|slices|squares|bars|wedges|servings|portions|cookies|biscuits|buns|muffins))\)?[.!]?\s*$/iu;
const makesEdits = (source: string, { yields }: Recipe): SpanEdit[] => {
  const said = yields === null ? null : SAYS_HOW_MANY.exec(source);
  return said ? [{ from: said.index, to: source.length, text: '', because: '' }] : [];
};

/** Who wrote it and when stands before each line of a chat, and is nobody's step. */
const writerEdits = (source: string): SpanEdit[] => {
  const said = CHAT.exec(source)?.[0] ?? '';
  return said === '' ? [] : [{ from: 0, to: said.length, text: '', because: '' }];
};

/** What stands about a step, and is told elsewhere or for the first time. */
const aroundEdits = ({ id, source }: Step, recipe: Recipe): SpanEdit[] => [
  ...writerEdits(source),
  ...titleEdits(source, recipe.title),
  ...makesEdits(source, recipe),
  ...ownListEdits(id, source, recipe),
  ...listInStepEdits(source),
];

/** The stage that a step tells of, the bake's first; null: none. */
function stageOf({ stages, main }: Process, id: string): number | null {
  if (main !== null && stages[main]?.step === id) return main;
  const at = stages.findIndex(({ step }) => step === id);
  return at < 0 ? null : at;
}

/** What the list still has as its author wrote it: for each step of a method the same. */
export function keptOf({ parts }: Recipe, renamed: readonly Renamed[]): Kept {
  const of = (line: string, words: string) => `${line} ${words}`;
  const gone = new Set(renamed.map(({ line, words }) => of(line, words)));
  const stays = parts.flatMap(({ lines }) =>
    lines.flatMap(({ id, items }) => items.filter(({ words }) => !gone.has(of(id, words)))),
  );
  return {
    lastWords: new Set(stays.map(({ words }) => lastWordOf(words))),
    foods: new Set(stays.flatMap(({ ingredient }) => ingredient ?? [])),
  };
}

const BUTTER = /^(?:un)?(?:salted-)?butter$/;
/** Made of what the list may have, and none of it. */
const BY_ITS_OWN_NAME = /^(?:brandy|rum) butter$/i;
/** Whether a part or a line of the recipe is called so. */
function ownsA(words: string, { parts, method }: Recipe): boolean {
  const steps = new Set(method.map(({ id }) => id));
  // Of a sentence only its foods are on the list: a letter's "it's better with cream" has none, and neither has a name.
  const listed = parts.flatMap(({ name, lines }) => [
    name ?? '',
    ...lines.flatMap(({ id, kind, source, items }) =>
      kind === 'note' ? [] : steps.has(id) ? items.map((item) => item.words) : [source],
    ),
  ]);
  return !BY_ITS_OWN_NAME.test(words) && listed.some((one) => tokensOf(one).includes(lastWordOf(words)));
}

/** What greases where butter may not; null: nothing on the list. */
const inPlaceOfButter = (renamed: readonly Renamed[]): string | null =>
  renamed.find(({ was }) => BUTTER.test(was))?.now ?? null;

/** What is the same for every step of a method. */
export interface ToldOfAll {
  readonly renamed: readonly Renamed[];
  readonly kept: Kept;
  readonly remeasured: readonly Remeasured[];
  readonly said: readonly Sentence[];
}

/** A step of the recipe as it is said now: the author's words wherever nothing in them changed. */
export function ownStep(
  { id, source }: Step,
  facts: Facts,
  { renamed, kept, remeasured, said }: ToldOfAll,
): DocketStep {
  const { recipe, kitchen, request, catalogue, parts, bowl, bake } = facts;
  const process = readProcess(recipe, kitchen);
  const actions = process.actions.filter(({ step }) => step === id);
  const taken = takenBy(actions, facts);
  const portion = (amount: string, one: Renamed) => portionOf(amount, one, facts);
  const isAll = (amount: string, one: Renamed) => takesAll(amount, one, facts);
  const mentions = renameMentions(source, renamed, { taken, kept, portion, isAll }, catalogue);
  const dust = dustOf(parts, request, catalogue);
  const butterOut = request.without.includes('milk');
  const floured = renamed.some(({ blend }) => blend) || parts.some(({ blend }) => blend.length > 0);
  const here = said.filter(({ at, inside }) => inside !== null && process.actions[at!]!.step === id);
  // Of two that meet the first stands.
  const edits = settledEdits([
    ...aroundEdits({ id, source }, recipe),
    ...here.flatMap(({ inside }) => inside ?? []),
    ...((bowl.profile.yeast || bowl.has('yeast')) && floured
      ? [
          ...(tellsInItsOwnLanguage(recipe) ? [] : proofEdits(actions, process.actions)),
          ...kneadEdits(actions),
        ]
      : []),
    ...(floured && !bowl.has('yeast') ? stretchEdits(actions, process.actions) : []),
    ...(floured && bowl.family === 'pastry' ? pastryWaterEdits(actions, process, bowl.flourLines) : []),
    ...whitesEdits(actions, process.actions, renamed),
    ...unwhippedEdits(actions, renamed, facts),
    ...dustEdits(source, dust, butterOut),
    ...(butterOut ? [...brownedEdits(actions), ...greaseEdits(source, inPlaceOfButter(renamed))] : []),
    ...heatEdits(actions, process, bake, systemOf(recipe.locale)),
    ...(floured ? [...coolEdits(actions, process, facts), ...restEdits(actions, process, facts)] : []),
    ...(floured ? cautionEdits(source, bowl.delicate !== null) : []),
    ...servedEdits(source, new Set([...request.without, 'wheat']), (words) => ownsA(words, recipe)),
    ...(renamed.length > 0 ? countedLineEdits(source, actions, recipe, renamed) : []),
    ...withDust(mentions.edits, source, renamed, dust),
    ...fatTestEdits(source),
    ...remeasureEdits(source, catalogue, remeasured),
  ]);
  const text = edited(source, edits);
  const stage = stageOf(process, id);
  return {
    id,
    source,
    text,
    changed: text !== source,
    bound: facts.steps.find((one) => one.id === id)?.bound ?? false,
    because: [...new Set(edits.map(({ because }) => because).filter((why) => why !== ''))],
    kind: kindOf(actions, new Set(process.stages.map(({ action }) => action))),
    uses: [
      ...new Set([
        ...usesOf(source, new Set([...taken.keys(), ...mentions.lines]), recipe, parts, catalogue),
        ...here.flatMap(({ uses = [] }) => uses),
      ]),
    ],
    stage,
  };
}
