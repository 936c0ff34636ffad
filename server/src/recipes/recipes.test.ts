import { v7 as newId } from 'uuid';
import type { PageOf, RecipeAnswer, RecipeSummary } from '@omniarton/contracts';
import { GUESTS } from '../demo/people';
import { plainCake as doc } from '../testing/documents';
import { emptyNotes } from '@omniarton/core/kitchen';
import { openHouse, type TestHouse } from '../testing/house';

let house: TestHouse;
beforeAll(async () => (house = await openHouse('recipes')));
afterAll(() => house.close());
const path = (id: string, household = house.home) => `/api/households/${household}/recipes/${id}`;
const create = (id: string, part: object = {}) =>
  house
    .send('put', path(id))
    .set('if-none-match', '*')
    .send({ ...doc, ...part });
const replace = (id: string, version: number, part: object = {}) =>
  house
    .send('put', path(id))
    .set('if-match', `"${version}"`)
    .send({ ...doc, ...part });

describe('a recipe', () => {
  it('is kept, found again, and changed only from the version that was seen', async () => {
    const id = newId();
    await create(id).expect(201);
    const found = await house.get(path(id)).expect(200);
    expect(found.headers.etag).toBe('"1"');
    expect((found.body as RecipeAnswer).doc).toEqual(doc);
    await replace(id, 1, { text: 'Mine' }).expect(200);
    const refused = await replace(id, 1, { text: 'Theirs' }).expect(412);
    expect(refused.body).toMatchObject({
      code: 'conflict',
      details: { stored: { version: 2, doc: { text: 'Mine' } } },
    });
  });
  it('is not made twice under one id', async () => {
    const id = newId();
    await create(id).expect(201);
    await create(id, { text: 'Another' }).expect(412);
  });
  it('gives a repeated request its first answer, and another one under that id none', async () => {
    const id = newId();
    const once = newId();
    for (let time = 0; time < 2; time += 1) {
      const answer = await create(id).set('x-request-id', once).expect(201);
      expect((answer.body as RecipeAnswer).version).toBe(1);
    }
    await replace(id, 1, { text: 'Sly' }).set('x-request-id', once).expect(400);
    await create(newId()).set('x-request-id', 'not-a-uuid').expect(400);
  });
  it('takes text with NUL and half surrogates without losing the rest', async () => {
    const id = newId();
    await create(id, { text: 'a\0b\ud800c' }).expect(201);
    expect(((await house.get(path(id))).body as RecipeAnswer).doc.text).toBe('a\ufffdb\ufffdc');
  });
  it('can be taken away and brought back', async () => {
    const id = newId();
    await create(id).expect(201);
    await house.send('delete', path(id)).expect(428);
    await house.send('delete', path(id)).set('if-match', '"9"').expect(412);
    await house.send('delete', path(id)).set('if-match', '"1"').expect(204);
    await house.get(path(id)).expect(404);
    await replace(id, 1).expect(404);
    await house.send('post', `${path(id)}/restore`).expect(200);
    await house.get(path(id)).expect(200);
  });
  it('keeps what it was made with: pins, tin, oven, serving, a bake half written down', async () => {
    const id = newId();
    const whole = {
      ...doc,
      request: {
        ...doc.request,
        pins: [{ ingredient: 'teff-flour', share: 0.3, held: false }],
        pan: { shape: 'loaf', lengthCm: 23, widthCm: 13, count: 1 },
        oven: { celsius: 170, fan: true },
        answers: [{ line: 'l1', answer: 'label-checked', about: '1x2y', on: '2027-06-18', by: 'Orla' }],
        ticks: [{ check: 'sieve', on: '2027-06-18', by: 'Orla' }],
        seats: [{ id: null, gluten: 'label', grainFree: null, avoids: [{ what: 'egg', how: 'label' }] }],
        labels: [{ line: 'l1', says: { gum: true } }],
        scale: { factor: 1.5, lines: [{ line: 'l1', factor: 2 }] },
        overrides: [{ line: 'l1~teff-flour', grams: 70 }],
      },
      serving: { at: '2027-06-19T15:30', zone: 'Europe/Berlin' },
      bakeSheet: {
        ...emptyNotes('2027-06-19'),
        minutes: 31,
        looks: [{ when: 'cooled', marks: { overall: 7 } }],
        notes: 'so far so good',
      },
    };
    await create(id, whole).expect(201);
    expect(((await house.get(path(id))).body as RecipeAnswer).doc).toEqual(whole);
  });
});

