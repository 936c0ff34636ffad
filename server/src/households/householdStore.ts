import type { Knex } from 'knex';
import type { HouseholdAnswer, HouseRole } from '@omniarton/contracts';

interface Row {
  id: string;
  name: string;
  demo: boolean;
  role: HouseRole;
}

const toAnswer = ({ id, name, demo, role }: Row): HouseholdAnswer => ({ id, name, demo, role });

export const householdStore = (db: Knex) => ({
  /** Whoever sits at the machine itself: the first one made. */
  async localPerson(): Promise<string | undefined> {
    const row = await db<{ id: string; created_at: Date }>('people')
      .orderBy('created_at')
      .orderBy('id')
      .first('id');
    return row?.id;
  },
  async ofPerson(personId: string): Promise<HouseholdAnswer[]> {
    const rows = await db<Row>('households')
      .join('members', 'members.household_id', 'households.id')
      .where('members.person_id', personId)
      .orderBy(['households.demo', 'households.created_at', 'households.id'])
      .select<Row[]>('households.id', 'households.name', 'households.demo', 'members.role');
    return rows.map(toAnswer);
  },
  /** Takes a demo household away with all that is in it; true when there was one. */
  async removeDemo(personId: string, householdId: string): Promise<boolean> {
    const mine = db('members').where({ person_id: personId }).select('household_id');
    const removed = await db('households')
      .where({ id: householdId, demo: true })
      .whereIn('id', mine)
      .delete();
    return removed > 0;
  },
});

export type HouseholdStore = ReturnType<typeof householdStore>;
