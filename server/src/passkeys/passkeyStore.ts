import type { Knex } from 'knex';

interface Row {
  id: string;
  person_id: string;
  credential: string;
  public_key: Buffer;
  counter: string;
  rp: string;
  name: string;
  created_at: Date;
  used_at: Date | null;
}

export interface Passkey {
  readonly id: string;
  readonly personId: string;
  /** As the device calls it, base64url. */
  readonly credential: string;
  readonly publicKey: Uint8Array<ArrayBuffer>;
  readonly counter: number;
  /** The name of the house that it signs for. */
  readonly rp: string;
  readonly name: string;
  readonly made: Date;
  readonly used: Date | null;
}

/** A challenge is answered within so long. */
const LASTS = "interval '5 minutes'";

const passkeyOf = (row: Row): Passkey => ({
  ...{ id: row.id, personId: row.person_id, credential: row.credential, rp: row.rp, name: row.name },
  publicKey: Uint8Array.from(row.public_key),
  counter: Number(row.counter),
  ...{ made: row.created_at, used: row.used_at },
});

export const passkeyStore = (db: Knex) => {
  const passkeys = () => db<Row>('passkeys');
  return {
    async list(personId: string): Promise<Passkey[]> {
      return (await passkeys().where({ person_id: personId }).orderBy('created_at')).map(passkeyOf);
    },
    async byCredential(credential: string, rp: string): Promise<Passkey | undefined> {
      const row = await passkeys().where({ credential, rp }).first();
      return row && passkeyOf(row);
    },
    async add({
      id,
      personId,
      credential,
      publicKey,
      counter,
      rp,
      name,
    }: Omit<Passkey, 'made' | 'used'>): Promise<void> {
      await passkeys().insert({
        ...{ id, person_id: personId, credential, counter: String(counter), rp, name },
        public_key: Buffer.from(publicKey),
      });
    },
    /** A signature counts on; false where another has counted as far beside it. */
    async used(id: string, counter: number): Promise<boolean> {
      const changed = await passkeys()
        .where({ id })
        .whereRaw('(counter < ? OR (counter = 0 AND ? = 0))', [counter, counter])
        .update({ counter: String(counter), used_at: db.fn.now() as unknown as Date });
      return changed > 0;
    },
    async remove(personId: string, id: string): Promise<boolean> {
      return (await passkeys().where({ id, person_id: personId }).delete()) > 0;
    },
    /** What a device is asked to sign: once, soon, for one name. `personId` null: whoever it is. */
    async ask(challenge: string, rp: string, personId: string | null): Promise<void> {
      await db('challenges').insert({
        ...{ challenge, rp, person_id: personId },
        expires_at: db.raw(`now() + ${LASTS}`),
      });
    },
    /** Uses a challenge up; false where nobody asked it. */
    async answered(challenge: string, rp: string, personId: string | null): Promise<boolean> {
      const gone = await db('challenges')
        .where({ challenge, rp, person_id: personId })
        .where('expires_at', '>', db.fn.now())
        .delete();
      return gone > 0;
    },
    async purge(): Promise<void> {
      await db('challenges').where('expires_at', '<', db.fn.now()).delete();
    },
  };
};

export type PasskeyStore = ReturnType<typeof passkeyStore>;
