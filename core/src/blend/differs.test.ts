import { differsFrom, isUsual, benchFlours, designBlend, FLOUR_IDS } from '.';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST, type Kitchen } from '../kitchen';
import { toEnd } from '../quantity';
import { FAMILIES } from '../vocabulary';

const kitchenOf = (ids: readonly string[], pricePerKilo: number | null = null): Kitchen => ({
  ...BUILT_IN_KITCHEN,
  cupboard: ids.map((ingredient) => ({ ingredient, grams: 1000, pricePerKilo })),
});
const WHEAT = { grams: 250, thirst: 187.5 };
const benchOf = (kitchen: Kitchen, family: (typeof FAMILIES)[number] = 'creamed-cake') =>
  benchFlours({ family, route: 'grain-blend', request: EMPTY_REQUEST, kitchen, wheat: WHEAT }, []);
const RICE = { ingredient: 'white-rice-flour', share: 0.7 };
const POTATO = { ingredient: 'potato-starch', share: 0.3 };
const SORGHUM = { ingredient: 'sorghum-flour', share: 0.2 };

describe('what another blend has over the first', () => {
  const three = [{ ...RICE, share: 0.5 }, POTATO, SORGHUM];
  it('is a flour less to weigh, and a bag less to buy where it isn’t there', () => {
    const home = benchOf(kitchenOf(['white-rice-flour', 'potato-starch']));
    expect(differsFrom([RICE, POTATO], three, home, null)).toMatchObject({ fewerFlours: 1, fewerBags: 1 });
    const full = benchOf(kitchenOf(FLOUR_IDS));
    expect(differsFrom([RICE, POTATO], three, full, null).fewerBags).toBe(0);
  });
  it('is money where bags have prices, and turns its sign with the blends', () => {
    const priced = benchOf({
      ...BUILT_IN_KITCHEN,
      cupboard: [
        { ingredient: 'white-rice-flour', grams: 1000, pricePerKilo: 2 },
        { ingredient: 'potato-starch', grams: 1000, pricePerKilo: 2 },
        { ingredient: 'sorghum-flour', grams: 1000, pricePerKilo: 7 },
      ],
    });
    const { cheaper } = differsFrom([RICE, POTATO], three, priced, null);
    expect(cheaper).toBeCloseTo((0.2 * priced.grams * (7 - 2)) / 1000, 6);
    expect(differsFrom(three, [RICE, POTATO], priced, null).cheaper).toBeCloseTo(-cheaper!, 9);
    expect(differsFrom(three, [RICE, POTATO], benchOf(kitchenOf([])), null).cheaper).toBeNull();
  });
  it('is more of what is to be used up', () =>
    expect(differsFrom(three, [RICE, POTATO], benchOf(kitchenOf([])), 'sorghum-flour').usesUp).toBeCloseTo(
      20,
      6,
    ));
});

describe('the usual blend', () => {
  const full = kitchenOf(FLOUR_IDS);
  it('is what a full cupboard gives for most families', () => {
    const some = FAMILIES.filter((_, at) => at % 3 === 0);
    const usual = some.filter((family) => {
      const answer = toEnd(designBlend(family, 'grain-blend', EMPTY_REQUEST, full, WHEAT));
      return answer.kind === 'blends' && isUsual(answer.blends[0]!.shares, benchOf(full, family).usual);
    });
    expect(usual.length / some.length).toBeGreaterThan(0.5);
  });
  it('isn’t another one', () => expect(isUsual([RICE, POTATO], benchOf(full).usual)).toBe(false));
});
