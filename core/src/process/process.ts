import { catalogueOf, PANS, type Kitchen } from '../kitchen';
import {
  mainPart,
  pageLines,
  tokensOf,
  type Bindings,
  type Finding,
  type Pan,
  type Part,
  type Recipe,
  type Setting,
  type Step,
  underLists,
} from '../read';
import { actionsOf } from './actions';
import type { Told } from './told';
import { partedByUse } from './afterwards';
import { doubtsOf } from './doubts';
import { familyOfPage } from './family';
import { bySentence } from './sentences';
import { heats, stagesOf, type ToldStage } from './stages';
import { flowing, mixturesOf } from './mixtures';
import { calledOf } from './called';
import { partFamilies } from './parts';
import { takesOf } from './takes';
import { tinOf, type Said } from './tins';
import type { Action, BakeFacts, FamilyGuess, Mixture, Stage } from './types';

/** A method as what is done. */
export interface Process {
  /** What kind of bake the page is taken for, and why. */
  readonly family: FamilyGuess;
  readonly actions: readonly Action[];
  readonly mixtures: readonly Mixture[];
  /** The recipe's parts, and what of its one list only comes to the bake when that is done. */
  readonly parts: readonly Part[];
  readonly stages: readonly Stage[];
  /** Which of the stages the bake is known by; null: none. */
  readonly main: number | null;
  /** Null where the page says nothing of it. */
  readonly bake: BakeFacts | null;
  readonly doubts: readonly Finding[];
}

/** The heat that a page's head gives, where its steps give none. */
const ofHead = (recipe: Recipe): Step[] =>
  pageLines(recipe)
    .filter(({ kind }) => kind === 'time' || kind === 'note' || kind === 'yield')
    .map(({ line, source }) => ({ id: line, source }));

/** What is piped on a tray bakes there, whatever it is laid in afterwards. */
const PIPED_ON = /\bpip(?:e|ed|ing)\b[^.;]*\b(?:trays?|sheets?)\b/i;
const PIPED = 6;
const PUTS = new Set(['place', 'line-tin', 'bake']);
const BESIDE = new Set(['ingredient', 'prose', 'step', 'junk']);

/** Where a page may speak of its tin: what is put into it, what is made ready, and what stands in its head. */
const sayings = (recipe: Recipe, actions: readonly Told[]): Said[] => [
  ...bySentence(actions).map((those): Said => {
    const text = those.map((one) => one.text).join('');
    const puts = those.some(({ class: kind }) => kind !== null && PUTS.has(kind)) ? 2 : 0;
    return { text, worth: PIPED_ON.test(text) ? PIPED : puts };
  }),
  ...pageLines(recipe)
    .filter(({ kind }) => !BESIDE.has(kind))
    .map(({ source, kind }): Said => ({ text: source, worth: kind === 'note' ? -1 : 0.5 })),
];

/** The heats that a step tells of, in its order. */
export const heatsOf = (stages: readonly Stage[], step: string): Stage[] =>
  stages.filter((stage) => stage.step === step && heats(stage));

/** What goes through a stage: what its step works with, else the bake. */
function throughIt(
  { action, step }: Pick<Stage, 'action' | 'step'>,
  actions: readonly Action[],
  mixtures: readonly Mixture[],
): string | null {
  const told = actions.find(({ id }) => id === action);
  const [main = null] = mixtures.filter(({ family }) => family.because === 'main').map(({ id }) => id);
  const own = mixtures.find(({ id }) => id === told?.makes);
  if (!own) return main;
  const held = new Set(own.lines.map(({ line }) => line));
  const works = actions.some((one) => one.step === step && one.takes.some(({ line }) => held.has(line)));
  const called = tokensOf(own.name).at(-1);
  const named = called !== undefined && tokensOf(told!.text).includes(called);
  return works || named ? own.id : main;
}

const IN_A_VESSEL = new Set<Stage['medium']>(['oven', 'griddle', 'steamed', 'microwave']);

/** What only readies or finishes the bake is no stage of its own length. */
const BESIDE_THE_BAKE = /\b(?:toast|roast|blind|grill|broil)/i;

/** The ovens that bake; one that is turned off only where no other has a heat. */
function ownOvens(stages: readonly Stage[]): Stage[] {
  const ovens = stages.filter(({ medium, what }) => medium === 'oven' && !BESIDE_THE_BAKE.test(what));
  const hot = ovens.filter(({ ovenCelsius }) => ovenCelsius !== null);
  return hot.length > 0 ? hot : ovens;
}

/** The stage that the bake is known by: the one that a person says, else its longest in the oven, else the first that heats. */
function mainStage(stages: readonly Stage[], said: Bindings['bake']): Stage | null {
  const byHand = said && heatsOf(stages, said.step)[said.heat];
  if (byHand) return byHand;
  const ovens = stages.filter(({ medium }) => medium === 'oven');
  if (ovens.length === 0) return stages.find(heats) ?? null;
  const own = ownOvens(stages);
  const long = ({ minutes }: Stage) => minutes?.high ?? 0;
  return (own.length > 0 ? own : ovens).reduce<Stage | null>(
    (best, one) => (best === null || long(one) > long(best) ? one : best),
    null,
  );
}

/** The oven that is set first. */
const firstOven = (actions: readonly Told[]): Setting | undefined =>
  actions.flatMap(({ settings }) => settings).find(({ of }) => of === 'oven');

