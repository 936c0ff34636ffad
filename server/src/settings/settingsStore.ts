import type { Knex } from 'knex';
import type { SettingsAnswer, SettingsDto } from '@omniarton/contracts';
import type { Scope } from '../http/scope';

interface Row {
  household_id: string;
  created_by: string;
  version: number;
  doc_schema: number;
  doc: SettingsDto;
}

const toAnswer = ({ version, doc }: Row): SettingsAnswer => ({ version, doc });

export const settingsStore = (db: Knex) => ({
  async find({ householdId }: Scope): Promise<SettingsAnswer | undefined> {
    const row = await db<Row>('settings').where({ household_id: householdId }).first();
    return row && toAnswer(row);
  },
  /** Undefined when another version is stored. Version 0 is "nothing stored yet". */
  async write(
    { householdId, personId }: Scope,
    version: number,
    doc: SettingsDto,
  ): Promise<SettingsAnswer | undefined> {
    const values = {
      version: version + 1,
      doc_schema: doc.schema,
      doc: JSON.stringify(doc) as unknown as SettingsDto,
    };
    const [row] =
      version === 0
        ? await db<Row>('settings')
            .insert({ household_id: householdId, created_by: personId, ...values })
            .onConflict(['household_id'])
            .ignore()
            .returning('*')
        : await db<Row>('settings')
            .where({ household_id: householdId, version })
            .update(values)
            .returning('*');
    return row && toAnswer(row);
  },
});

export type SettingsStore = ReturnType<typeof settingsStore>;
