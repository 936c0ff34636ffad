import fc from 'fast-check';
import { convert, type Docket } from '../docket';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST } from '../kitchen';
import { readText, runs } from '../testing';
import { planStudy } from '.';

function docketOf(eggs: string): Docket {
  const made = convert(
    readText(
      `Plain cake\n250 g plain flour\n2 tsp baking powder\n180 g butter\n200 g caster sugar\n${eggs}\n150 ml milk\nMethod\nCream the butter and sugar. Beat in the eggs. Fold in the flour with the milk.\nBake in a 20 cm round tin at 175°C for 30 minutes.`,
    ),
    EMPTY_REQUEST,
    BUILT_IN_KITCHEN,
  );
  if (made.outcome !== 'docket') throw new Error('no docket');
  return made.docket;
}
const three = docketOf('3 medium eggs');

describe('a study of one batch', () => {
  it('has one batch as it was, codes that differ, and every place in the oven once', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 3 }), fc.nat(1_000_000), (changes, seed) => {
        const { batches, share } = planStudy(
          three,
          Array.from({ length: changes }, (_, at) => `change ${at}`),
          seed,
        );
        expect(batches.filter(({ control }) => control)).toHaveLength(1);
        expect(new Set(batches.map(({ code }) => code)).size).toBe(batches.length);
        expect(batches.map(({ place }) => place).sort()).toEqual(batches.map((_, at) => at + 1));
        expect(share * batches.length).toBeCloseTo(1, 12);
      }),
      runs(311),
    ));
  it('parts eggs by counting where that goes, and else beats and weighs them', () => {
    expect(planStudy(three, ['a', 'b'], 1).eggs).toEqual([]);
    const [egg] = planStudy(three, ['a'], 1).eggs;
    expect(egg).toMatchObject({ beaten: 3 });
    const whole = three.parts.flatMap(({ lines }) => lines).find(({ name }) => /egg/.test(name))!;
    expect(egg!.gramsEach).toBe(Math.floor(whole.grams!.central / 2));
  });
  it('weighs out no more than there is', () => {
    const whole = three.parts
      .flatMap(({ lines }) => lines)
      .reduce((sum, one) => sum + (one.grams?.central ?? 0), 0);
    const parts = planStudy(three, ['a', 'b', 'c'], 1).lines.reduce((sum, { grams }) => sum + 4 * grams, 0);
    expect(parts).toBeLessThanOrEqual(whole + 1e-6);
    expect(parts / whole).toBeGreaterThan(0.98);
  });
  it.each([[[]], [['a', 'b', 'c', 'd']]])('of %j is none', (changes) =>
    expect(() => planStudy(three, changes, 1)).toThrow(RangeError),
  );
});
