import fc from 'fast-check';
import { runs } from '../testing';
import { solveQP } from 'quadprog';
import {
  BUILT_IN_KITCHEN,
  catalogueOf,
  EMPTY_REQUEST,
  NO_WISHES,
  type ConversionRequest,
  type Kitchen,
} from '../kitchen';
import { toEnd } from '../quantity';
import type { FamilyId } from '../vocabulary';
import { boundedOptimum } from './bounded';
import { lifted } from './boundTerms';
import { mix, propertiesOf } from './properties';
import { deviationsOf, type BlendQuestion } from './question';
import { inSharperOrder, sharpener } from './sharper';
import { leastBounds, type Sets } from './subsets';
import { allowedFlours, FLOUR_IDS, designBlend, routeFor, solveBlend, traitsOf, type BlendOutcome } from '.';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);
const SMALL = [
  'white-rice-flour',
  'sweet-rice-flour',
  'sorghum-flour',
  'tapioca-starch',
  'potato-starch',
  'almond-flour',
];

const question = (over: Partial<BlendQuestion> = {}): BlendQuestion => {
  const flours = over.flours ?? SMALL;
  return {
    flours,
    caps: Object.fromEntries(flours.map((id) => [id, traitsOf(id, catalogue).cap])),
    pins: {},
    floors: {},
    bought: [],
    mostBought: 0,
    prices: null,
    target: mix(
      { 'white-rice-flour': 40, 'sorghum-flour': 15, 'potato-starch': 25, 'tapioca-starch': 20 },
      catalogue,
    ),
    groups: [],
    most: 4,
    leastShare: 0.05,
    ridge: 0.09,
    answers: 1,
    ...over,
  };
};

/** Sets of at most K flours, none of which must be bought. */
const sets = (most: number, held: readonly number[] = []): Sets => ({
  most,
  held,
  bought: new Uint8Array(SMALL.length),
  mostBought: 0,
});

function subsetsOf(count: number, most: number): number[][] {
  const all: number[][] = [];
  for (let bits = 1; bits < 2 ** count; bits += 1) {
    const members = Array.from({ length: count }, (_, i) => i).filter((i) => bits & (1 << i));
    if (members.length <= most) all.push(members);
  }
  return all;
}

/** xᵀGx with Σx = 1 alone, by the library's quadratic program (Goldfarb & Idnani 1983). */
function affineByLibrary(members: readonly number[], gram: readonly Float64Array[]): number {
  const n = members.length;
  const matrix = [[], ...members.map((i) => [0, ...members.map((j) => 2 * gram[i]![j]!)])];
  const ones = [[], ...members.map(() => [0, 1])];
  return solveQP(matrix as number[][], new Array<number>(n + 1).fill(0), ones as number[][], [0, 1], 1)
    .value[1]!;
}

