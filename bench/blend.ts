import loadHighs from 'highs';
import {
  designBlend,
  FLOUR_IDS,
  propertiesOf,
  SCALE_OF,
  solveBlend,
  traitsOf,
  type BlendQuestion,
  type Property,
} from '@omniarton/core/blend';
import {
  BUILT_IN_KITCHEN,
  catalogueOf,
  EMPTY_REQUEST,
  NO_WISHES,
  type BlendWishes,
  type Kitchen,
} from '@omniarton/core/kitchen';
import { toEnd } from '@omniarton/core/quantity';
import { FAMILIES } from '@omniarton/core/vocabulary';
import { figureOf, measure, type Figure } from './measure';

export const FLOURS = FLOUR_IDS.length;
const catalogue = catalogueOf(BUILT_IN_KITCHEN);

/** A cupboard with every flour, starch and meal that can be blended. */
export const FULL: Kitchen = {
  ...BUILT_IN_KITCHEN,
  version: 'full',
  cupboard: FLOUR_IDS.map((ingredient) => ({ ingredient, grams: 1000, pricePerKilo: null })),
};
const WHEAT = { grams: 250, thirst: 187.5 };

const design = (family: (typeof FAMILIES)[number], wishes: Partial<BlendWishes> = {}) =>
  toEnd(
    designBlend(family, 'grain-blend', { ...EMPTY_REQUEST, blend: { ...NO_WISHES, ...wishes } }, FULL, WHEAT),
  );

export interface BlendFigures {
  /** A creamed cake's five best blends over all flours; and every family in turn. */
  readonly cake: Figure;
  readonly families: Figure;
  readonly five: Figure;
  readonly infeasible: Figure;
  /** The largest gap to an exhaustive search over small questions, as a share. */
  readonly gap: number;
  /** HiGHS on the same question with absolute deviations, s; null where it hit its limit. */
  readonly highs: { readonly seconds: number; readonly status: string };
}

const SMALL_CASES = 20;
const SMALL_FLOURS = 7;

const questionOf = (flours: readonly string[], wanted: string): BlendQuestion => ({
  flours,
  target: propertiesOf(wanted, catalogue),
  caps: Object.fromEntries(flours.map((id) => [id, Math.max(0.3, traitsOf(id, catalogue).cap)])),
  groups: [
    {
      name: 'starches' as const,
      members: flours.filter((id) => traitsOf(id, catalogue).pureStarch),
      most: 0.5,
    },
  ].filter(({ members }) => members.length > 0),
  pins: {},
  floors: {},
  bought: [],
  mostBought: 0,
  prices: null,
  most: 4,
  leastShare: 0.05,
  ridge: 0.09,
  answers: 1,
});

/** The least of all sets of at most four, each solved by itself with all of its flours in it. */
function leastByExhaustion(question: BlendQuestion): number {
  const { flours, most, leastShare } = question;
  const values = Array.from({ length: 2 ** flours.length - 1 }, (_, bits) =>
    flours.filter((_id, i) => (bits + 1) & (1 << i)),
  )
    .filter(({ length }) => length <= most)
    .flatMap((set) => {
      const floors = Object.fromEntries(set.map((id) => [id, leastShare]));
      const groups = question.groups.map((group) => ({
        ...group,
        members: group.members.filter((id) => set.includes(id)),
      }));
      return toEnd(solveBlend({ ...question, flours: set, floors, groups, most: set.length }, catalogue)).map(
        ({ value }) => value,
      );
    });
  return Math.min(...values);
}

/** The largest gap of the search to an exhaustive one over small questions, as a share. */
function largestGap(): number {
  const gaps = Array.from({ length: SMALL_CASES }, (_, at) => {
    const flours = FLOUR_IDS.filter((_id, k) => (k + at * 3) % 9 === 0).slice(0, SMALL_FLOURS);
    const question = questionOf(flours, FLOUR_IDS[(at * 5) % FLOUR_IDS.length]!);
    const [best] = toEnd(solveBlend(question, catalogue));
    const least = leastByExhaustion(question);
    if (!best) return least === Infinity ? 0 : Infinity;
    return Math.abs(best.value - least) / Math.max(least, 1e-9);
  });
  return Math.max(...gaps);
}

const HIGHS_SECONDS = 10;

/** The same question with absolute deviations, as a mixed-integer program in HiGHS: for information. */
async function byHighs(): Promise<BlendFigures['highs']> {
  const answer = design('creamed-cake');
  if (answer.kind !== 'blends') throw new Error(JSON.stringify(answer.reasons));
  const properties = Object.keys(SCALE_OF) as Property[];
  const usable = FLOUR_IDS.filter((id) => traitsOf(id, catalogue).cap > 0);
  const sum = (terms: readonly (readonly [number, string])[]) =>
    terms.map(([by, name]) => `${by < 0 ? '-' : '+'} ${Math.abs(by)} ${name}`).join(' ');
  const deviation = (property: Property) =>
    usable.map((id, i) => [propertiesOf(id, catalogue)[property] / SCALE_OF[property], `x${i}`] as const);
  const program = [
    'Minimize',
    ` cost: ${sum(properties.map((_, p) => [1, `e${p}`] as const))}`,
    'Subject To',
    ` whole: ${sum(usable.map((_, i) => [1, `x${i}`] as const))} = 1`,
    ` few: ${sum(usable.map((_, i) => [1, `z${i}`] as const))} <= 4`,
    ...properties.flatMap((property, p) => {
      const to = answer.target[property] / SCALE_OF[property];
      return [
        ` a${p}: ${sum([...deviation(property), [-1, `e${p}`]])} <= ${to}`,
        ` b${p}: ${sum([...deviation(property), [1, `e${p}`]])} >= ${to}`,
      ];
    }),
    ...usable.flatMap((id, i) => [
      ` c${i}: x${i} - ${traitsOf(id, catalogue).cap} z${i} <= 0`,
      ` l${i}: x${i} - 0.05 z${i} >= 0`,
    ]),
    'Binary',
    ` ${usable.map((_, i) => `z${i}`).join(' ')}`,
    'End',
  ].join('\n');
  const highs = await loadHighs();
  const began = performance.now();
  const { Status } = highs.solve(program, { time_limit: HIGHS_SECONDS });
  return { seconds: (performance.now() - began) / 1000, status: Status };
}

/** What the blend solver takes over all flours, how exact it is, and a general solver beside it. */
export async function blendFigures(): Promise<BlendFigures> {
  const times: number[] = [];
  for (let turn = 0; turn < 6; turn += 1)
    for (const family of FAMILIES) {
      const began = performance.now();
      design(family);
      if (turn > 0) times.push(performance.now() - began);
    }
  return {
    cake: measure(() => design('creamed-cake')),
    families: figureOf(times),
    five: measure(() => design('creamed-cake', { most: 5 }), { warmUps: 1, runs: 5 }),
    infeasible: measure(() => design('creamed-cake', { most: 2, useUp: 'teff-flour' })),
    gap: largestGap(),
    highs: await byHighs(),
  };
}
