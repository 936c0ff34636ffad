import fc from 'fast-check';
import type { BakeNotes } from '../../kitchen';
import { learnt as oneLook, medianError } from '../../statistics';
import { runs } from '../../testing';
import {
  learn,
  learntTime,
  NOTHING,
  seenSum,
  sumOf,
  timeSum,
  type Learnt,
  type LoggedBake,
  type Taken,
  type Topic,
} from '.';
import { simulatedKitchen, trueFactor } from './simulated';
import { loggedLoaf as bake } from './testing';

const of = (learnt: readonly Learnt[], topic: Topic): Learnt | undefined =>
  learnt.find((one) => one.topic === topic);
const loaves = (count: number, factor: number, part: Partial<BakeNotes> = {}) =>
  Array.from({ length: count }, (_, at) =>
    bake(`b${at}`, `2027-02-${String(at + 1).padStart(2, '0')}`, { minutes: 50 * factor, ...part }),
  );
const loaf = { oven: 'small', tin: 'loaf', family: 'loaf' as const };
const muffin = { oven: 'small', tin: 'muffin', family: 'muffin' as const };
const spread = () => 1;

describe('a belief of several quantities', () => {
  it('of one is the plain conjugate update', () =>
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: 1, maxLength: 6 }),
        (seen) => {
          const many = seen.reduce((belief, one) => seenSum(belief, [['x', 1]], one, 0.5, spread), NOTHING);
          const one = seen.reduce((belief, look) => oneLook(belief, look, 0.5), { mean: 0, sd: 1 });
          const now = sumOf(many, [['x', 1]], spread);
          expect(now.mean).toBeCloseTo(one.mean, 9);
          expect(now.sd).toBeCloseTo(one.sd, 9);
        },
      ),
      runs(2231),
    ));
  it('shares what was seen of a sum by how little is known of each', () => {
    const after = seenSum(
      NOTHING,
      [
        ['x', 1],
        ['y', 1],
      ],
      3,
      1,
      (name) => (name === 'x' ? 1 : 0.1),
    );
    expect(sumOf(after, [['x', 1]], spread).mean).toBeGreaterThan(50 * sumOf(after, [['y', 1]], spread).mean);
    // 3 × 1 / (1 + 0.01 + 1).
    expect(sumOf(after, [['x', 1]], spread).mean).toBeCloseTo(3 / 2.01, 9);
  });
  it('ends the same in whatever order things were seen', () => {
    const looks = [
      [
        [
          ['x', 1],
          ['y', 1],
        ],
        2,
      ],
      [[['y', 1]], -1],
      [[['x', 2]], 1],
    ] as const;
    const end = (order: readonly number[]) =>
      order.reduce(
        (belief, at) => seenSum(belief, looks[at]![0] as never, looks[at]![1], 0.4, spread),
        NOTHING,
      );
    const [one, other] = [end([0, 1, 2]), end([2, 1, 0])];
    for (const name of ['x', 'y'])
      expect(sumOf(one, [[name, 1]], spread).mean).toBeCloseTo(sumOf(other, [[name, 1]], spread).mean, 9);
  });
});