describe('the enumeration', () => {
  const asked = question();
  const deviations = deviationsOf(asked, catalogue);
  const plain = { gram: deviations.gram, offset: 0 };
  const { candidates: found, beyond } = toEnd(leastBounds(1000, sets(4), plain));

  it('visits every set of one to four flours once', () => {
    expect(beyond).toBe(Infinity);
    expect(found).toHaveLength(subsetsOf(SMALL.length, 4).length);
    expect(new Set(found.map(({ members }) => members.join())).size).toBe(found.length);
  });
  it('has for each set the affine optimum of a library’s quadratic program', () => {
    for (const { members, bound } of found) {
      const theirs = affineByLibrary(members, deviations.gram);
      expect(Math.abs(bound - theirs)).toBeLessThanOrEqual(1e-6 * Math.max(1, theirs));
    }
  });
  it('keeps the least of them, and only sets that hold what is held', () => {
    const few = toEnd(leastBounds(7, sets(4), plain));
    const least = found
      .map(({ bound }) => bound)
      .sort((a, b) => a - b)
      .slice(0, 7);
    expect(few.beyond).toBeGreaterThanOrEqual(least.at(-1)!);
    expect(few.beyond).toBeLessThan(Infinity);
    expect(few.candidates.map(({ bound }) => bound).sort((a, b) => a - b)).toEqual(least);
    const with2 = toEnd(leastBounds(1000, sets(4, [2]), plain)).candidates;
    expect(with2).toHaveLength(found.filter(({ members }) => members.includes(2)).length);
  });
  it('sharpens a bound by a limit, never above what the limits allow, and gives the sharper ones in order', () => {
    const terms = lifted(asked, deviations);
    const { candidates } = toEnd(leastBounds(1000, sets(4), terms));
    const sharpen = sharpener(asked, terms);
    let risen = 0;
    for (const one of candidates) {
      const sharp = sharpen(one);
      const best = boundedOptimum(one.members, asked, deviations);
      expect(sharp).toBeGreaterThanOrEqual(one.bound);
      if (best) expect(best.value).toBeGreaterThanOrEqual(sharp - 1e-9);
      if (sharp > one.bound + 1e-6) risen += 1;
    }
    expect(risen).toBeGreaterThan(candidates.length / 4);
    const ordered = [...inSharperOrder(candidates, sharpen)].map(({ bound }) => bound);
    expect(ordered).toHaveLength(candidates.length);
    expect(ordered).toEqual([...ordered].sort((a, b) => a - b));
  });
  it('never bounds a set above what its limits allow', () => {
    for (const { members, bound } of found) {
      const best = boundedOptimum(members, asked, deviations);
      if (best) expect(best.value).toBeGreaterThanOrEqual(bound - 1e-9);
    }
  });
  it('gives the best of all sets solved one by one', () => {
    const [best] = toEnd(solveBlend(asked, catalogue));
    const all = subsetsOf(SMALL.length, 4).flatMap(
      (members) => boundedOptimum(members, asked, deviations) ?? [],
    );
    expect(best!.value).toBeCloseTo(Math.min(...all.map(({ value }) => value)), 9);
  });
});

