import type { RecipeAnswer } from '@omniarton/contracts';
import { upcastRecipe } from '@omniarton/core/kitchen';
import { GUESTS } from '../demo/people';
import { openHouse, type TestHouse } from '../testing/house';
import { up as fillSeats } from './migrations/0006-seats';

let house: TestHouse;
beforeAll(async () => (house = await openHouse('migrations')));
afterAll(() => house.close());

it('a recipe of an older program keeps what its people avoid, even when they are taken away afterwards', async () => {
  const [row] = (await house.db('recipes').where({ household_id: house.demo }).limit(1)) as {
    id: string;
    doc: Record<string, unknown>;
  }[];
  const { seats: _, ticks: __, ...request } = row!.doc['request'] as Record<string, unknown>;
  const older = {
    ...row!.doc,
    schema: 5,
    request: { ...request, answers: [], people: [GUESTS.tam.id, GUESTS.ines.id] },
  };
  await house
    .db('recipes')
    .where({ id: row!.id })
    .update({ doc: JSON.stringify(older) });
  await fillSeats(house.db);
  await fillSeats(house.db);
  const path = `/api/households/${house.demo}/recipes/${row!.id}`;
  const { doc } = (await house.get(path).expect(200)).body as RecipeAnswer;
  const { name: _tam, ...tam } = GUESTS.tam;
  const { name: _ines, ...ines } = GUESTS.ines;
  expect(doc.request.seats).toEqual([tam, ines]);
  expect(doc.schema).toBe(upcastRecipe(doc).schema);
});