/** `head`: what stands beside the method; its oven is the bake's where no step names one. */
function bakeFacts(
  known: Stage | null,
  stages: readonly Stage[],
  actions: readonly Told[],
  head: readonly Told[],
  pan: Pan | null,
): BakeFacts | null {
  const main = known?.medium === 'oven' ? known : null;
  const set = firstOven([...actions, ...head]);
  const stated =
    main !== null && main.ovenCelsius !== null ? { celsius: main.ovenCelsius, fan: main.fan } : set;
  const oven = main === null && known ? undefined : stated;
  const minutes = known?.minutes ?? null;
  if (!oven && !minutes && !pan) return null;
  return {
    ovenCelsius: oven ? Math.round(oven.celsius) : null,
    fan: oven?.fan ?? false,
    minutes,
    pan,
    ofStages: ownOvens(stages).length,
  };
}

/** As many cups as pieces are made, whatever the tin that is named holds: it is filled twice, or not all of it. */
function withCups(pan: Pan | null, yields: Recipe['yields']): Pan | null {
  const pieces =
    yields && /^(?:pieces|(?:[\p{L}-]+ )*(?:muffins?|cupcakes?|buns?|cakes?|ones))$/iu.test(yields.what);
  const moulds = pan?.shape === 'ramekin' && !SAYS_HOW_MANY.test(pan.words);
  if (pieces && pan?.shape === 'round' && UNNAMED_TIN.test(pan.words) && IN_CUPS.test(yields.what)) {
    const { lengthCm, widthCm } = PANS.rows.muffin;
    return { ...pan, shape: 'muffin', lengthCm, widthCm, count: yields.low };
  }
  if (!pan || !pieces || !(moulds || CUPS.has(pan.shape)) || yields.low !== yields.high) return pan;
  return { ...pan, count: yields.low };
}
/** "12 muffins … cool in the tin": of no size and no other name it is theirs. */
const IN_CUPS = /\b(?:muffins|cupcakes)$/i;
const UNNAMED_TIN =
  /^(?!.*\d ?(?:cm|in|inch|"|lb))(?!.*\b(?:loaf|square|round|cake) (?:tin|pan)).*\b(?:tin|pan)\b/is;
/** "Butter your moulds" says nothing of how many. */
const SAYS_HOW_MANY =
  /\b(?:\d{1,2}|two|three|four|five|six|eight|ten|twelve)\s+(?:[\p{L}-]+\s+){0,3}(?:ramekins?|moulds?|savarins?|pots)\b/iu;
const CUPS: ReadonlySet<string> = new Set(['muffin', 'muffin-mini', 'muffin-jumbo']);

/** What the page's head says of the heat is done where the method bakes; nowhere in it where it doesn't say so. */
function doneIn(actions: readonly Told[], stage: ToldStage): ToldStage {
  const bakes = actions.findLast(({ class: kind }) => kind === 'bake');
  return bakes
    ? { ...stage, step: bakes.step, action: bakes.id }
    : { ...stage, action: `head ${stage.action}` };
}

const known = new WeakMap<Recipe, Process>();

/** Reads a recipe's method, once for each recipe. Pure; never throws; what it can't place it says nothing of. */
export function readProcess(recipe: Recipe, kitchen: Kitchen): Process {
  const there = known.get(recipe) ?? processOf(recipe, kitchen);
  known.set(recipe, there);
  return there;
}

function processOf(recipe: Recipe, kitchen: Kitchen): Process {
  const catalogue = catalogueOf(kitchen);
  const scales = { catalogue, locale: recipe.locale, eggSize: kitchen.eggSize };
  const family = familyOfPage(recipe, catalogue);
  const done = actionsOf(recipe.method);
  const head = actionsOf(ofHead(recipe));
  const announced = stagesOf(head, recipe.title, family.id).map((one) => doneIn(done, one));
  // "OVEN 170 fan" above a list, without a time: it is on before the first step.
  const outset = announced.some(heats) ? undefined : firstOven(head);
  const told = stagesOf(done, recipe.title, family.id, outset);
  const heated = told.some(heats) ? told : [...told, ...announced];
  const pan = withCups(tinOf(sayings(recipe, done), family.id, heated), recipe.yields);
  const all = partedByUse(recipe, family.id, done, told);
  const parts = all.filter(({ lines }) => lines.some(({ kind }) => kind === 'ingredient'));
  const first = mainPart(parts, catalogue);
  const taken = takesOf(
    done,
    calledOf(parts),
    parts,
    first,
    recipe.bindings.takes,
    underLists(recipe),
    scales,
  );
  const kinds = partFamilies(parts, first, recipe, family, catalogue);
  const mixtures = mixturesOf(parts, kinds, recipe.title, done, taken, first);
  const actions = done.map((one, at): Action => {
    const { durations: _, settings: __, ...action } = one;
    const { takes, gives, part } = taken[at]!;
    const ids = mixtures.filter((mixture) => gives.includes(mixture.part)).map(({ id }) => id);
    const makes = mixtures.find((mixture) => mixture.part === part)?.id ?? null;
    return { ...action, takes, mixtures: ids, makes };
  });
  const stages = heated.map((stage): Stage => {
    const mixture = throughIt(stage, actions, mixtures);
    return { ...stage, mixture, pan: IN_A_VESSEL.has(stage.medium) ? pan : null };
  });
  const main = mainStage(stages, recipe.bindings.bake);
  return {
    family,
    actions,
    stages,
    mixtures: flowing(mixtures, actions),
    parts: all,
    main: main && stages.indexOf(main),
    bake: bakeFacts(main, stages, done, head, pan),
    doubts: doubtsOf(recipe, mainPart(recipe.parts, catalogue), family, stages, catalogue),
  };
}
