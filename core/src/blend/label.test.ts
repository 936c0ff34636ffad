import fc from 'fast-check';
import { compositionOfPanel, getIngredient, type NutritionPanel } from '../catalogue';
import { BUILT_IN_KITCHEN, catalogueOf } from '../kitchen';
import { runs } from '../testing';
import { inferShares, listedOn } from '.';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);

/** The panel that a made-up blend would have on its packet, rounded as labels are (EU 1169/2011 guidance: to 0.1 g under 10 g, to 1 g above). */
function panelFor(shares: Readonly<Record<string, number>>, exact = false): NutritionPanel {
  const of = (key: 'protein' | 'fat' | 'starch' | 'sugars' | 'fibre' | 'ash') => {
    const grams = Object.entries(shares).reduce(
      (sum, [id, share]) => sum + share * getIngredient(catalogue, id).composition[key],
      0,
    );
    return exact ? grams : Math.round(grams * 10) / 10;
  };
  return {
    fat: of('fat'),
    carbohydrate: of('starch') + of('sugars'),
    sugars: of('sugars'),
    fibre: of('fibre'),
    protein: of('protein'),
    salt: of('ash'),
    fibreInCarbohydrate: false,
  };
}
const inOrder = (shares: Readonly<Record<string, number>>) =>
  Object.entries(shares)
    .sort(([, a], [, b]) => b - a)
    .map(([id]) => id);

/** Flours that a panel can tell apart: what only differs in its name (two starches) no label gives away. */
const MADE_UP: readonly Readonly<Record<string, number>>[] = [
  { 'white-rice-flour': 0.5, 'sorghum-flour': 0.3, 'tapioca-starch': 0.2 },
  { 'almond-flour': 0.6, 'tapioca-starch': 0.25, 'coconut-flour': 0.15 },
  { 'corn-starch': 0.45, 'chickpea-flour': 0.35, 'buckwheat-flour': 0.2 },
  { 'brown-rice-flour': 0.6, 'potato-starch': 0.3, 'soy-flour': 0.1 },
  { 'oat-flour': 0.7, 'tapioca-starch': 0.3 },
];

describe('shares out of a label', () => {
  it.each(MADE_UP.map((shares) => [inOrder(shares).join(', '), shares] as const))(
    'are found within five points: %s',
    (_, shares) => {
      const { shares: found, contradiction } = inferShares(inOrder(shares), panelFor(shares), catalogue);
      expect(contradiction).toBeNull();
      for (const { ingredient, share, low, high } of found) {
        expect(Math.abs(share - shares[ingredient]!)).toBeLessThanOrEqual(0.05);
        expect(low).toBeLessThanOrEqual(share);
        expect(high).toBeGreaterThanOrEqual(share);
      }
    },
  );
  it('always hold what is true within their least and most, and keep the label’s order', () =>
    fc.assert(
      fc.property(
        fc.subarray(
          [
            'white-rice-flour',
            'sorghum-flour',
            'tapioca-starch',
            'potato-starch',
            'almond-flour',
            'oat-flour',
            'buckwheat-flour',
          ],
          { minLength: 2, maxLength: 5 },
        ),
        fc.array(fc.integer({ min: 5, max: 60 }), { minLength: 5, maxLength: 5 }),
        (ids, weights) => {
          const total = ids.reduce((sum, _id, at) => sum + weights[at]!, 0);
          const shares = Object.fromEntries(ids.map((id, at) => [id, weights[at]! / total]));
          const { shares: found } = inferShares(inOrder(shares), panelFor(shares), catalogue);
          found.forEach(({ ingredient, low, high, share }, at) => {
            expect(shares[ingredient]!).toBeGreaterThanOrEqual(low - 0.005);
            expect(shares[ingredient]!).toBeLessThanOrEqual(high + 0.005);
            if (at > 0) expect(share).toBeLessThanOrEqual(found[at - 1]!.share + 1e-9);
          });
          expect(found.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
        },
      ),
      runs(1),
    ));
  it('show two near twins as the doubt that they are', () => {
    const shares = { 'white-rice-flour': 0.5, 'tapioca-starch': 0.25, 'corn-starch': 0.25 };
    const { shares: found } = inferShares(inOrder(shares), panelFor(shares), catalogue);
    const twin = found.find(({ ingredient }) => ingredient === 'corn-starch')!;
    expect(twin.high - twin.low).toBeGreaterThan(0.1);
  });
  it('of one thing are the whole of it', () =>
    expect(
      inferShares(['oat-flour'], panelFor({ 'oat-flour': 1 }), catalogue).shares.map(({ share }) => share),
    ).toEqual([1]));
  it('that the order contradicts are said to', () => {
    const shares = { 'almond-flour': 0.7, 'tapioca-starch': 0.3 };
    const { contradiction } = inferShares(['tapioca-starch', 'almond-flour'], panelFor(shares), catalogue);
    expect(contradiction).toMatch(/contradicts the order/);
  });
  it('that nothing on the list explains are said to', () => {
    const { contradiction } = inferShares(
      ['white-rice-flour', 'tapioca-starch'],
      { ...panelFor({ 'white-rice-flour': 1 }), fat: 30, carbohydrate: 50 },
      catalogue,
    );
    expect(contradiction).toMatch(/can’t give that panel/);
  });
  it('of a panel that can’t be are refused with its reason', () =>
    expect(
      inferShares(
        ['white-rice-flour', 'tapioca-starch'],
        { ...panelFor({ 'white-rice-flour': 1 }), sugars: 95 },
        catalogue,
      ).contradiction,
    ).toMatch(/can’t be sugars/));
  it('use a panel’s composition as the catalogue does', () =>
    expect(compositionOfPanel(panelFor({ 'oat-flour': 1 }, true)).starch).toBeCloseTo(58.2, 6));
});

describe('a packet’s list', () => {
  it('is placed at its outermost level; what can’t be is named', () => {
    const { known, unknown } = listedOn(
      'Rice flour, potato starch, tapioca starch, moon dust, xanthan gum',
      catalogue,
    );
    expect(known).toEqual(['white-rice-flour', 'potato-starch', 'tapioca-starch', 'xanthan-gum']);
    expect(unknown).toEqual(['moon dust']);
  });
});
