import type { Express } from 'express';
import knex, { type Knex } from 'knex';
import { pino } from 'pino';
import request from 'supertest';
import { v7 as newId } from 'uuid';
import { EMPTY_REQUEST } from '@omniarton/core/kitchen';
import { makeApp } from '../app';
import { migrate } from '../db/migrate';
import { openDatabase } from '../db/open';
import { seed } from '../demo/seed';
import { servicesOn } from '../services';

const HOST = '127.0.0.1:4620';
const doc = {
  schema: 1,
  asRead: { title: 'Plain cake', family: 'creamed-cake', batchGrams: 200 },
  text: 'Plain cake\n200 g flour',
  lines: [],
  corrections: [],
  request: EMPTY_REQUEST,
  serving: null,
  bakeSheet: null,
};
let db: Knex;
let app: Express;
let home: string;
let demo: string;
const send = (method: 'put' | 'delete' | 'post', path: string) =>
  request(app)
    [method](path)
    .set({ host: HOST, origin: `http://${HOST}`, 'x-omniarton': '1' });
const get = (path: string) => request(app).get(path).set('host', HOST);
const recipe = (id: string, household = home) => `/api/households/${household}/recipes/${id}`;

beforeAll(async () => {
  const admin = knex({ client: 'pg', connection: process.env.TEST_DATABASE_URL! });
  const name = `test_${process.pid}`;
  await admin.raw(`CREATE DATABASE ${name}`);
  await admin.destroy();
  db = openDatabase(process.env.TEST_DATABASE_URL!.replace(/\/omniarton$/, `/${name}`));
  await migrate(db);
  await seed(db, { demo: true });
  app = makeApp({
    services: servicesOn(db),
    host: '127.0.0.1',
    port: () => 4620,
    logger: pino({ level: 'silent' }),
  });
  const households = (await get('/api/households')).body as { id: string; demo: boolean }[];
  home = households.find((one) => !one.demo)!.id;
  demo = households.find((one) => one.demo)!.id;
});
afterAll(() => db.destroy());

describe('recipes', () => {
  it('are kept, found again, and changed only from the version that was seen', async () => {
    const id = newId();
    await send('put', recipe(id)).set('if-none-match', '*').send(doc).expect(201);
    const found = await get(recipe(id)).expect(200);
    expect(found.headers.etag).toBe('"1"');
    await send('put', recipe(id))
      .set('if-match', '"1"')
      .send({ ...doc, text: 'Mine' })
      .expect(200);
    const refused = await send('put', recipe(id))
      .set('if-match', '"1"')
      .send({ ...doc, text: 'Theirs' })
      .expect(412);
    expect(refused.body).toMatchObject({
      code: 'conflict',
      details: { stored: { version: 2, doc: { text: 'Mine' } } },
    });
  });
  it('give a repeated request its first answer', async () => {
    const id = newId();
    const once = newId();
    for (let time = 0; time < 2; time += 1) {
      const answer = await send('put', recipe(id))
        .set({ 'if-none-match': '*', 'x-request-id': once })
        .send(doc)
        .expect(201);
      expect((answer.body as { version: number }).version).toBe(1);
    }
  });
  it('take text with NUL and half surrogates without losing the rest', async () => {
    const id = newId();
    await send('put', recipe(id))
      .set('if-none-match', '*')
      .send({ ...doc, text: 'a\0b\ud800c' })
      .expect(201);
    expect(((await get(recipe(id))).body as { doc: { text: string } }).doc.text).toBe('a\ufffdb\ufffdc');
  });
  it('of one kitchen don’t exist in another', async () => {
    const id = newId();
    await send('put', recipe(id)).set('if-none-match', '*').send(doc).expect(201);
    await get(recipe(id, demo)).expect(404);
    await send('delete', recipe(id, demo)).expect(404);
    await get(recipe(id, newId())).expect(404);
  });
  it('can be taken away and brought back', async () => {
    const id = newId();
    await send('put', recipe(id)).set('if-none-match', '*').send(doc).expect(201);
    await send('delete', recipe(id)).expect(204);
    await get(recipe(id)).expect(404);
    await send('post', `${recipe(id)}/restore`).expect(200);
  });
});

describe('the edge', () => {
  it('answers only to its own name', async () => {
    await request(app).get('/api/health').set('host', 'elsewhere.example').expect(421);
    const moved = await request(app).get('/x').set('host', 'localhost:4620').expect(308);
    expect(moved.headers.location).toBe(`http://${HOST}/x`);
  });
  it('takes no write from another site, no form, no unknown field', async () => {
    const path = recipe(newId());
    await request(app)
      .put(path)
      .set({ host: HOST, origin: 'http://elsewhere.example', 'x-omniarton': '1' })
      .send(doc)
      .expect(403);
    await request(app)
      .put(path)
      .set({ host: HOST, origin: `http://${HOST}` })
      .send(doc)
      .expect(403);
    await send('put', path).set({ 'if-none-match': '*', 'content-type': 'text/plain' }).send('x').expect(415);
    await send('put', path)
      .set('if-none-match', '*')
      .send({ ...doc, surprise: 1 })
      .expect(400);
    await send('put', path).send(doc).expect(428);
  });
  it('says how it is', async () => {
    const health = await get('/api/health').expect(200);
    expect(health.body).toMatchObject({ status: 'ok', database: 'up' });
    expect(health.headers['content-security-policy']).toContain("default-src 'self'");
  });
});

describe('the demo', () => {
  it('is seeded once and goes in one action', async () => {
    await seed(db, { demo: true });
    const list = (await get(`/api/households/${demo}/recipes`)).body as { items: unknown[] };
    expect(list.items).toHaveLength(4);
    await send('delete', `/api/households/${home}`).expect(404);
    await send('delete', `/api/households/${demo}`).expect(204);
    await seed(db, { demo: true });
    expect((await get('/api/households')).body).toHaveLength(1);
  });
});
