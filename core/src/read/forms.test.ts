import { BUILT_IN_KITCHEN, catalogueOf } from '../kitchen';
import { matchIngredient } from './match';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);
const rowOf = (words: string) => catalogue.byId.get(matchIngredient(words, catalogue)?.ingredient ?? '');

describe('a form that makes another thing of a food', () => {
  it.each(['dried kiwi', 'dehydrated melon', 'dried mango', 'dried nectarines'])('%s is dry', (words) =>
    expect(rowOf(words)!.composition.water).toBeLessThan(35),
  );
  it.each(['kiwi powder', 'beetroot powder', 'powdered mango'])('%s is a powder', (words) =>
    expect(rowOf(words)!.composition.water).toBeLessThan(10),
  );
  it.each([
    'hazelnut drink',
    'macadamia drink',
    'strawberry juice',
    'tamarind juice',
    'zorbo drink',
    'blipberry juice',
  ])('%s is water mostly, and asked about', (words) => {
    expect(rowOf(words)!.composition.water).toBeGreaterThan(80);
    expect(matchIngredient(words, catalogue)!.match).toBe('near');
  });
  it('keeps the allergens of what it is made of', () =>
    expect(rowOf('brazil nut drink')!.allergens).toContain('tree nuts'));
  it.each(['dried cherries', 'mashed ripe bananas', 'oat drink', 'cashew milk'])(
    '%s has a row of its own',
    (words) => expect(matchIngredient(words, catalogue)!.match).toBe('exact'),
  );
});
