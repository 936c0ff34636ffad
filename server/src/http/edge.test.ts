import request from 'supertest';
import { v7 as newId } from 'uuid';
import { ERROR_CODES, PATHS, pathTo } from '@omniarton/contracts';
import { plainCake as doc } from '../testing/documents';
import { HOST, openHouse, type TestHouse } from '../testing/house';

let house: TestHouse;
beforeAll(async () => (house = await openHouse('edge')));
afterAll(() => house.close());
const path = () => `/api/households/${house.home}/recipes/${newId()}`;
const bare = () => request(house.app).put(path()).set('host', HOST);

describe('the edge', () => {
  it('answers only to its own name, and moves localhost to it', async () => {
    await request(house.app).get('/api/health').set('host', 'elsewhere.example').expect(421);
    const moved = await request(house.app).get('/x?y=1').set('host', 'localhost:4620').expect(308);
    expect(moved.headers.location).toBe(`http://${HOST}/x?y=1`);
    await request(house.app).put(path()).set('host', 'localhost:4620').expect(421);
  });
  it.each([
    ['from another origin', { origin: 'http://elsewhere.example', 'x-omniarton': '1' }],
    [
      'from another site, as the browser says',
      { origin: `http://${HOST}`, 'sec-fetch-site': 'cross-site', 'x-omniarton': '1' },
    ],
    ['without the page’s own header', { origin: `http://${HOST}` }],
    ['from nowhere', { 'x-omniarton': '1' }],
  ])('takes no write %s', async (_, headers) => {
    const answer = await bare().set(headers).send(doc).expect(403);
    expect(answer.body).toMatchObject({ code: 'cross-site' });
  });
  it('takes JSON alone, and only so much of it, and only so deep', async () => {
    const write = () => house.send('put', path()).set('if-none-match', '*');
    await write().set('content-type', 'text/plain').send('x').expect(415);
    await write().set('content-type', 'application/json').send('{"a":').expect(400);
    await write()
      .send({ ...doc, text: 'x'.repeat(600_000) })
      .expect(413);
    const deep = JSON.parse(`${'{"a":'.repeat(60)}1${'}'.repeat(60)}`) as object;
    await write().send(deep).expect(400);
    await write().set('content-type', 'application/json').send('[1]').expect(400);
  });
  it('drops the keys that poison objects', async () => {
    const body = JSON.stringify(doc).replace('{', '{"__proto__":{"polluted":true},');
    await house
      .send('put', path())
      .set({ 'if-none-match': '*', 'content-type': 'application/json' })
      .send(body)
      .expect(201);
    expect(({} as { polluted?: boolean }).polluted).toBeUndefined();
  });
  it('sends a strict policy with a nonce of its own each time, and nothing of what it is made with', async () => {
    const policies = await Promise.all(
      [1, 2].map(async () => (await house.get('/api/health')).headers['content-security-policy']!),
    );
    expect(policies[0]).toMatch(/default-src 'self'.*object-src 'none'.*frame-ancestors 'none'/);
    expect(policies[0]).not.toMatch(/unsafe/);
    expect(policies[0]).not.toBe(policies[1]);
    expect((await house.get('/api/health')).headers['x-powered-by']).toBeUndefined();
  });
  it('knows no address beside its own, and says so as data', async () => {
    for (const unknown of [
      '/api',
      '/api/nothing',
      '/api/households/../../etc',
      `/api/households/${house.home}/secrets`,
    ]) {
      const answer = await house.get(unknown).expect(404);
      expect(ERROR_CODES).toContain((answer.body as { code: string }).code);
      expect(JSON.stringify(answer.body)).not.toMatch(/\/|at .*\.ts/);
    }
  });
});

describe('every address of a kitchen', () => {
  const scoped = Object.entries(PATHS).filter(([, one]) => one.includes(':household'));
  it.each(scoped)('%s doesn’t exist for a kitchen that isn’t mine', async (name) => {
    const ids = {
      household: newId(),
      recipe: newId(),
      docket: newId(),
      device: newId(),
      member: newId(),
      photo: newId(),
      tasting: newId(),
      bake: newId(),
      bag: newId(),
      move: newId(),
      flour: 'teff-flour',
      person: newId(),
      kind: 'recipe',
      id: newId(),
    };
    const url = pathTo(name as keyof typeof PATHS, ids);
    await house.get(url).expect(404);
    for (const method of ['put', 'post', 'delete'] as const)
      await house.send(method, url).set('if-none-match', '*').send(doc).expect(404);
  });
  it('is made whole, or it is a mistake', () =>
    expect(() => pathTo('recipe', { household: 'x' })).toThrow(/:recipe/));
});

describe('settings', () => {
  const url = () => `/api/households/${house.home}/settings`;
  const settings = {
    schema: 3,
    measures: 'us',
    theme: 'dark',
    shortcuts: false,
    units: 'grams',
    signs: 'Orla',
  };
  it('are the usual ones until somebody chooses, and are then kept', async () => {
    expect((await house.get(url()).expect(200)).body).toMatchObject({
      version: 0,
      doc: { measures: 'page' },
    });
    await house.send('put', url()).set('if-none-match', '*').send(settings).expect(200);
    expect((await house.get(url())).body).toMatchObject({ version: 1, doc: settings });
    await house.send('put', url()).set('if-none-match', '*').send(settings).expect(412);
    await house
      .send('put', url())
      .set('if-match', '"1"')
      .send({ ...settings, theme: 'light' })
      .expect(200);
  });
  it('are refused when they are none', async () => {
    await house
      .send('put', url())
      .set('if-match', '"1"')
      .send({ ...settings, theme: 'mauve' })
      .expect(400);
  });
});

describe('health', () => {
  it('is told', async () => {
    expect((await house.get('/api/health').expect(200)).body).toMatchObject({ status: 'ok', database: 'up' });
  });
});
