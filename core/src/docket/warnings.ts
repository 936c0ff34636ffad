import { standsFree } from '../kitchen';
import type { Blend } from '../blend';
import { getIngredient, isThirstGuessed } from '../catalogue';
import { familyOf } from '../family';
import { overfilled } from '../heat';
import { shows } from '../process';
import { settle } from '../quantity';
import { wholeMethod } from '../read';
import type { Confidence, FamilyId, Role } from '../vocabulary';
import type { Said } from '../words';
import { tellsInItsOwnLanguage } from './ownLanguage';
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
  readonly warn: (whole: Whole) => readonly Said[];
}

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
  warn({ bake, work }) {
    if (bake.ovenCelsius === null || bake.anchor !== null || work.request.timed) return [];
    return [{ code: 'no-time', values: {} }];
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
    return [{ code: 'anchor-far', values: { times: settle(anchor) } }];
  },
};

const tinTooFull: WholeWarningRule = {
  id: 'tin-too-full',
  reason: 'What rises above the rim runs over, and bakes longer than it is said to.',
  source: 'common practice',
  confidence: 'common-practice',
  warn({ bake, family }) {
    const { rubbedIn, rise } = familyOf(family);
    // What is rolled or pressed is laid in by hand.
    const over = rubbedIn ? null : overfilled(bake.pan, bake.depthCm, rise);
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
          items.some(
            ({ ingredient, grams, role, alternative, aside: beside }) =>
              ingredient !== null && !grams && !alternative && !beside && BUILDS.has(role),
          ),
      )
      .map(({ source }) => ({ code: 'line-unweighed', values: { line: source.trim() } })),
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
    return guessed.map(({ name }) => ({ code: 'thirst-guessed', values: { name } }));
  },
};

const laminated: WholeWarningRule = {
  id: 'laminated',
  reason:
    'Layers of dough and butter stand on gluten that stretches; without it they tear, and the butter runs out.',
  source: 'common practice',
  confidence: 'common-practice',
  warn: ({ work: { recipe }, blend }) =>
    blend.shares.length > 0 && shows('folds butter in', wholeMethod(recipe.method))
      ? [{ code: 'laminated', values: {} }]
      : [],
};

const inItsLanguage: WholeWarningRule = {
  id: 'in-its-language',
  reason: 'A food that a step names in another language is heard by nobody here: whoever bakes has to know.',
  source: 'what the method’s words are read by',
  confidence: 'derived',
  warn: ({ work: { recipe } }) =>
    tellsInItsOwnLanguage(recipe) ? [{ code: 'in-its-language', values: {} }] : [],
};

/** In the order in which they are said. */
export const WHOLE_WARNINGS: readonly WholeWarningRule[] = [
  wishesLetGo,
  nothingAnchors,
  anchorFar,
  tinTooFull,
  lineUnweighed,
  laminated,
  inItsLanguage,
  thirstGuessed,
];
