import { v7 as newId } from 'uuid';
import type { ErasedAnswer, TouchesAnswer } from '@omniarton/contracts';
import type { DayDocument } from '@omniarton/core/clock';
import type { KitchenDocument } from '@omniarton/core/kitchen';
import { ConflictError, NotFoundError } from '../http/errors';
import type { Scope } from '../http/scope';
import type { ShelfStore } from '../shelf/shelfStore';
import type { Backups } from './backups';
import type { EraseStore } from './eraseStore';
import { scrubbed, scrubbedDocket } from './scrub';

export interface EraseStores {
  readonly erase: EraseStore;
  readonly kitchens: ShelfStore<KitchenDocument>;
  readonly days: ShelfStore<DayDocument>;
}
type Transaction = <T>(work: (stores: EraseStores) => Promise<T>) => Promise<T>;
const HOME = 'My kitchen';

/** A bake day without a recipe, and without a run that holds a copy of its docket. */
const withoutRecipe = (day: DayDocument, recipe: string): DayDocument => ({
  ...day,
  bakes: day.bakes.filter((one) => one.recipe !== recipe),
  run: day.run?.bakes.some((one) => one.recipe === recipe) ? null : day.run,
});

/** Erases now and everywhere. Nothing of it can be undone; backups that were made before still hold it, and are named. */
export const eraseService = (
  { erase: store }: EraseStores,
  backups: Backups,
  inTransaction: Transaction,
) => ({
  async touches(scope: Scope, person: string): Promise<TouchesAnswer> {
    return { recipes: await store.touchedBy(scope, person) };
  },

  recipe: (scope: Scope, id: string): Promise<ErasedAnswer> =>
    inTransaction(async ({ erase, days }) => {
      const gone = await erase.recipe(scope, id);
      if (!gone) throw new NotFoundError('There is no such recipe in this kitchen.');
      const day = await days.find(scope);
      if (day && !(await days.write(scope, day.version, withoutRecipe(day.doc, id))))
        throw new ConflictError('The bake day was changed elsewhere in between: try again.');
      await erase.dropRequests(scope);
      return { recipes: 1, ...gone, backups: backups() };
    }),

  /** A person goes out of the kitchen's list, its bin, every recipe and every kept docket: what they avoided stays, as somebody's. */
  person: (scope: Scope, id: string): Promise<ErasedAnswer> =>
    inTransaction(async ({ erase, kitchens }) => {
      const kept = await kitchens.find(scope);
      const all = [...(kept?.doc.people ?? []), ...(kept?.doc.bin ?? []).map(({ person }) => person)];
      const name = all.find((one) => one.id === id)?.name ?? '';
      if (kept) {
        const people = kept.doc.people.filter((one) => one.id !== id);
        const bin = kept.doc.bin.filter(({ person }) => person.id !== id);
        if (!(await kitchens.write(scope, kept.version, { ...kept.doc, people, bin })))
          throw new ConflictError('The kitchen was changed elsewhere in between: try again.');
      }
      const recipes = await erase.rewrite(scope, 'recipes', id, (doc) => scrubbed(doc, id));
      const dockets = await erase.rewrite(scope, 'dockets', id, (doc) => scrubbedDocket(doc, id, name));
      await erase.rewrite(scope, 'tastings', id, (doc) => scrubbed(doc, id));
      await erase.dropRequests(scope);
      return { recipes, dockets, bakes: 0, backups: backups() };
    }),

  /** A household whole. Whoever has no other of their own is given an empty one. */
  household: (scope: Scope): Promise<ErasedAnswer> =>
    inTransaction(async ({ erase }) => {
      const gone = await erase.household(scope);
      if (!(await erase.hasHome(scope))) await erase.emptyHome(scope, newId(), HOME);
      return { ...gone, backups: backups() };
    }),
});