describe('shares', () => {
  it('sum to one and keep to their bounds, whatever is wanted', () =>
    fc.assert(
      fc.property(
        fc.subarray([...FLOUR_IDS], { minLength: 3, maxLength: 7 }),
        fc.constantFrom(...FLOUR_IDS),
        (flours, wanted) => {
          const asked = question({
            flours: [...flours].sort(),
            target: propertiesOf(wanted, catalogue),
            answers: 2,
          });
          for (const { flours: used, shares } of toEnd(solveBlend(asked, catalogue))) {
            expect(shares.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
            used.forEach((id, at) => {
              expect(shares[at]!).toBeLessThanOrEqual(asked.caps[id]! + 1e-9);
              if (used.length > 1) expect(shares[at]!).toBeGreaterThanOrEqual(0.05 - 1e-9);
            });
          }
        },
      ),
      runs(5),
    ));
  it('don’t hang on the order in which the flours are named', () => {
    const [a] = toEnd(solveBlend(question(), catalogue));
    const [b] = toEnd(solveBlend(question({ flours: [...SMALL].reverse() }), catalogue));
    const byName = ({ flours, shares }: typeof a & object) =>
      Object.fromEntries(flours.map((id, at) => [id, shares[at]!.toFixed(9)]));
    expect(byName(a!)).toEqual(byName(b!));
  });
  it('stay where a person holds them', () => {
    const [best] = toEnd(solveBlend(question({ pins: { 'sorghum-flour': 0.3 } }), catalogue));
    expect(best!.shares[best!.flours.indexOf('sorghum-flour')]).toBe(0.3);
  });
});

const design = (
  family: FamilyId,
  request: Partial<ConversionRequest> = {},
  kitchen: Kitchen = BUILT_IN_KITCHEN,
): BlendOutcome => {
  const asked = { ...EMPTY_REQUEST, ...request };
  return toEnd(designBlend(family, routeFor(asked, family, catalogue), asked, kitchen));
};
function sharesOf(outcome: BlendOutcome, at = 0): Record<string, number> {
  if (outcome.kind !== 'blends') throw new Error(JSON.stringify(outcome.reasons));
  return Object.fromEntries(
    outcome.blends[at]!.shares.map(({ ingredient, share }) => [ingredient, Math.round(100 * share)]),
  );
}
const cupboard = (...flours: string[]): Kitchen => ({
  ...BUILT_IN_KITCHEN,
  version: flours.join(),
  cupboard: flours.map((ingredient) => ({ ingredient, grams: 1000, pricePerKilo: null })),
});
const sum = (shares: Record<string, number>, ...ids: string[]) =>
  ids.reduce((total, id) => total + (shares[id] ?? 0), 0);
const within = (value: number, low: number, high: number, points = 10) => {
  expect(value).toBeGreaterThanOrEqual(low - points);
  expect(value).toBeLessThanOrEqual(high + points);
};
/** From the cupboard alone. */
const ONLY_HERE = { blend: { ...NO_WISHES, buy: 0 } };
const RICES = ['white-rice-flour', 'brown-rice-flour'];

describe('what an expert would mix', () => {
  // Common practice, within ten points of a hundred.
  it('for a chewy cookie', () => {
    const shares = sharesOf(design('drop-cookie'));
    within(sum(shares, ...RICES), 30, 40);
    within(sum(shares, 'sweet-rice-flour'), 20, 25);
    within(sum(shares, 'oat-flour', 'sorghum-flour', 'millet-flour'), 15, 25);
    within(sum(shares, 'tapioca-starch', 'arrowroot'), 20, 20);
  });
  it('for a layer cake', () => {
    const shares = sharesOf(design('creamed-cake'));
    within(sum(shares, ...RICES), 35, 45);
    within(sum(shares, 'sorghum-flour', 'millet-flour'), 15, 15);
    within(sum(shares, 'potato-starch'), 25, 25);
    within(sum(shares, 'tapioca-starch', 'arrowroot'), 15, 15);
  });
  it('for a pie crust', () => {
    const shares = sharesOf(design('pastry'));
    within(sum(shares, ...RICES), 35, 50);
    within(sum(shares, 'sweet-rice-flour'), 15, 20);
    within(sum(shares, 'tapioca-starch'), 20, 25);
    within(sum(shares, 'corn-starch', 'potato-starch'), 10, 15);
  });
  it('for a layer cake from a small cupboard', () => {
    const shares = sharesOf(
      design('creamed-cake', ONLY_HERE, cupboard('white-rice-flour', 'potato-starch', 'tapioca-starch')),
    );
    // The family's reference has 45 % starch, the small cupboard of common practice 35: a point more of room.
    within(shares['white-rice-flour']!, 65, 65, 11);
    within(sum(shares, 'potato-starch', 'tapioca-starch'), 35, 35, 11);
  });
  it('for a cookie from rice and tapioca alone', () => {
    const shares = sharesOf(design('drop-cookie', ONLY_HERE, cupboard('white-rice-flour', 'tapioca-starch')));
    within(shares['white-rice-flour']!, 65, 70);
    within(shares['tapioca-starch']!, 30, 35);
  });
  it.each(['drop-cookie', 'creamed-cake', 'muffin', 'brownie', 'pastry'] as const)(
    'for a %s never has a bean flour in it',
    (family) => {
      const outcome = design(family);
      if (outcome.kind !== 'blends') throw new Error('no blend');
      for (const { shares } of outcome.blends)
        expect(shares.filter((one) => one.class === 'legume')).toEqual([]);
    },
  );
  it('for a grain-free cake is led by almond', () => {
    const shares = sharesOf(design('creamed-cake', { diet: 'grain-free' }));
    within(shares['almond-flour']!, 70, 75);
    within(sum(shares, 'tapioca-starch', 'arrowroot'), 20, 25);
    expect(sum(shares, 'coconut-flour')).toBeLessThanOrEqual(8);
  });
  it('for a grain-free bake without nuts is led by cassava', () => {
    const shares = sharesOf(design('muffin', { diet: 'grain-free', without: ['tree nuts'] }));
    within(shares['cassava-flour']!, 55, 65);
    expect(shares['almond-flour']).toBeUndefined();
  });
});

describe('what may not be in it', () => {
  it('is not in it', () => {
    const rices = ['white-rice-flour', 'brown-rice-flour', 'sweet-rice-flour'];
    expect(sum(sharesOf(design('creamed-cake', { withoutFlours: rices })), ...rices)).toBe(0);
    const outcome = design('pastry', { without: ['corn'] });
    if (outcome.kind !== 'blends') throw new Error('no blend');
    for (const { shares } of outcome.blends)
      expect(shares.some(({ ingredient }) => ingredient.startsWith('corn'))).toBe(false);
  });
  it('never is for any avoidance', () =>
    fc.assert(
      fc.property(
        fc.subarray(['tree nuts', 'corn', 'soybeans', 'sesame', 'coconut', 'lupin', 'peanuts'] as const),
        fc.constantFrom('gluten-free', 'grain-free'),
        (without, diet) => {
          const request = { ...EMPTY_REQUEST, without, diet } as ConversionRequest;
          for (const id of allowedFlours(
            routeFor(request, 'creamed-cake', catalogue),
            'creamed-cake',
            request,
            BUILT_IN_KITCHEN,
          )) {
            const { allergens, grain, gluten } = catalogue.byId.get(id)!;
            expect(allergens.filter((one) => without.some((avoided) => avoided === one))).toEqual([]);
            expect(gluten).not.toBe('contains');
            if (diet === 'grain-free') expect(['grain', 'pseudocereal']).not.toContain(grain);
          }
        },
      ),
      runs(5),
    ));
  it('says when the cupboard’s one bag must do more than it can', () => {
    const outcome = design('creamed-cake', ONLY_HERE, cupboard('white-rice-flour'));
    if (outcome.kind !== 'blends') throw new Error('no blend');
    expect(sharesOf(outcome)).toEqual({ 'white-rice-flour': 100 });
    expect(outcome.blends[0]!.relaxed[0]!.code).toBe('few-flours-gave');
  });
});

describe('five blends', () => {
  it('differ by a fifth of the jar, the best first', () => {
    const outcome = design('creamed-cake');
    if (outcome.kind !== 'blends') throw new Error('no blend');
    expect(outcome.blends).toHaveLength(5);
    const [a, b, c] = [0, 1, 2].map((at) => sharesOf(outcome, at));
    const apart = (x: Record<string, number>, y: Record<string, number>) =>
      [...new Set([...Object.keys(x), ...Object.keys(y)])].reduce(
        (d, id) => d + Math.abs((x[id] ?? 0) - (y[id] ?? 0)),
        0,
      ) / 2;
    for (const [x, y] of [
      [a, b],
      [a, c],
      [b, c],
    ] as const)
      expect(apart(x!, y!)).toBeGreaterThanOrEqual(18);
  });
  it('are in whole percents that sum to a hundred', () => {
    const outcome = design('muffin');
    if (outcome.kind !== 'blends') throw new Error('no blend');
    for (const { shares } of outcome.blends)
      expect(shares.reduce((total, { share }) => total + Math.round(share * 100), 0)).toBe(100);
  });
});

describe('shares held by hand', () => {
  it('hold, and the others fill the rest', () => {
    const shares = sharesOf(
      design('creamed-cake', { pins: [{ ingredient: 'sorghum-flour', share: 0.35, held: true }] }),
    );
    expect(shares['sorghum-flour']).toBe(35);
    expect(Object.values(shares).reduce((a, b) => a + b)).toBe(100);
  });
  it('may be the whole blend', () => {
    const pins = [
      { ingredient: 'teff-flour', share: 0.6, held: true },
      { ingredient: 'tapioca-starch', share: 0.4, held: true },
    ];
    expect(sharesOf(design('creamed-cake', { pins }))).toEqual({ 'teff-flour': 60, 'tapioca-starch': 40 });
  });
  it('name what clashes', () => {
    expect(
      design('muffin', {
        pins: [{ ingredient: 'almond-flour', share: 0.2, held: true }],
        without: ['tree nuts'],
      }),
    ).toMatchObject({
      kind: 'infeasible',
      reasons: [
        {
          code: 'held-but-out',
          values: {
            name: expect.stringMatching(/almond/) as string,
            why: { code: 'avoided', values: { what: 'tree nuts' } },
          },
        },
      ],
    });
    const over = [
      { ingredient: 'white-rice-flour', share: 0.7, held: true },
      { ingredient: 'sorghum-flour', share: 0.5, held: true },
    ];
    expect(design('muffin', { pins: over })).toMatchObject({
      kind: 'infeasible',
      reasons: [{ code: 'held-over-whole', values: { percent: 120 } }],
    });
  });
});