describe('what is refused', () => {
  it.each([
    ['another schema', { schema: 99 }],
    ['the schema of an older page', { schema: 1 }],
    [
      'a label that says maybe',
      { request: { ...doc.request, labels: [{ line: 'l1', says: { gum: 'maybe' } }] } },
    ],
    ['a batch of nothing', { request: { ...doc.request, scale: { factor: 0, lines: [] } } }],
    [
      'an answer to nothing',
      { request: { ...doc.request, answers: [{ line: 'l1', answer: 'label-checked' }] } },
    ],
    ['an unknown field', { surprise: 1 }],
    ['a family that isn’t one', { asRead: { ...doc.asRead, family: 'soup' } }],
    [
      'a share above one',
      { request: { ...doc.request, pins: [{ ingredient: 'teff-flour', share: 2, held: true }] } },
    ],
    ['an oven like a star', { request: { ...doc.request, oven: { celsius: 5000, fan: false } } }],
    [
      'a tin of no size',
      { request: { ...doc.request, pan: { shape: 'round', lengthCm: 0, widthCm: 0, count: 1 } } },
    ],
    ['a day that isn’t one', { bakeSheet: emptyNotes('2027-13-40') }],
    [
      'a mark above nine',
      {
        bakeSheet: {
          ...emptyNotes('2027-06-19'),
          looks: [{ when: 'cooled', marks: { overall: 10 } }],
        },
      },
    ],
    ['a zone with a path in it', { serving: { at: '2027-06-19T15:30', zone: '../../etc/passwd' } }],
    ['more than a thousand lines', { text: 'x\n'.repeat(1001) }],
    ['a text without end', { text: 'x'.repeat(200_001) }],
  ])('%s', async (_, part) => {
    const answer = await create(newId(), part).expect(400);
    expect(answer.body).toMatchObject({ code: 'invalid', message: expect.any(String) as string });
  });
  it('a write that doesn’t say what it replaces', async () => {
    await house.send('put', path(newId())).send(doc).expect(428);
  });
  it('an id that can’t be one', async () => {
    await house.get(path('1')).expect(404);
  });
});

describe('the list', () => {
  it('goes page by page through everything, newest first, each once', async () => {
    const ids = Array.from({ length: 5 }, () => newId());
    for (const id of ids) await create(id).expect(201);
    const seen: string[] = [];
    for (let cursor: string | null = ''; cursor !== null;) {
      const query = `?limit=2${cursor ? `&cursor=${cursor}` : ''}`;
      const page = (await house.get(`/api/households/${house.home}/recipes${query}`).expect(200))
        .body as PageOf<RecipeSummary>;
      seen.push(...page.items.map(({ id }) => id));
      cursor = page.next;
    }
    expect(new Set(seen).size).toBe(seen.length);
    expect(seen.slice(0, 5)).toEqual([...ids].reverse());
  });
  it('tells weight, family and whom it is for', async () => {
    const { items } = (await house.get(`/api/households/${house.demo}/recipes`))
      .body as PageOf<RecipeSummary>;
    expect(items).toHaveLength(13);
    for (const item of items) expect(item.batchGrams).toBeGreaterThan(300);
    expect(items.find(({ title }) => title === 'Apple hand pies')).toMatchObject({
      family: 'pastry',
      people: [GUESTS.tam.id, GUESTS.ines.id, GUESTS.lark.id],
    });
  });
  it.each(['cursor=nonsense', 'limit=0', 'limit=1000', 'sort=soup', 'family=soup', 'whom=me'])(
    'refuses ?%s',
    async (query) => {
      await house.get(`/api/households/${house.home}/recipes?${query}`).expect(400);
    },
  );
});

describe('another kitchen', () => {
  it('has none of it', async () => {
    const id = newId();
    await create(id).expect(201);
    await house.get(path(id, house.demo)).expect(404);
    await house.get(path(id, newId())).expect(404);
    await house.send('delete', path(id, house.demo)).set('if-match', '"1"').expect(404);
    await house.send('post', `${path(id, house.demo)}/restore`).expect(404);
    await house.send('put', path(id, house.demo)).set('if-match', '"1"').send(doc).expect(404);
    const { items } = (await house.get(`/api/households/${house.demo}/recipes`))
      .body as PageOf<RecipeSummary>;
    expect(items.map((one) => one.id)).not.toContain(id);
  });
});
