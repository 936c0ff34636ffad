import { BUILT_IN_KITCHEN, catalogueOf } from '../kitchen';
import { readLine } from './line';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);
const first = (line: string) =>
  readLine(line, { catalogue, locale: 'UK', eggSize: BUILT_IN_KITCHEN.eggSize }).items[0]!;

describe('two of which the second alone has the noun', () => {
  it.each([
    ['100 ml light olive or sunflower oil', 'olive-oil'],
    ['100 ml coconut or groundnut oil', 'coconut-oil'],
    ['50 g hazelnut or almond butter', 'hazelnut-butter'],
    ['100 g strawberry or raspberry jam', 'jam'],
    ['50 ml apple or orange juice', 'apple-juice'],
    ['200 ml rice or oat milk', 'rice-milk'],
  ])('%s is %s', (line, ingredient) => {
    expect(first(line)).toMatchObject({ ingredient, match: 'exact' });
    expect(first(line).grams!.central).toBeGreaterThan(45);
  });
  it.each([
    ['50 g butter or coconut oil', 'butter'],
    ['2 tbsp honey or maple syrup', 'honey'],
    ['100 g raisins or chocolate chips', 'raisins'],
    ['50 g pecan or walnut halves', 'pecans'],
  ])('%s is %s, which needs none', (line, ingredient) => expect(first(line).ingredient).toBe(ingredient));
});
