import type { HouseholdAnswer } from '@omniarton/contracts';
import { NotFoundError } from '../http/errors';
import type { Scope } from '../http/scope';
import type { HouseholdStore } from './householdStore';

export function householdService(store: HouseholdStore) {
  async function person(): Promise<string> {
    const id = await store.localPerson();
    if (!id) throw new NotFoundError('Nobody lives here yet: start the server once with npm start.');
    return id;
  }
  return {
    async list(): Promise<HouseholdAnswer[]> {
      return store.ofPerson(await person());
    },
    /** The scope of a household that the local person belongs to; any other doesn't exist for them. */
    async enter(householdId: string): Promise<Scope> {
      const personId = await person();
      const mine = await store.ofPerson(personId);
      if (!mine.some(({ id }) => id === householdId)) throw new NotFoundError('There is no such kitchen.');
      return { householdId, personId };
    },
    async removeDemo({ householdId, personId }: Scope): Promise<void> {
      const removed = await store.removeDemo(personId, householdId);
      if (!removed) throw new NotFoundError('Only the demo kitchen can be removed.');
    },
  };
}
