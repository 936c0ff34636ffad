import { INGREDIENTS, makeCatalogue, thirstOf, unfold } from '.';

const catalogue = makeCatalogue(INGREDIENTS);

describe('the catalogue', () => {
  it('has each id once, and at least 120 ingredients with 40 flours, starches and gums', () => {
    expect(new Set(INGREDIENTS.map(({ id }) => id)).size).toBe(INGREDIENTS.length);
    expect(INGREDIENTS.length).toBeGreaterThanOrEqual(120);
    expect(
      INGREDIENTS.filter(({ role }) => ['gf-flour', 'starch', 'binder'].includes(role)).length,
    ).toBeGreaterThanOrEqual(40);
  });
  it.each(INGREDIENTS.map((one) => [one.id, one] as const))(
    '%s: its composition sums to 100 ± 2, its measures are in order',
    (_, { composition, cup, each }) => {
      const sum = (Object.values(composition) as number[]).reduce((total, grams) => total + grams, 0);
      expect(Math.abs(sum - 100)).toBeLessThanOrEqual(2);
      for (const [central, low, high] of [...Object.values(cup), ...(each ? [each] : [])])
        expect(low <= central && central <= high).toBe(true);
    },
  );
  it('unfolds a self-raising flour into flour and powder', () => {
    expect(unfold(catalogue, 'self-raising-flour')).toEqual([
      { ingredient: 'all-purpose-flour', share: 0.95 },
      { ingredient: 'baking-powder', share: 0.05 },
    ]);
  });
  it('knows that coconut flour drinks four times its weight', () => {
    expect(thirstOf(catalogue, 'coconut-flour')[0]).toBe(4);
  });
});
