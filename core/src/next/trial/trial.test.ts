import { docketOf } from '../../testingDockets';
import { blendOfRun, planTrial, trialResult, type FlourShare, type TrialMarks } from '.';

const THREE: readonly FlourShare[] = [
  { ingredient: 'rice', share: 0.4 },
  { ingredient: 'sorghum', share: 0.25 },
  { ingredient: 'tapioca', share: 0.15 },
];
const FOUR = [...THREE, { ingredient: 'potato', share: 0.2 }];
const sum = (shares: readonly number[]) => shares.reduce((all, one) => all + one, 0);

describe('a designed trial', () => {
  it.each([
    [THREE, 4],
    [THREE, 7],
    [THREE, 8],
    [FOUR, 5],
    [FOUR, 8],
  ])(
    'of %j in %d bakes stays within its limits, has what is baked now among it, and names each once',
    (flours, bakes) => {
      const { runs, lower, upper } = planTrial(flours, [], bakes, 'overall', 7);
      expect(runs).toHaveLength(bakes);
      expect(new Set(runs.map(({ code }) => code)).size).toBe(bakes);
      const all = sum(flours.map(({ share }) => share));
      expect(
        runs.some(({ shares }) =>
          shares.every((share, at) => Math.abs(share - flours[at]!.share / all) < 1e-3),
        ),
      ).toBe(true);
      for (const { shares } of runs) {
        expect(sum(shares)).toBeCloseTo(1, 3);
        shares.forEach((share, at) => {
          expect(share).toBeGreaterThanOrEqual(lower[at]! - 1e-3);
          expect(share).toBeLessThanOrEqual(upper[at]! + 1e-3);
        });
      }
    },
  );
  it('is the same by the same seed, and in another order by another', () => {
    const codes = (seed: number) => planTrial(THREE, [], 6, 'chew', seed).runs.map(({ code }) => code);
    expect(codes(3)).toEqual(codes(3));
    expect(codes(3)).not.toEqual(codes(4));
  });
  it.each([
    [THREE.slice(0, 2), 4],
    [THREE, 3],
    [FOUR, 4],
    [THREE, 9],
  ])('of %j in %d bakes is refused', (flours, bakes) =>
    expect(() => planTrial(flours, [], bakes, 'overall', 1)).toThrow(RangeError),
  );
});

describe('a run of it', () => {
  it('is a whole blend, in which what isn’t tried stays as it is', () => {
    const held = [{ ingredient: 'potato', share: 0.2 }];
    const trial = planTrial(THREE, held, 6, 'overall', 9);
    for (const run of trial.runs) {
      const blend = blendOfRun(trial, run);
      expect(sum(blend.map(({ share }) => share))).toBeCloseTo(1, 12);
      expect(blend.find(({ ingredient }) => ingredient === 'potato')!.share).toBeCloseTo(0.2, 3);
      // A blend has no flour of less than a twentieth.
      for (const { share } of blend) expect(share).toBeGreaterThan(0.05);
    }
  });
});

describe('a trial of a loaf', () => {
  const LOAF =
    'Plain loaf\n200 g plain flour\n2 tsp baking powder\n120 g sugar\n2 large eggs\n110 g vegetable oil\n240 g plain yogurt\nMethod\nWhisk all together.\nBake in a loaf tin at 175°C for 50 minutes.';
  it('has a docket for each of its half batches, with its own blend', () => {
    const { blend } = docketOf(LOAF).parts[0]!;
    const trial = planTrial(blend.slice(0, 3), blend.slice(3), 8, 'overall', 3);
    for (const run of trial.runs) {
      const own = blendOfRun(trial, run);
      const made = docketOf(LOAF, { pins: own.map((one) => ({ ...one, held: true })) }).parts[0]!.blend;
      for (const { ingredient, share } of own)
        expect(Math.abs(made.find((one) => one.ingredient === ingredient)!.share - share)).toBeLessThan(
          0.015,
        );
    }
  });
});

describe('what a trial shows', () => {
  const trial = planTrial(THREE, [], 8, 'overall', 11);
  const marked = (of: (shares: readonly number[]) => number): TrialMarks =>
    Object.fromEntries(trial.runs.map(({ code, shares }) => [code, [of(shares)]]));
  it('is nothing before there is a bake more than coefficients', () => {
    const [first] = trial.runs;
    expect(trialResult(trial, { [first!.code]: [6] })).toMatchObject({
      marked: 1,
      wanting: 3,
      best: null,
      field: [],
    });
  });
  it('finds the blend that a known taste likes best, within its limits', () => {
    // Likes the second flour: more of it is better, all else alike.
    const { best, model } = trialResult(
      trial,
      marked(([, b]) => 3 + 6 * b!),
    );
    expect(model).toBe('quadratic');
    expect(best!.shares[1]).toBeGreaterThan(trial.upper[1]! - 0.06);
  });
  it('finds a best in the middle where the taste is for the middle', () => {
    const { best } = trialResult(
      trial,
      marked(([a, b]) => 8 - 20 * (a! - 0.45) ** 2 - 20 * (b! - 0.35) ** 2),
    );
    expect(best!.shares[0]).toBeCloseTo(0.45, 0);
    expect(Math.abs(best!.shares[0]! - 0.45)).toBeLessThan(0.11);
    expect(Math.abs(best!.shares[1]! - 0.35)).toBeLessThan(0.11);
  });
  it('judges how far the surface fits where a blend was baked twice', () => {
    const twice = Object.fromEntries(
      Object.entries(marked(([a]) => 4 + 3 * a!)).map(([code, [one]], at) => [
        code,
        [one! + 0.2, one! - 0.2 + 0.01 * at],
      ]),
    );
    const { lackP, best } = trialResult(trial, twice);
    expect(lackP).toBeGreaterThan(0.05);
    expect(best!.interval![0]).toBeLessThan(best!.value);
  });
  it('of four flours has no triangle', () => {
    const four = planTrial(FOUR, [], 6, 'overall', 5);
    const all = Object.fromEntries(four.runs.map(({ code }, at) => [code, [5 + (at % 3)]]));
    expect(trialResult(four, all).field).toEqual([]);
  });
});
