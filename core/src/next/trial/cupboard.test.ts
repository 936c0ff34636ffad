import { planTrial, wantingFor, withinCupboard } from '.';

const FLOURS = [
  { ingredient: 'rice', share: 0.5 },
  { ingredient: 'sorghum', share: 0.3 },
  { ingredient: 'tapioca', share: 0.2 },
];
const CUPBOARD = [
  { ingredient: 'rice', grams: 2000, pricePerKilo: null },
  { ingredient: 'sorghum', grams: 180, pricePerKilo: null },
  { ingredient: 'tapioca', grams: 2000, pricePerKilo: null },
];

describe('a trial within a cupboard', () => {
  it('takes no more of a flour for all its half batches than its bag holds', () => {
    const trial = planTrial(withinCupboard(FLOURS, CUPBOARD, 6, 100), [], 6, 'overall', 3);
    expect(wantingFor(trial, {}, CUPBOARD, 100)).toEqual([]);
  });
  it('says what must be bought for the bakes that are left, and nothing once all were marked', () => {
    const trial = planTrial(FLOURS, [], 6, 'overall', 3);
    const none = CUPBOARD.map((one) => ({ ...one, grams: 0 }));
    const needed = wantingFor(trial, {}, none, 100).reduce((all, one) => all + one.needed, 0);
    expect(needed).toBeCloseTo(600, 0);
    const marks = Object.fromEntries(trial.runs.map(({ code }) => [code, [5]]));
    expect(wantingFor(trial, marks, none, 100)).toEqual([]);
  });
  it('has no limit where no cupboard is kept', () => {
    expect(withinCupboard(FLOURS, null, 6, 100)).toEqual(FLOURS);
    expect(wantingFor(planTrial(FLOURS, [], 6, 'overall', 3), {}, null, 100)).toEqual([]);
  });
});
