import type { Knex } from 'knex';

interface Row {
  id: string;
  person_id: string;
  name: string;
  token: Buffer;
  token_before: Buffer | null;
  created_at: Date;
  rotated_at: Date;
  seen_at: Date;
  expires_at: Date;
  revoked_at: Date | null;
}

/** A device that is in, and what is due for it: all by the database's own clock. */
export interface KnownDevice {
  readonly id: string;
  readonly personId: string;
  /** Its secret is a day old. */
  readonly stale: boolean;
  /** Nobody noted for a while that it was here. */
  readonly unnoted: boolean;
}

export interface ListedDevice {
  readonly id: string;
  readonly personId: string;
  readonly name: string;
  readonly joined: Date;
  readonly seen: Date;
}

/** Unseen for so long, a device is out. */
export const STAYS_DAYS = 60;
const STAYS = `interval '${STAYS_DAYS} days'`;
const ROTATES = "interval '1 day'";
/** A page may still have requests under way with the secret before. */
const OVERLAP = "interval '2 minutes'";
const NOTED = "interval '5 minutes'";

/** Devices that are in. */
const known = (db: Knex) =>
  db<Row>('devices').whereNull('devices.revoked_at').where('devices.expires_at', '>', db.fn.now());

const reading = (db: Knex) => ({
  async byToken(token: Buffer): Promise<KnownDevice | undefined> {
    const found = (await known(db)
      .whereRaw(`(token = ? OR (token_before = ? AND rotated_at > now() - ${OVERLAP}))`, [token, token])
      .first(
        'id',
        'person_id',
        db.raw(`token = ? AND rotated_at < now() - ${ROTATES} AS stale`, [token]),
        db.raw(`seen_at < now() - ${NOTED} AS unnoted`),
      )) as { id: string; person_id: string; stale: boolean; unnoted: boolean } | undefined;
    return found && { ...found, personId: found.person_id };
  },
  /** Of people of a household. */
  async ofHousehold(householdId: string): Promise<ListedDevice[]> {
    const found = (await known(db)
      .join('members', 'members.person_id', 'devices.person_id')
      .where('members.household_id', householdId)
      .orderBy('devices.created_at')
      .select('devices.*')) as Row[];
    return found.map(({ id, person_id, name, created_at, seen_at }) => ({
      ...{ id, personId: person_id, name, joined: created_at, seen: seen_at },
    }));
  },
});

export const deviceStore = (db: Knex) => ({
  ...reading(db),

  async add(id: string, personId: string, name: string, token: Buffer): Promise<void> {
    await db('devices').insert({
      ...{ id, person_id: personId, name, token },
      expires_at: db.raw(`now() + ${STAYS}`),
    });
  },
  async noted(id: string): Promise<void> {
    await db('devices').where({ id }).update({ seen_at: db.fn.now() });
  },
  /** A new secret in the place of another; false where a request beside this one has done so. */
  async rotate(id: string, from: Buffer, to: Buffer): Promise<boolean> {
    const changed = await db('devices')
      .where({ id, token: from })
      .whereNull('revoked_at')
      .update({
        token: to,
        token_before: from,
        rotated_at: db.fn.now(),
        seen_at: db.fn.now(),
        expires_at: db.raw(`now() + ${STAYS}`),
      });
    return changed > 0;
  },
  async revoke(id: string): Promise<boolean> {
    return (
      (await db('devices').where({ id }).whereNull('revoked_at').update({ revoked_at: db.fn.now() })) > 0
    );
  },
  async revokeAllOf(personId: string): Promise<void> {
    await db('devices')
      .where({ person_id: personId })
      .whereNull('revoked_at')
      .update({ revoked_at: db.fn.now() });
  },
  /** Devices that are out are forgotten after a month. */
  async purge(): Promise<void> {
    await db('devices')
      .whereRaw("least(coalesce(revoked_at, expires_at), expires_at) < now() - interval '30 days'")
      .delete();
  },
});

export type DeviceStore = ReturnType<typeof deviceStore>;