describe('a kitchen that learns', () => {
  it('believes an oven that takes longer, more with each bake, and muffins in it a part of that', () => {
    const factors = [0, 1, 3, 8].map((count) => learntTime(learn(loaves(count, 1.15)), timeSum(loaf)).factor);
    expect(factors).toEqual([...factors].sort((a, b) => a - b));
    expect(factors[0]).toBe(1);
    expect(factors[3]).toBeGreaterThan(1.13);
    const others = learntTime(learn(loaves(8, 1.15)), timeSum(muffin)).factor;
    expect(others).toBeGreaterThan(1.03);
    expect(others).toBeLessThan(factors[3]!);
  });
  it('goes on from what a docket had learnt already, not once more from the beginning', () => {
    const learned = loaves(4, 1.1).map((one) => ({
      ...one,
      learntFactor: 1.1,
      notes: { ...one.notes, minutes: 55 },
      foretold: { ...one.foretold, minutes: { low: 50, central: 55, high: 60 } },
    }));
    expect(learntTime(learn(learned), timeSum(loaf)).factor).toBeCloseTo(
      learntTime(learn(loaves(4, 1.1)), timeSum(loaf)).factor,
      9,
    );
  });
  it.each<[what: string, part: Partial<BakeNotes>, more: Partial<LoggedBake>, why: RegExp]>([
    ['with the dial elsewhere', { ovenCelsius: 200 }, {}, /dial/],
    ['that was raw', { seen: [{ symptom: 'raw', degree: 1 }] }, {}, /wasn’t done/],
    ['that stayed in too long', { seen: [{ symptom: 'dry', degree: 1 }] }, {}, /too long/],
    ['of ten times the minutes', { minutes: 500 }, {}, /can’t be meant/],
    ['as the page has it', { asWritten: true }, {}, /as the page/],
    ['from another kitchen', {}, { imported: true }, /another kitchen/],
  ])('learns no time from a bake %s', (_, part, more, why) => {
    const { learnt } = learn([bake('a', '2027-03-01', { minutes: 60, ...part }, more)]);
    expect(of(learnt, 'time')).toMatchObject({ taught: [], moved: false });
    expect(of(learnt, 'time')!.refused[0]!.why).toMatch(why);
  });
  it('asks where a bake is further off than any should be, and learns it once somebody says so', () => {
    const odd = [...loaves(5, 1.02), bake('odd', '2027-04-01', { minutes: 80 })];
    const time = (taken?: Taken) => of(learn(odd, taken).learnt, 'time')!;
    expect(time().refused).toMatchObject([{ bake: 'odd', ask: true }]);
    const anyway = time({ forgotten: [], trusted: ['odd'], since: {} });
    expect(anyway.refused).toEqual([]);
    expect(anyway.posterior.middle).toBeGreaterThan(time().posterior.middle);
  });
  it('forgets one bake as if it had never been, and all of a topic on request', () => {
    const bakes = loaves(5, 1.1);
    const without = learn(bakes, { forgotten: ['b2'], trusted: [], since: {} });
    expect(of(without.learnt, 'time')!.posterior).toEqual(
      of(learn(bakes.filter(({ id }) => id !== 'b2')).learnt, 'time')!.posterior,
    );
    const reset = of(
      learn(bakes, { forgotten: [], trusted: [], since: { 'time/small': '2027-12-01' } }).learnt,
      'time',
    )!;
    expect(reset.taught).toEqual([]);
    expect(reset.posterior.middle).toBeCloseTo(1, 12);
  });
  it('notices that the series is another: the oven was replaced', () => {
    const changed = [
      ...loaves(8, 1),
      ...loaves(4, 1.4).map((one, at) => ({
        ...one,
        id: `n${at}`,
        notes: { ...one.notes, bakedOn: `2027-05-0${at + 1}` },
      })),
    ];
    expect(of(learn(changed).learnt, 'time')!.breakAt).toMatchObject({ on: '2027-05-02' });
    expect(of(learn(loaves(12, 1)).learnt, 'time')!.breakAt).toBeNull();
  });
  it('learns no thirst before the rest, and after it shares it among the flours by how little is known of each', () => {
    const flours = [
      { ingredient: 'sorghum-flour', name: 'sorghum', share: 0.5, sd: 0.15 },
      { ingredient: 'potato-starch', name: 'potato starch', share: 0.5, sd: 0.05 },
    ];
    const judged = (batter: BakeNotes['batter']) =>
      learn([bake('a', '2027-03-01', { batter }, { flours })]).learnt.filter(
        ({ topic }) => topic === 'thirst',
      );
    expect(judged({ mixed: 'too thick', rested: null, spoonfuls: 2 })[0]!.refused[0]!.why).toMatch(
      /before its rest/,
    );
    const [sorghum, potato] = judged({ mixed: null, rested: 'too thick', spoonfuls: 2 });
    // By share times the square of what isn't known: nine to one.
    expect(Math.log(sorghum!.posterior.middle) / Math.log(potato!.posterior.middle)).toBeCloseTo(9, 6);
  });
  it('takes a dose down where a crumb was rubbery, and leaves it where the liquid was off', () => {
    const tough = {
      looks: [{ when: 'cooled' as const, marks: { overall: 4 } }],
      seen: [{ symptom: 'tough' as const, degree: 1 }],
    };
    const dose = (part: Partial<BakeNotes>) =>
      of(learn([bake('a', '2027-03-01', { ...tough, ...part })]).learnt, 'dose')!;
    expect(dose({}).posterior.middle).toBeLessThan(1);
    expect(dose({ batter: { mixed: 'too thin', rested: null, spoonfuls: null } }).taught).toEqual([]);
  });
});

describe('two hundred simulated kitchens', () => {
  const KITCHENS = 200;
  const errorsAfter = (bakes: number) => {
    const errors = Array.from({ length: KITCHENS }, (_, seed) => {
      const kitchen = simulatedKitchen(10_000 + seed);
      const seen = Array.from({ length: bakes }, () => kitchen.bake('loaf', 'loaf'));
      const trusted = seen.map(({ id }) => id);
      const { factor } = learntTime(
        learn(seen, { forgotten: [], trusted, since: {} }),
        timeSum(seen[0] ?? { oven: 'simulated', tin: 'loaf', family: 'loaf' }),
      );
      return Math.abs(factor / trueFactor(kitchen.temper, 'loaf', 'loaf') - 1);
    }).sort((a, b) => a - b);
    return errors[KITCHENS / 2]!;
  };
  it('are foretold twice as well after five bakes, and hardly worse than by the best learner there can be', () => {
    const [none, one, five] = [errorsAfter(0), errorsAfter(1), errorsAfter(5)];
    expect(five).toBeLessThan(none / 2);
    const kitchens = { sd: Math.hypot(0.13, 0.075, 0.09), seenSd: 0.08 };
    // Two hundred kitchens: a median's own chance is about a tenth.
    expect(one / medianError.relative(kitchens, 1)).toBeLessThan(1.2);
    expect(five / medianError.relative(kitchens, 5)).toBeLessThan(1.25);
  });
});
