import express from 'express';
import { pino } from 'pino';
import request from 'supertest';
import { PATHS, pathTo, type FirstPage, type HouseRole } from '@omniarton/contracts';
import { servicesOn } from '../services';
import { HOST, LAN_HOST, openHouse, type TestHouse } from '../testing/house';
import { asksFirstPage } from './asksFirstPage';

let house: TestHouse;
beforeAll(async () => {
  house = await openHouse('first_page');
});
afterAll(() => house.close());

/** What is written for whoever opens the page. */
async function writtenFor(host: string, cookie = ''): Promise<FirstPage | null> {
  const ask = asksFirstPage(servicesOn(house.db), '127.0.0.1', () => 4620, pino({ level: 'silent' }));
  const app = express().get('/', async (req, res) => void res.json(await ask(req, res)));
  return (await request(app).get('/').set({ host, cookie })).body as FirstPage | null;
}

async function deviceOf(role: HouseRole): Promise<string> {
  const made = await house
    .send('post', pathTo('codes', { household: house.home }))
    .send({ name: role, role, member: null })
    .expect(201);
  const { code } = made.body as { code: string };
  const joined = await house.from('', 'post', PATHS.join).send({ code, device: 'a phone' }).expect(201);
  return (joined.headers['set-cookie'] as unknown as string[])[0]!.split(';')[0]!;
}

describe('the first page', () => {
  it('is written from every kitchen of whoever sits at the machine', async () => {
    const page = await writtenFor(HOST);
    const demo = page!.kitchens.find(({ household }) => household.demo)!;
    expect(page!.kitchens.map(({ household }) => household.id).sort()).toEqual(
      [house.home, house.demo].sort(),
    );
    expect(demo.found.items.map(({ title }) => title)).toContain('Harbour ginger snaps');
    expect(demo.kitchen.doc.people.length).toBeGreaterThan(0);
    expect(page!.settings).toMatchObject({ household: house.home, answer: { doc: { theme: 'system' } } });
  });
  it('holds nothing for a device that isn’t in', async () => expect(await writtenFor(LAN_HOST)).toBeNull());
  it('holds nothing for a secret that nobody was given', async () =>
    expect(await writtenFor(LAN_HOST, 'omniarton-device=abc')).toBeNull());
  it('is a baker’s, and no helper’s or taster’s', async () => {
    const baker = await writtenFor(LAN_HOST, await deviceOf('baker'));
    expect(baker!.kitchens.map(({ household }) => household.id)).toEqual([house.home]);
    for (const role of ['helper', 'taster'] as const)
      expect(await writtenFor(LAN_HOST, await deviceOf(role))).toBeNull();
  });
  it('is sent bare while the database is away', async () => {
    const away = asksFirstPage(
      {
        ...servicesOn(house.db),
        devices: { local: () => Promise.reject(new Error('away')) },
      } as unknown as ReturnType<typeof servicesOn>,
      '127.0.0.1',
      () => 4620,
      pino({ level: 'silent' }),
    );
    const app = express().get('/', async (req, res) => void res.json(await away(req, res)));
    expect((await request(app).get('/').set({ host: HOST })).body).toBeNull();
  });
});
