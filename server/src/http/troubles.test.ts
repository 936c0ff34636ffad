import { gzipSync } from 'node:zlib';
import express from 'express';
import request from 'supertest';
import { v7 as newId } from 'uuid';
import type { PageOf, RecipeAnswer, RecipeSummary } from '@omniarton/contracts';
import { plainCake } from '../testing/documents';
import { openHouse, type TestHouse } from '../testing/house';
import { emptyNotes } from '@omniarton/core/kitchen';
import { answerErrors } from './errors';

let house: TestHouse;
beforeAll(async () => (house = await openHouse('troubles')));
afterAll(() => house.close());
const path = (id = newId()) => `/api/households/${house.home}/recipes/${id}`;

describe('what a database says, as a page can act on it', () => {
  const answerTo = (error: object) => {
    const app = express();
    app.get('/', () => {
      throw Object.assign(new Error('from below'), error);
    });
    app.use(answerErrors);
    return request(app).get('/');
  };
  it.each([
    ['a statement that took too long', { code: '57014' }, 503, 'busy'],
    [
      'no connection free',
      { name: 'KnexTimeoutError', message: 'Timeout acquiring a connection' },
      503,
      'busy',
    ],
    ['a deadlock', { code: '40P01' }, 503, 'busy'],
    ['too many connections', { code: '53300' }, 503, 'busy'],
    ['a full disk', { code: '53100' }, 507, 'disk-full'],
    ['a disk that takes no writes', { code: '25006' }, 507, 'disk-full'],
    ['no room, said by the system', { code: 'ENOSPC' }, 507, 'disk-full'],
    ['a lost connection', { message: 'Connection terminated unexpectedly' }, 503, 'database-down'],
    ['a database that is shut down', { code: '57P01' }, 503, 'database-down'],
    ['nobody there', { code: 'ECONNREFUSED' }, 503, 'database-down'],
    ['a day that no calendar has', { code: '22008' }, 400, 'invalid'],
    ['anything else', { code: '42703' }, 500, 'unexpected'],
  ])('%s', async (_, error, status, code) => {
    const answer = await answerTo(error).expect(status);
    expect(answer.body).toMatchObject({ code });
    expect(JSON.stringify(answer.body)).not.toMatch(/from below/);
  });
  it('really says so: a statement that takes too long', async () => {
    const failed = await house.db
      .transaction(async (inside) => {
        await inside.raw('SET LOCAL statement_timeout = 20');
        await inside.raw('SELECT pg_sleep(2)');
      })
      .then(
        () => ({}),
        (error: object) => error,
      );
    await answerTo({ code: (failed as { code: string }).code }).expect(503);
  });
});

describe('bad input', () => {
  it.each(['2026-02-31', '2026-00-10'])('a day that isn’t one: %s', async (bakedOn) => {
    const bakeSheet = emptyNotes(bakedOn);
    await house
      .send('put', path())
      .set('if-none-match', '*')
      .send({ ...plainCake, bakeSheet })
      .expect(400);
  });
  it('a field left out where null is meant', async () => {
    const { jar: _, ...blend } = plainCake.request.blend;
    const doc = { ...plainCake, request: { ...plainCake.request, blend } };
    const answer = await house.send('put', path()).set('if-none-match', '*').send(doc).expect(400);
    expect((answer.body as { message: string }).message).toMatch(/jar/);
  });
  it.each([
    Buffer.from(JSON.stringify(['2026-02-31 10:00:00+00', newId()])).toString('base64url'),
    Buffer.from(JSON.stringify(['2026-02-20 10:00:00+00', 'x'])).toString('base64url'),
    Buffer.from(JSON.stringify([1, 2, 3])).toString('base64url'),
    '%00',
  ])('a page marker that isn’t ours: %s', async (cursor) => {
    await house.get(`/api/households/${house.home}/recipes?cursor=${cursor}`).expect(400);
  });
  it('gzip that isn’t, is cut, or unpacks to too much', async () => {
    const send = (body: Buffer) =>
      house
        .send('put', path())
        .set({ 'if-none-match': '*', 'content-encoding': 'gzip', 'content-type': 'application/json' })
        .serialize((one) => one as unknown as string)
        .send(body as unknown as object);
    await send(Buffer.from('no gzip at all')).expect(400);
    await send(gzipSync(JSON.stringify(plainCake)).subarray(0, 40)).expect(400);
    await send(gzipSync(JSON.stringify({ ...plainCake, text: 'x'.repeat(5_000_000) }))).expect(413);
  });
});

describe('ten repeats of one request at once', () => {
  it('are given one answer, ten times', async () => {
    const [id, requestId] = [newId(), newId()];
    const answers = await Promise.all(
      Array.from({ length: 10 }, () =>
        house.send('put', path(id)).set({ 'if-none-match': '*', 'x-request-id': requestId }).send(plainCake),
      ),
    );
    expect(new Set(answers.map(({ status }) => status))).toEqual(new Set([201]));
    for (const { body } of answers) expect(body).toEqual(answers[0]!.body);
    const change = await Promise.all(
      Array.from({ length: 10 }, () =>
        house
          .send('put', path(id))
          .set({ 'if-match': '"1"', 'x-request-id': '0195a0c0-0000-7000-8000-0000000000aa' })
          .send({ ...plainCake, text: 'Plain cake\n300 g flour' }),
      ),
    );
    for (const { status, body } of change) expect([status, body]).toEqual([200, change[0]!.body]);
    expect((change[0]!.body as RecipeAnswer).version).toBe(2);
  });
});

describe('a document of a newer program', () => {
  it('is refused by name, and hides no other from a list', async () => {
    const [newer, plain] = [newId(), newId()];
    for (const id of [newer, plain])
      await house.send('put', path(id)).set('if-none-match', '*').send(plainCake).expect(201);
    await house
      .db('recipes')
      .where({ id: newer })
      .update({ doc: JSON.stringify({ schema: 99 }) });
    const answer = await house.get(path(newer)).expect(409);
    expect(answer.body).toMatchObject({ code: 'unreadable' });
    const { items } = (await house.get(`/api/households/${house.home}/recipes`).expect(200))
      .body as PageOf<RecipeSummary>;
    expect(items.map(({ id }) => id)).toEqual(expect.arrayContaining([newer, plain]));
  });
});

describe('health', () => {
  it('tells of tables that aren’t there', async () => {
    await house.db.raw('ALTER TABLE flour_uses RENAME TO mislaid');
    expect((await house.get('/api/health').expect(503)).body).toMatchObject({
      status: 'degraded',
      database: 'incomplete',
    });
    await house.db.raw('ALTER TABLE mislaid RENAME TO flour_uses');
    expect((await house.get('/api/health').expect(200)).body).toMatchObject({
      database: 'up',
      disk: 'unknown',
    });
  });
});
