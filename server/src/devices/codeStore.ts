import type { Knex } from 'knex';
import { CODE_MINUTES, type HouseRole } from '@omniarton/contracts';
import type { Scope } from '../http/scope';

interface Row {
  household_id: string;
  created_by: string;
  digest: Buffer;
  person_id: string | null;
  name: string;
  role: HouseRole;
  expires_at: Date;
  used_at: Date | null;
  created_at: Date;
  recovery: boolean;
}

/** Whom a code lets in. */
export interface Invited {
  readonly householdId: string;
  readonly personId: string | null;
  readonly name: string;
  readonly role: HouseRole;
}

export const codeStore = (db: Knex) => {
  const rows = () => db<Row>('join_codes');
  const recoveries = (household: string, person: string) =>
    rows().where({ household_id: household, person_id: person, recovery: true });
  return {
    async add(
      { householdId, personId: by }: Scope,
      digest: Buffer,
      { personId, name, role }: Omit<Invited, 'householdId'>,
    ): Promise<void> {
      await rows().insert({
        ...{ household_id: householdId, created_by: by, digest, person_id: personId, name, role },
        expires_at: db.raw(`now() + interval '${CODE_MINUTES} minutes'`) as unknown as Date,
      });
    },
    /** Puts a code that lasts in the place of the one that its owner has. */
    async addRecovery(
      { householdId, personId }: Scope,
      digest: Buffer,
      { name, role }: Pick<Invited, 'name' | 'role'>,
    ): Promise<void> {
      await this.forgetRecovery(householdId, personId);
      await rows().insert({
        ...{ household_id: householdId, created_by: personId, person_id: personId, digest, name, role },
        recovery: true,
        expires_at: db.raw("now() + interval '100 years'") as unknown as Date,
      });
    },
    async forgetRecovery(householdId: string, personId: string): Promise<void> {
      await recoveries(householdId, personId).delete();
    },
    /** When the code was made that somebody still has; null: they have none. */
    async recoveryOf({ householdId, personId }: Scope): Promise<Date | null> {
      const kept = await recoveries(householdId, personId).whereNull('used_at').first();
      return kept?.created_at ?? null;
    },
    /** Uses a code up; of two that show it one gets in. */
    async use(digest: Buffer): Promise<Invited | undefined> {
      const [used] = (await rows()
        .where({ digest })
        .whereNull('used_at')
        .where('expires_at', '>', db.fn.now())
        .update({ used_at: db.fn.now() as unknown as Date })
        .returning('*')) as Row[];
      return (
        used && {
          ...{ householdId: used.household_id, personId: used.person_id },
          ...{ name: used.name, role: used.role },
        }
      );
    },
    /** Why a code lets nobody in. */
    async why(digest: Buffer): Promise<'unknown' | 'used' | 'old'> {
      const row = await rows().where({ digest }).first();
      if (!row) return 'unknown';
      return row.used_at ? 'used' : 'old';
    },
    async purge(): Promise<void> {
      await rows().whereRaw("expires_at < now() - interval '1 day'").delete();
    },
  };
};

export type CodeStore = ReturnType<typeof codeStore>;
