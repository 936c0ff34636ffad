import { v7 as newId } from 'uuid';
import type { BakeDto, CupboardAnswer, TastingDto } from '@omniarton/contracts';
import { bagState } from '@omniarton/core/cupboard';
import { BUILT_IN_KITCHEN, catalogueOf } from '@omniarton/core/kitchen';
import { resultOf } from '@omniarton/core/taste';
import { migrate, pendingMigrations } from '../db/migrate';
import { plainCake } from '../testing/documents';
import { openHouse, type TestHouse } from '../testing/house';
import { demoDocuments } from './recipes';
import { seed, seedAgain } from './seed';

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
    expect(owned.sort()).toEqual([
      'bags',
      'bakes',
      'days',
      'dockets',
      'flour_uses',
      'join_codes',
      'kitchens',
      'members',
      'movements',
      'photos',
      'recipes',
      'requests',
      'settings',
      'tastings',
    ]);
  });
});

describe('the demo', () => {
  it('holds only recipes that were read, each with its weight', () => {
    for (const { asRead, lines, text } of demoDocuments()) {
      expect(asRead.batchGrams).toBeGreaterThan(0);
      expect(lines).toHaveLength(text.split('\n').filter((line) => line.trim() !== '').length);
    }
  });
  it('has a cupboard with a flour that runs low and one that goes stale', async () => {
    const { bags } = (await house.get(`/api/households/${house.demo}/cupboard`).expect(200)).body as CupboardAnswer;
    const states = bags.map(({ id, grams, doc }) =>
      bagState({ id, grams, bag: doc }, new Date().toISOString().slice(0, 10), catalogueOf(BUILT_IN_KITCHEN)),
    );
    expect(states.some(({ low }) => low)).toBe(true);
    expect(states.some(({ age }) => age !== 'fresh')).toBe(true);
  });
  it('has a log: eight bakes over three recipes, a study with pictures, and a blind tasting that is over', async () => {
    const where = { household_id: house.demo };
    const bakes = (await house.db('bakes').where(where)) as { recipe_id: string; doc: BakeDto }[];
    expect(bakes).toHaveLength(8);
    expect(new Set(bakes.map((one) => one.recipe_id)).size).toBe(3);
    expect(bakes.filter(({ doc }) => doc.notes.variant?.parent)).not.toEqual([]);
    expect(await house.db('photos').where(where)).toHaveLength(4);
    const [tasting] = (await house.db('tastings').where(where)) as { doc: TastingDto }[];
    expect(tasting!.doc).toMatchObject({ stage: 'closed', test: 'liking' });
    expect(resultOf(tasting!.doc)).toMatchObject({ kind: 'liking', tasters: 5 });
  });
  it('that was seeded before there were ovens gets them once, and keeps what was changed in it', async () => {
    const where = { household_id: house.demo };
    const { doc } = (await house.db('kitchens').where(where).first()) as { doc: Record<string, unknown> };
    const { ovens, pans, microwave, ...older } = doc;
    expect([ovens, pans, microwave]).toEqual([expect.anything(), expect.anything(), null]);
    await house.db('kitchens').where(where).update({ doc: JSON.stringify({ ...older, schema: 1, people: [] }) });
    await house.db('seeds').where({ name: 'demo-4' }).delete();
    await seed(house.db, { demo: true });
    const now = (await house.db('kitchens').where(where).first()) as { doc: Record<string, unknown> };
    expect(now.doc).toMatchObject({ ovens, pans, people: [] });
    await house.db('kitchens').where(where).update({ doc: JSON.stringify(doc) });
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
  it('comes back when it is asked for, once, with all in it', async () => {
    await seedAgain(house.db);
    await seedAgain(house.db);
    const [back, ...more] = (await households()).filter(({ demo }) => demo);
    expect(more).toEqual([]);
    const recipes = await house.db('recipes').where({ household_id: back!.id });
    expect(recipes).toHaveLength(demoDocuments().length);
    expect(await house.db('bags').where({ household_id: back!.id })).not.toEqual([]);
  });
  it('leaves the home kitchen as it was', async () => {
    const id = newId();
    await house.send('put', `/api/households/${house.home}/recipes/${id}`).set('if-none-match', '*').send(plainCake).expect(201);
    await house.get(`/api/households/${house.home}/recipes/${id}`).expect(200);
  });
});
