import { FindQuery, type FirstPage, type HouseholdAnswer, type HouseRole } from '@omniarton/contracts';
import type { Services } from '../services';

/** As many recipes of each kitchen as a first look at a tall screen shows; the others follow as one scrolls. */
const FIRST_RECIPES = 20;
const BAKES: ReadonlySet<HouseRole> = new Set<HouseRole>(['owner', 'baker']);

/** What the work list is written from, for whoever bakes in every kitchen they belong to; null: who only helps or tastes has another page. */
export const firstPageService = ({ households, finding, kitchen, settings }: Services) => ({
  async of(personId: string): Promise<FirstPage | null> {
    const mine = await households.list(personId);
    if (mine.length === 0 || mine.some(({ role }) => !BAKES.has(role))) return null;
    const own = mine.find(({ demo }) => !demo);
    const scopeOf = (one: HouseholdAnswer) => ({ householdId: one.id, personId });
    const [kitchens, answer] = await Promise.all([
      Promise.all(
        mine.map(async (household) => {
          const scope = scopeOf(household);
          const [found, tags, shelved] = await Promise.all([
            finding.find(scope, Object.assign(new FindQuery(), { limit: FIRST_RECIPES })),
            finding.tags(scope),
            kitchen.get(scope),
          ]);
          return { household, found, tags, kitchen: shelved };
        }),
      ),
      own ? settings.get(scopeOf(own)) : null,
    ]);
    return { kitchens, settings: own && answer ? { household: own.id, answer } : null };
  },
});
