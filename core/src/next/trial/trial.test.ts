import { docketOf } from '../../testingDockets';
import { blendOfRun, requestOfRun, EMPTY_REQUEST, type FlourShare, type TrialFactor } from '../../kitchen';
import { traysOf, type TastingDocument } from '../../taste';
import { planProcessTrial, planTrial, trialMarks, trialResult, type TrialMarks } from '.';

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
        runs.some(({ at: shares }) =>
          shares.every((share, at) => Math.abs(share - flours[at]!.share / all) < 1e-3),
        ),
      ).toBe(true);
      for (const { at: shares } of runs) {
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
    Object.fromEntries(trial.runs.map(({ code, at }) => [code, [of(at)]]));
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
    expect(best!.at[1]).toBeGreaterThan(trial.upper[1]! - 0.06);
  });
  it('finds a best in the middle where the taste is for the middle', () => {
    const { best } = trialResult(
      trial,
      marked(([a, b]) => 8 - 20 * (a! - 0.45) ** 2 - 20 * (b! - 0.35) ** 2),
    );
    expect(best!.at[0]).toBeCloseTo(0.45, 0);
    expect(Math.abs(best!.at[0]! - 0.45)).toBeLessThan(0.11);
    expect(Math.abs(best!.at[1]! - 0.35)).toBeLessThan(0.11);
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

describe('a trial of how it is made', () => {
  const GUM: TrialFactor = { id: 'binder', low: 0.75, high: 1.25 };
  const LIQUID: TrialFactor = { id: 'liquid', low: 0.9, high: 1.1 };
  const REST: TrialFactor = { id: 'rest', low: 10, high: 60 };
  it.each([
    [[GUM, LIQUID], 4],
    [[GUM, LIQUID], 7],
    [[GUM, LIQUID, REST], 5],
    [[GUM, LIQUID, REST], 8],
  ])(
    'of %j in %d bakes has it as it is made now among them, each once, and can tell every factor',
    (factors, bakes) => {
      const { runs } = planProcessTrial(factors, bakes, 'chew', 5);
      expect(runs).toHaveLength(bakes);
      expect(new Set(runs.map(({ at }) => at.join())).size).toBe(bakes);
      expect(runs.filter(({ at }) => at.every((level) => level === 0))).toHaveLength(1);
      // A mark that hangs on one factor alone is laid at its door, whichever it is.
      factors.forEach((_, own) => {
        const trial = planProcessTrial(factors, bakes, 'chew', 5);
        const marks = Object.fromEntries(trial.runs.map(({ code, at }) => [code, [5 + 1.5 * at[own]!]]));
        const { effects } = trialResult(trial, marks);
        effects.forEach(({ value }, at) => expect(value).toBeCloseTo(at === own ? 3 : 0, 6));
      });
    },
  );
  it('asks for settings, the rest in whole minutes, and for nothing else', () => {
    const trial = planProcessTrial([GUM, LIQUID, REST], 6, 'overall', 2);
    for (const run of trial.runs) {
      const asked = requestOfRun(trial, run, EMPTY_REQUEST);
      expect(asked.tilt.binder).toBeCloseTo(1 + 0.25 * run.at[0]!, 3);
      expect(asked.tilt.drink).toBeCloseTo(1 + 0.1 * run.at[1]!, 3);
      expect(asked.rest).toBe(Math.round(35 + 25 * run.at[2]!));
      expect({ ...asked, tilt: EMPTY_REQUEST.tilt, rest: null, scale: null }).toEqual(EMPTY_REQUEST);
      // A second run is no change of the first.
      const other = requestOfRun(trial, trial.runs[0]!, EMPTY_REQUEST);
      expect(requestOfRun(trial, trial.runs[0]!, asked)).toEqual({ ...other, scale: asked.scale });
    }
  });
  it('finds the best settings between those that were baked', () => {
    const trial = planProcessTrial([GUM, LIQUID], 8, 'overall', 4);
    const taste = ([a, b]: readonly number[]) => 8 - 2 * (a! - 0.4) ** 2 - 2 * (b! + 0.6) ** 2;
    const { best, model, field } = trialResult(
      trial,
      Object.fromEntries(trial.runs.map(({ code, at }) => [code, [taste(at)]])),
    );
    expect(model).toBe('quadratic');
    expect(best!.at[0]).toBeCloseTo(0.4, 1);
    expect(best!.at[1]).toBeCloseTo(-0.6, 1);
    expect(field.length).toBeGreaterThan(100);
  });
  it.each([
    [[GUM], 4],
    [[GUM, LIQUID, REST], 4],
    [[GUM, LIQUID], 9],
  ])('of %j in %d bakes is refused', (factors, bakes) =>
    expect(() => planProcessTrial(factors, bakes, 'overall', 1)).toThrow(RangeError),
  );
});

describe('a trial of flours of which little is left', () => {
  it('keeps within what the bag holds', () => {
    const little = THREE.map((one) => (one.ingredient === 'sorghum' ? { ...one, most: 0.27 } : one));
    const { runs, upper } = planTrial(little, [], 6, 'overall', 7);
    expect(upper[1]).toBeCloseTo(0.27 / 0.8, 6);
    for (const { at } of runs) expect(at[1]).toBeLessThanOrEqual(upper[1]! + 1e-4);
  });
});

describe('marks of a trial', () => {
  const trial = planTrial(THREE, [], 4, 'overall', 3);
  const [first, second] = trial.runs;
  const bake = (id: string, code: string, overall: number) => ({
    id,
    notes: {
      variant: { name: `trial ${code}`, parent: null },
      looks: [{ when: 'cooled' as const, marks: { overall } }],
    },
  });
  const bakes = [bake('b1', first!.code, 4), bake('b2', second!.code, 6), bake('b3', '000', 9)];
  it('are the baker’s own, of its own half batches alone', () =>
    expect(trialMarks(trial, bakes, [])).toEqual({ [first!.code]: [4], [second!.code]: [6] }));
  it('are the blind tasters’ once a tasting is closed: whoever baked it knew what it was', () => {
    const holds = { allergens: [], possible: [], gluten: 'free', grain: 'grain-free' } as const;
    const nobody = { person: null, gluten: null, grainFree: null, avoids: [] };
    const open: TastingDocument = {
      schema: 1,
      name: '',
      on: '2027-02-03',
      test: 'liking',
      about: '',
      samples: ['b1', 'b2'].map((id) => ({ id, name: id, bake: id, holds })),
      tasters: ['t1', 't2'].map((id) => ({ id, name: id, ...nobody })),
      withdrawn: [],
      rounds: 1,
      coder: 'C',
      seed: 4,
      stage: 'tasting',
      ballots: [],
    };
    const ballots = traysOf(open).map(({ taster, round, cups }, at) => ({
      id: `v${at}`,
      taster,
      round,
      at,
      words: '',
      answer: {
        kind: 'liking' as const,
        marks: Object.fromEntries(cups.map(({ code, sample }) => [code, 7 + sample])),
      },
    }));
    const closed: TastingDocument = { ...open, stage: 'closed', ballots };
    expect(trialMarks(trial, bakes, [{ ...open, ballots }])[first!.code]).toEqual([4]);
    expect(trialMarks(trial, bakes, [closed])).toEqual({ [first!.code]: [7, 7], [second!.code]: [8, 8] });
    expect(trialMarks({ ...trial, mark: 'chew' }, bakes, [closed])).toEqual({});
  });
});
