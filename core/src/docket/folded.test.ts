import type { FoldedIn } from '../kitchen';
import { docketOf, outcomeOf } from '../testingDockets';

const CAKE = `Two tins
250 g plain flour
10 g baking powder
180 g butter
220 g sugar
4 eggs
120 ml milk
Method
Heat the oven to 175 C. Butter two 20 cm round tins.
Beat all together.
Bake for 30 minutes.`;

const berries: FoldedIn = { ingredient: 'blueberries', grams: 120, tins: 1 };

describe('tins of one bake that differ', () => {
  const plain = docketOf(CAKE);
  const differing = docketOf(CAKE, { folded: berries });

  it('holds the same batter in each, and all of it together', () => {
    const [first, second] = differing.tins;
    expect(first!.batter).toBe(second!.batter);
    const batter = plain.parts[0]!.lines.reduce((sum, { grams }) => sum + (grams?.central ?? 0), 0);
    expect(Math.abs(2 * first!.batter - batter) / batter).toBeLessThan(0.01);
  });
  it('leaves the plain tin’s time alone; the fuller one is done no sooner', () => {
    const [first, second] = differing.tins;
    expect(first).toMatchObject({ count: 1, folded: null, minutes: plain.bake.minutes });
    expect(second!.folded).toMatchObject({ ingredient: 'blueberries', grams: 120 });
    expect(second!.minutes!.central).toBeGreaterThanOrEqual(first!.minutes!.central);
  });
  it('changes no other weight, and puts the berries on the list once', () => {
    const weights = ({ parts }: typeof plain) =>
      parts.flatMap(({ lines }) => lines.map(({ id, grams }) => [id, grams?.central]));
    expect(weights(differing)).toEqual([...weights(plain), ['folded-blueberries', 120]]);
  });
  it('says in the method how to divide it', () =>
    expect(differing.method.map(({ text }) => text).join(' ')).toMatch(
      /Divide the batter: \d+ g into each of 2 tins\. Roll 120 g blueberr.* batter of one/,
    ));
  it('guards what is folded in like any other line', () => {
    const nuts = outcomeOf(CAKE, { folded: { ...berries, ingredient: 'walnuts' }, without: ['tree nuts'] });
    expect(nuts.outcome).toBe('infeasible');
  });
  it('lets go of what the household no longer knows', () =>
    expect(docketOf(CAKE, { folded: { ...berries, ingredient: 'own-berries' } }).tins).toEqual([]));
  it('never fills more tins than there are, and asks nothing of a bake without tins', () => {
    const all = docketOf(CAKE, { folded: { ...berries, tins: 5 } });
    expect(all.tins).toMatchObject([{ count: 2, folded: { grams: 120 } }]);
    const cookies = docketOf(CAKE.replace(/Butter two.*/, 'Drop spoonfuls on a baking sheet.'), {
      folded: berries,
    });
    expect(cookies.tins).toEqual([]);
  });
});
