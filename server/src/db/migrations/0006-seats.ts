import type { Knex } from 'knex';

interface Needs {
  readonly gluten?: unknown;
  readonly grainFree?: unknown;
  readonly avoids?: unknown;
}
interface Kitchen {
  readonly people?: readonly (Needs & { readonly id: string })[];
}
interface Request {
  readonly people?: readonly string[];
  readonly seats?: unknown;
}
interface Row {
  readonly id: string;
  readonly doc: { readonly request?: Request };
}

const PAGE = 200;

/**
 * Each recipe gets a copy of what the people at its table avoid, while the kitchen still knows: from then on taking somebody
 * away loosens nothing. Documents of every version get it; their upcaster takes it up.
 */
export async function up(db: Knex): Promise<void> {
  const kitchens = (await db('kitchens').select('household_id', 'doc')) as {
    household_id: string;
    doc: Kitchen;
  }[];
  for (const { household_id, doc } of kitchens) {
    const people = new Map((doc.people ?? []).map((one) => [one.id, one]));
    let after = '00000000-0000-0000-0000-000000000000';
    for (;;) {
      const rows = (await db('recipes')
        .where({ household_id })
        .where('id', '>', after)
        .orderBy('id')
        .limit(PAGE)
        .select('id', 'doc')) as Row[];
      for (const row of rows) await fill(db, household_id, row, people);
      if (rows.length < PAGE) break;
      after = rows.at(-1)!.id;
    }
  }
}

async function fill(db: Knex, household_id: string, { id, doc }: Row, people: ReadonlyMap<string, Needs>) {
  const { request } = doc;
  if (!request?.people || request.people.length === 0 || request.seats !== undefined) return;
  const seats = request.people.map((one) => {
    const known = people.get(one);
    return {
      id: one,
      gluten: known?.gluten ?? null,
      grainFree: known?.grainFree ?? null,
      avoids: known?.avoids ?? [],
    };
  });
  await db('recipes')
    .where({ household_id, id })
    .update({ doc: JSON.stringify({ ...doc, request: { ...request, seats } }) });
}

export const down = (): Promise<void> => Promise.resolve();
