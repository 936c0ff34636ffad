import type { HouseholdAnswer, HouseRole } from '@omniarton/contracts';
import { NotFoundError } from '../http/errors';
import type { Scope } from '../http/scope';
import type { HouseholdStore } from './householdStore';

export const householdService = (store: HouseholdStore) => ({
  /** Whoever sits at the machine itself. */
  async localPerson(): Promise<string> {
    const id = await store.localPerson();
    if (!id) throw new NotFoundError('Nobody lives here yet: start the server once with npm start.');
    return id;
  },
  list: (personId: string): Promise<HouseholdAnswer[]> => store.ofPerson(personId),
  /** The scope of a household that a person belongs to, and what they may do there; any other doesn't exist for them. */
  async enter(
    personId: string,
    householdId: string,
  ): Promise<{ readonly scope: Scope; readonly role: HouseRole }> {
    const mine = (await store.ofPerson(personId)).find(({ id }) => id === householdId);
    if (!mine) throw new NotFoundError('There is no such kitchen.');
    return { scope: { householdId, personId }, role: mine.role };
  },
  async removeDemo({ householdId, personId }: Scope): Promise<void> {
    const removed = await store.removeDemo(personId, householdId);
    if (!removed) throw new NotFoundError('Only the demo kitchen can be removed.');
  },
});
