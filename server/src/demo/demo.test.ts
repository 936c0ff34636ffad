import { v7 as newId } from 'uuid';
import { migrate, pendingMigrations } from '../db/migrate';
import { plainCake } from '../testing/documents';
import { openHouse, type TestHouse } from '../testing/house';
import { demoDocuments } from './recipes';
import { seed } from './seed';

let house: TestHouse;
beforeAll(async () => (house = await openHouse('demo')));
afterAll(() => house.close());
const households = async () => (await house.get('/api/households')).body as { id: string; demo: boolean }[];

describe('the database', () => {
  it('is brought up to date once, and again without harm', async () => {
    expect(await pendingMigrations(house.db)).toBe(0);
    await migrate(house.db);
    expect(await pendingMigrations(house.db)).toBe(0);
  });
  it('ties every owned table to its household', async () => {
    const { rows } = await house.db.raw<{ rows: { table_name: string }[] }>(
      `SELECT table_name FROM information_schema.columns WHERE table_schema = 'public' AND column_name = 'household_id'`,
    );
    const owned = rows.map((row) => row.table_name);
    expect(owned.sort()).toEqual(['bakes', 'dockets', 'kitchens', 'members', 'recipes', 'requests', 'settings']);
  });
});

describe('the demo', () => {
  it('holds only recipes that were read, each with its weight', () => {
    for (const { asRead, lines, text } of demoDocuments()) {
      expect(asRead.batchGrams).toBeGreaterThan(0);
      expect(lines).toHaveLength(text.split('\n').filter((line) => line.trim() !== '').length);
    }
  });
  it('is seeded once, goes in one action with all in it, and doesn’t come back', async () => {
    await seed(house.db, { demo: true });
    expect(await households()).toHaveLength(2);
    await house.send('delete', `/api/households/${house.home}`).expect(404);
    await house.send('delete', `/api/households/${house.demo}`).expect(204);
    await seed(house.db, { demo: true });
    expect(await households()).toEqual([expect.objectContaining({ id: house.home, demo: false })]);
    const { rows } = await house.db.raw<{ rows: unknown[] }>('SELECT 1 FROM recipes WHERE household_id = ?', [house.demo]);
    expect(rows).toEqual([]);
  });
  it('leaves the home kitchen as it was', async () => {
    const id = newId();
    await house.send('put', `/api/households/${house.home}/recipes/${id}`).set('if-none-match', '*').send(plainCake).expect(201);
    await house.get(`/api/households/${house.home}/recipes/${id}`).expect(200);
  });
});
