import fc from 'fast-check';
import { runs } from '../../testing';
import { learnt, medianError, sdAfter, weightOnData } from '.';

/** Park and Miller's minimal standard generator, and normal deviates from it (Box and Muller 1958). */
function normals(seed: number): () => number {
  let state = seed;
  const next = () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
  return () => Math.sqrt(-2 * Math.log(next())) * Math.cos(2 * Math.PI * next());
}

describe('a belief that learns', () => {
  const looks = fc.array(fc.double({ min: -20, max: 20, noNaN: true }), { minLength: 1, maxLength: 8 });
  it('ends where all looks at once would end, in whatever order they came', () =>
    fc.assert(
      fc.property(looks, (seen) => {
        const prior = { mean: 0, sd: 15 };
        const one = seen.reduce((belief, look) => learnt(belief, look, 5), prior);
        const back = [...seen].reverse().reduce((belief, look) => learnt(belief, look, 5), prior);
        const mean = seen.reduce((sum, look) => sum + look, 0) / seen.length;
        expect(one.mean).toBeCloseTo(back.mean, 9);
        expect(one.mean).toBeCloseTo(mean * weightOnData(15, 5, seen.length), 9);
        expect(one.sd).toBeCloseTo(sdAfter(15, 5, seen.length), 9);
      }),
      runs(241),
    ));
  it('is as far off as simulated kitchens are', () => {
    const kitchens = { sd: 0.175, seenSd: 0.08 };
    const normal = normals(20_270_619);
    for (const bakes of [0, 1, 5]) {
      const errors = Array.from({ length: 4000 }, () => {
        const truth = kitchens.sd * normal();
        let belief = { mean: 0, sd: kitchens.sd };
        for (let at = 0; at < bakes; at += 1)
          belief = learnt(belief, truth + kitchens.seenSd * normal(), kitchens.seenSd);
        return Math.abs(Math.exp(belief.mean) - Math.exp(truth));
      }).sort((a, b) => a - b);
      expect(errors[2000]! / medianError.factor(kitchens, bakes)).toBeCloseTo(1, 1);
    }
  });
});
