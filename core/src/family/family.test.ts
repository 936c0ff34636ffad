import { FAMILIES, ROUTES, FAMILY_NAMES } from '../vocabulary';
import { bandsOf, familyOf } from '.';

describe('families', () => {
  it.each(FAMILIES)('%s has a name and bands in order', (id) => {
    expect(FAMILY_NAMES[id]).not.toBe('');
    for (const route of ROUTES)
      for (const [low, high] of Object.values<readonly [number, number]>({ ...bandsOf(id, route) }))
        expect(low).toBeLessThanOrEqual(high);
  });
  it.each(FAMILIES)('%s is cooked and bound within reason', (id) => {
    const { doneCelsius, waterLost, rise, porosityRaw, rest, moreLift, xanthan } = familyOf(id);
    expect(doneCelsius).toBeGreaterThan(80);
    expect(doneCelsius).toBeLessThan(100);
    expect(waterLost).toBeGreaterThan(0);
    expect(rise).toBeGreaterThanOrEqual(1);
    expect(porosityRaw).toBeLessThan(0.6);
    expect(rest[0]).toBeLessThanOrEqual(rest[1]);
    // Common practice: up to a quarter more.
    expect(moreLift).toBeLessThanOrEqual(0.25);
    const [least, most] = bandsOf(id).xanthan;
    expect(xanthan).toBeGreaterThanOrEqual(least);
    expect(xanthan).toBeLessThanOrEqual(most);
  });
  // Common practice: ¼ tsp (0.7 g) of xanthan a cup (140 g of blend) for cookies, ½ for cakes and muffins, 1 for breads.
  it.each([
    ['drop-cookie', 0.25],
    ['cut-out', 0.25],
    ['creamed-cake', 0.5],
    ['muffin', 0.5],
    ['loaf', 0.5],
    ['yeast-dough', 1],
  ] as const)('%s takes the dose by the cup that the trade gives', (id, spoons) => {
    const bySpoon = (familyOf(id).xanthan * 1.4) / 2.7;
    expect(bySpoon).toBeGreaterThan(spoons * 0.7);
    expect(bySpoon).toBeLessThan(spoons * 1.4);
  });
  it('a foam takes no liquid, and no family takes less than none', () => {
    expect(familyOf('foam').liquid).toEqual([0, 0]);
    for (const id of FAMILIES) {
      const [low, high] = familyOf(id).liquid;
      expect(low >= 0 && low <= high).toBe(true);
    }
  });
  it('a thin pancake is far wetter than a thick one, and isn’t raised', () => {
    expect(bandsOf('pancake', 'grain-blend', 'crêpe').drinkThirst[0]).toBeGreaterThan(
      bandsOf('pancake').drinkThirst[1] - 0.2,
    );
    expect(bandsOf('pancake', 'grain-blend', 'crêpe').lift[1]).toBeLessThan(bandsOf('pancake').lift[0]);
  });
});

describe('a bake by its name', () => {
  const knownBy = (title: string) =>
    FAMILIES.filter((id) => {
      const { words, titles } = familyOf(id);
      return [words, titles].some((one) => one !== null && title.search(one) >= 0);
    });
  // Names that bakes have in many kitchens. Common practice.
  it.each([
    [
      'creamed-cake',
      ['Black Forest gâteau', 'Madeleines', 'Battenberg', 'Red velvet', 'Victoria', 'Friands'],
    ],
    ['foam', ['Yule log', 'Ladyfingers', 'Dacquoise', 'Angel cake', 'Swiss roll', 'Coffee gâteau']],
    ['loaf', ['Parkin', 'Gingerbread', 'Bara brith', 'Lemon drizzle']],
    ['steamed-pudding', ['Spotted dick', 'Jam roly-poly', 'Treacle sponge']],
    ['flourless', ['Pavlova', 'Macarons', 'Meringues']],
    ['drop-cookie', ['Snickerdoodles', 'Biscotti', 'Thumbprints']],
    ['cut-out', ['Gingerbread men', 'Melting moments', 'Viennese whirls', 'Oatcakes', 'Sablés']],
    ['crisp-wafer', ['Florentines', 'Langues de chat', 'Brandy snaps']],
    ['pastry', ['Quiche', 'Tarte Tatin', 'Baklava', 'Strudel', 'Rugelach']],
    ['crumble', ['Brown Betty', 'Apple crisp', 'Date squares']],
    ['pancake', ['Clafoutis', 'Popovers', 'Yorkshire puddings']],
    ['choux', ['Paris-Brest', 'Gougères', 'Profiteroles']],
    ['yeast-dough', ['Panettone', 'Challah', 'Focaccia', 'Croissants']],
    ['doughnut', ['Berliner', 'Beignets', 'Apple fritters']],
    ['muffin', ['Corn bread', 'Banana bread']],
    ['scone', ['Soda bread', 'Strawberry shortcakes', 'Peach cobbler']],
  ] as const)('is a %s', (id, titles) => {
    for (const title of titles)
      expect([title, knownBy(title)]).toEqual([title, expect.arrayContaining([id])]);
  });
  it('is no crumble for being crisp', () => expect(knownBy('Crisp oat wafers')).not.toContain('crumble'));
});
