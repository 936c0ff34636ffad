import { standsFree } from '../kitchen';
import type { Blend } from '../blend';
import { getIngredient, isThirstGuessed } from '../catalogue';
import { familyOf } from '../family';
import { fillWords } from '../heat';
import type { Confidence, FamilyId, Role } from '../vocabulary';
import type { Work } from './plan';
import type { DocketBake } from './types';

/** What a warning about the whole recipe may look at. */
export interface Whole {
  readonly work: Work;
  readonly family: FamilyId;
  readonly blend: Blend;
  readonly bake: DocketBake;
}

/** What somebody should know of the recipe as a whole before they bake. Those of a part stand in `balance/rules/warnings`. */
export interface WholeWarningRule {
  readonly id: string;
  readonly reason: string;
  readonly source: string;
  readonly confidence: Confidence;
  readonly warn: (whole: Whole) => readonly string[];
}

const SURE = 0.6;

const familyUnsure: WholeWarningRule = {
  id: 'family-unsure',
  reason: 'Bands, blend and bake all follow the family: a wrong one is computed precisely.',
  source: 'how the page is read',
  confidence: 'derived',
  warn({ work: { recipe, request }, family }) {
    const { confidence } = recipe.family;
    if (request.family !== null || confidence >= SURE) return [];
    return [
      `It may not be a ${familyOf(family).name}: the guess is ${Math.round(confidence * 100)} % sure. Say what it is.`,
    ];
  },
};

const wishesLetGo: WholeWarningRule = {
  id: 'wishes-let-go',
  reason: 'A wish that no blend can keep is let go, never silently.',
  source: 'interval arithmetic over the flours that are left',
  confidence: 'derived',
  warn: ({ blend }) => blend.relaxed,
};

const nothingAnchors: WholeWarningRule = {
  id: 'nothing-anchors',
  reason: 'Without a stated or timed bake the minutes are physics alone, with all its doubt.',
  source: 'check of the simulation on bakes of common practice',
  confidence: 'derived',
  warn({ bake }) {
    if (bake.ovenCelsius === null || bake.anchor !== null) return [];
    return [
      'The recipe states no bake time, so nothing anchors the simulation: trust the doneness signs before the clock.',
    ];
  },
};

/** A stated time beyond these times the simulated one is more likely another pan than another oven. */
const [LEAST_ANCHOR, MOST_ANCHOR] = [0.5, 2];

const anchorFar: WholeWarningRule = {
  id: 'anchor-far',
  reason: 'A stated time that is far from the simulated one tells of a pan or an oven that was misread.',
  source: 'check of the simulation on bakes of common practice',
  confidence: 'derived',
  warn({ bake: { anchor, pan } }) {
    if (anchor === null || pan === null || standsFree(pan)) return [];
    if (anchor >= LEAST_ANCHOR && anchor <= MOST_ANCHOR) return [];
    return [
      `The stated time is ${anchor.toFixed(1)} times the simulated one: look again at pan, oven and time.`,
    ];
  },
};

const tinTooFull: WholeWarningRule = {
  id: 'tin-too-full',
  reason: 'What rises above the rim runs over, and bakes longer than it is said to.',
  source: 'common practice',
  confidence: 'common-practice',
  warn({ bake, family }) {
    const over = fillWords(bake.pan, bake.depthCm, familyOf(family).rise);
    return over === null ? [] : [over];
  },
};

/** What the balances are made of. */
const BUILDS: ReadonlySet<Role> = new Set(['wheat-flour', 'liquid', 'egg']);

const lineUnweighed: WholeWarningRule = {
  id: 'line-unweighed',
  reason: 'A flour, liquid or egg without a weight is missing from every balance.',
  source: 'what the balances are made of',
  confidence: 'derived',
  warn: ({ work }) =>
    work.recipe.parts
      .flatMap(({ lines }) => lines)
      .filter(
        ({ items, aside }) =>
          !aside &&
          items.some(({ ingredient, grams, role }) => ingredient !== null && !grams && BUILDS.has(role)),
      )
      .map(({ source }) => `“${source.trim()}” has no weight and is not in the balances.`),
};

const thirstGuessed: WholeWarningRule = {
  id: 'thirst-guessed',
  reason: 'The liquid follows what the flours drink: a guess there is a guess in every gram of it.',
  source: 'what the household’s own flours leave open',
  confidence: 'derived',
  warn({ work: { parts, catalogue }, blend }) {
    const ids = [
      ...blend.shares.map(({ ingredient }) => ingredient),
      ...parts.flatMap(({ lines }) => lines.map(({ ingredient }) => ingredient)),
    ];
    const guessed = [...new Set(ids)].map((id) => getIngredient(catalogue, id)).filter(isThirstGuessed);
    return guessed.map(
      ({ name }) =>
        `How much water ${name} takes isn’t known: it is counted as between rice and oat. Hold some liquid back, and judge it after the rest.`,
    );
  },
};

/** In the order in which they are said. */
export const WHOLE_WARNINGS: readonly WholeWarningRule[] = [
  familyUnsure,
  wishesLetGo,
  nothingAnchors,
  anchorFar,
  tinTooFull,
  lineUnweighed,
  thirstGuessed,
];
