import type { Knex } from 'knex';
import type { HouseRole } from '@omniarton/contracts';

interface Row {
  household_id: string;
  person_id: string;
  role: HouseRole;
}

interface Person {
  id: string;
  name: string;
  passphrase: string | null;
}

export interface Member {
  readonly id: string;
  readonly name: string;
  readonly role: HouseRole;
  readonly passphrase: boolean;
}

/** People who sign in, and what each may do in a household. */
export const memberStore = (db: Knex) => {
  const members = () => db<Row>('members');
  const people = () => db<Person>('people');
  return {
    async list(householdId: string): Promise<Member[]> {
      const rows = (await members()
        .join('people', 'people.id', 'members.person_id')
        .where('household_id', householdId)
        .orderBy(['people.created_at', 'people.id'])
        .select('people.id', 'people.name', 'members.role', 'people.passphrase')) as (Person & Row)[];
      return rows.map(({ id, name, role, passphrase }) => ({
        id,
        name,
        role,
        passphrase: passphrase !== null,
      }));
    },
    async add(householdId: string, id: string, name: string, role: HouseRole): Promise<void> {
      await people().insert({ id, name, passphrase: null });
      await members().insert({ household_id: householdId, person_id: id, role });
    },
    /** The owners of a household, held against others until the transaction ends. */
    async ownersHeld(householdId: string): Promise<string[]> {
      const rows = await members()
        .where({ household_id: householdId, role: 'owner' })
        .forUpdate()
        .select('person_id');
      return rows.map(({ person_id }) => person_id);
    },
    async setRole(householdId: string, id: string, role: HouseRole): Promise<boolean> {
      return (await members().where({ household_id: householdId, person_id: id }).update({ role })) > 0;
    },
    /** Takes somebody out of a household; who is in none any more signs in no more, and keeps no name. */
    async remove(householdId: string, id: string): Promise<boolean> {
      const gone = await members().where({ household_id: householdId, person_id: id }).delete();
      const left = await members().where({ person_id: id }).first();
      if (gone > 0 && !left) await people().where({ id }).update({ name: '', passphrase: null });
      return gone > 0;
    },
    async person(id: string): Promise<Person | undefined> {
      return people().where({ id }).first();
    },
    async byName(name: string): Promise<Person | undefined> {
      return people().whereRaw('lower(name) = lower(?)', [name]).whereNotNull('passphrase').first();
    },
    async setPassphrase(id: string, name: string, passphrase: string): Promise<void> {
      await people().where({ id }).update({ name, passphrase });
    },
  };
};

export type MemberStore = ReturnType<typeof memberStore>;
