import type { Knex } from 'knex';
import type { PhotoAnswer, PhotoOf } from '@omniarton/contracts';
import type { Scope } from '../http/scope';

interface Row {
  household_id: string;
  created_by: string;
  created_at: Date;
  id: string;
  bake_id: string;
  shows: PhotoOf;
  type: string;
  width: number;
  height: number;
  bytes: Buffer;
}

/** A picture with its bytes. */
export interface Photo extends PhotoAnswer {
  readonly bytes: Buffer;
}

const toAnswer = ({ id, shows, type, width, height }: Omit<Row, 'bytes'>): PhotoAnswer => ({
  id,
  of: shows,
  type,
  width,
  height,
});

const WITHOUT_BYTES = ['id', 'shows', 'type', 'width', 'height'] as const;

export const photoStore = (db: Knex) => ({
  /** Those of a bake, the oldest first, without their bytes. */
  async list({ householdId }: Scope, bake: string): Promise<PhotoAnswer[]> {
    const rows = await db<Row>('photos')
      .where({ household_id: householdId, bake_id: bake })
      .orderBy([{ column: 'created_at' }, { column: 'id' }])
      .select(...WITHOUT_BYTES);
    return rows.map((row) => toAnswer(row as Row));
  },

  async find({ householdId }: Scope, bake: string, id: string): Promise<Photo | undefined> {
    const row = await db<Row>('photos').where({ household_id: householdId, bake_id: bake, id }).first();
    return row && { ...toAnswer(row), bytes: row.bytes };
  },

  /** False where the bake isn't there, or the picture is already. */
  async create({ householdId, personId }: Scope, bake: string, photo: Photo): Promise<boolean> {
    const known = (await db('bakes').where({ household_id: householdId, id: bake }).first('id')) as unknown;
    if (!known) return false;
    const { id, of, type, width, height, bytes } = photo;
    const rows = await db<Row>('photos')
      .insert({
        household_id: householdId,
        created_by: personId,
        id,
        bake_id: bake,
        shows: of,
        type,
        width,
        height,
        bytes,
      })
      .onConflict(['household_id', 'id'])
      .ignore()
      .returning('id');
    return rows.length > 0;
  },

  async remove({ householdId }: Scope, bake: string, id: string): Promise<boolean> {
    return (await db<Row>('photos').where({ household_id: householdId, bake_id: bake, id }).delete()) > 0;
  },
});

export type PhotoStore = ReturnType<typeof photoStore>;
