import { INGREDIENTS, type Ingredient } from '../catalogue';
import { tokensOf } from '../read';
import { NAME_CLASSES } from './cases/aliasClasses';

const namesOf = ({ name, also, kinds }: Ingredient) =>
  [...new Set([name, ...also, ...kinds].map((one) => tokensOf(one).join(' ')))].map((words) => words);
const NAMED = INGREDIENTS.flatMap((one) => namesOf(one).map((words) => ({ words, one })));
const holds = ({ gluten, allergens }: Ingredient, what: string) =>
  what === 'gluten' ? gluten === 'contains' : allergens.includes(what as never);
const may = ({ gluten, possible }: Ingredient, what: string) =>
  what === 'gluten' ? gluten === 'check-label' : possible.includes(what as never);

describe('a name and its row', () => {
  it('belong together: no name stands in two rows', () => {
    const rows = new Map<string, string>();
    const twice = NAMED.filter(({ words, one }) => {
      const before = rows.get(words);
      rows.set(words, one.id);
      return before !== undefined;
    });
    expect(twice.map(({ words, one }) => `${words}: ${rows.get(words)} and ${one.id}`)).toEqual([]);
  });

  it.each(NAME_CLASSES.map((one) => [one.what, one] as const))(
    '%s: a name that says it holds it has a row that says so',
    (what, { holds: says, but, may: only }) => {
      const missed = NAMED.filter(({ words, one }) => {
        if (!says.test(words) || but?.test(words)) return false;
        return !holds(one, what) && !(only?.test(words) && may(one, what));
      });
      expect(missed.map(({ words, one }) => `${words} (${one.id})`)).toEqual([]);
    },
  );

  it.each(NAME_CLASSES.map((one) => [one.what, one] as const))(
    '%s: what only may hold it is asked about',
    (what, { may: only }) => {
      if (!only) return;
      const missed = NAMED.filter(
        ({ words, one }) => only.test(words) && !holds(one, what) && !may(one, what),
      );
      expect(missed.map(({ words, one }) => `${words} (${one.id})`)).toEqual([]);
    },
  );

  it.each(NAME_CLASSES.filter(({ what }) => what !== 'gluten').map((one) => [one.what, one] as const))(
    '%s: a row that says it holds it has only names that say so',
    (what, { holds: says, but, unsaid }) => {
      const stray = NAMED.filter(
        ({ words, one }) =>
          holds(one, what) && !(says.test(words) && !but?.test(words)) && !unsaid?.test(words),
      );
      expect(stray.map(({ words, one }) => `${words} (${one.id})`)).toEqual([]);
    },
  );
});

describe('a nightshade', () => {
  it.each(['cayenne', 'smoked paprika', 'chilli powder', 'chili flakes', 'goji berries', 'tomato puree'])(
    '%s is one under its own name',
    (words) => {
      const row = NAMED.find((one) => one.words === tokensOf(words).join(' '))!.one;
      expect(row.allergens).toContain('nightshades');
      expect(namesOf(row)).not.toContain('anise');
    },
  );
});
