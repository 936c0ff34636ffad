import type { Express } from 'express';
import request from 'supertest';
import { v7 as newId } from 'uuid';
import { PATHS, pathTo, type DevicesAnswer, type HouseRole } from '@omniarton/contracts';
import { HOST, LAN_HOST, openHouse, type TestHouse } from '../testing/house';

let house: TestHouse;
let household: string;
beforeAll(async () => {
  house = await openHouse('devices');
  household = house.home;
});
afterAll(() => house.close());
afterEach(() => house.db('tries').delete());

const cookieOf = (headers: Readonly<Record<string, unknown>>): string => {
  const [set = ''] = (headers['set-cookie'] as string[] | undefined) ?? [];
  return set.split(';')[0]!;
};
async function codeFor(name: string, role: HouseRole, member: string | null = null): Promise<string> {
  const made = await house
    .send('post', pathTo('codes', { household }))
    .send({ name, role, member })
    .expect(201);
  return (made.body as { code: string }).code;
}
const join = (code: string) => house.from('', 'post', PATHS.join).send({ code, device: 'a phone' });
async function deviceOf(name: string, role: HouseRole): Promise<string> {
  return cookieOf((await join(await codeFor(name, role)).expect(201)).headers);
}
const members = async () =>
  ((await house.get(pathTo('devices', { household }))).body as DevicesAnswer).members;
const me = (cookie: string) => house.from(cookie, 'get', PATHS.me);
const tooMuch = { code: 'invalid' };

describe('a code on paper', () => {
  const recovery = (cookie = '') =>
    (cookie === ''
      ? house.send('post', pathTo('recovery', { household }))
      : house.from(cookie, 'post', pathTo('recovery', { household }))
    ).send();
  const made = async () => ((await recovery().expect(201)).body as { code: string }).code;
  const kept = async () =>
    ((await house.get(pathTo('devices', { household }))).body as DevicesAnswer).recovery;
  it('lets its owner in when every device is lost, once, whenever that is', async () => {
    const code = await made();
    expect(await kept()).not.toBeNull();
    await house
      .db('join_codes')
      .where({ recovery: true })
      .update({
        created_at: house.db.raw("now() - interval '3 years'"),
      });
    const there = await house.get(PATHS.me);
    const answer = await join(code.replace(/(.{4})/g, '$1 ')).expect(201);
    expect((await me(cookieOf(answer.headers)).expect(200)).body).toMatchObject({
      person: (there.body as { person: string }).person,
    });
    await join(code).expect(400);
    expect(await kept()).toBeNull();
  });
  it('is one at a time: a new one ends the one before', async () => {
    const [old, now] = [await made(), await made()];
    await join(old).expect(400);
    await join(now).expect(201);
  });
  it('is an owner’s alone, and goes with that', async () => {
    await recovery(await deviceOf('Baker', 'baker')).expect(403);
    const owner = await deviceOf('Second owner', 'owner');
    const code = ((await recovery(owner).expect(201)).body as { code: string }).code;
    const { id } = (await members()).find(({ name }) => name === 'Second owner')!;
    await house
      .send('put', pathTo('member', { household, member: id }))
      .send({ role: 'helper' })
      .expect(204);
    await join(code).expect(400);
  });
});

describe('a device', () => {
  it('is in with a code, once, and its secret is out of every script’s reach', async () => {
    const code = await codeFor('Wren', 'baker');
    const answer = await join(`${code.slice(0, 4)} - ${code.slice(4).toLowerCase()}`).expect(201);
    expect(answer.headers['set-cookie']![0]).toMatch(/HttpOnly/);
    expect(answer.headers['set-cookie']![0]).toMatch(/SameSite=Strict/);
    expect((await me(cookieOf(answer.headers)).expect(200)).body).toMatchObject({ name: 'Wren' });
    expect((await join(code).expect(400)).body).toMatchObject({
      ...tooMuch,
      message: expect.stringMatching(/already/) as string,
    });
  });
  it('isn’t in with a code that is wrong, or older than ten minutes', async () => {
    expect((await join('ABCD2345').expect(400)).body).toMatchObject({
      message: expect.stringMatching(/nobody/) as string,
    });
    const code = await codeFor('Late', 'helper');
    await house.db('join_codes').update({ expires_at: house.db.raw("now() - interval '1 second'") });
    expect((await join(code).expect(400)).body).toMatchObject({
      message: expect.stringMatching(/older/) as string,
    });
    expect((await members()).some(({ name }) => name === 'Late')).toBe(false);
  });
  it('of two that show one code at once lets one in', async () => {
    const code = await codeFor('Twins', 'helper');
    const both = await Promise.all([join(code), join(code)]);
    expect(both.map(({ status }) => status).sort()).toEqual([201, 400]);
    expect((await members()).filter(({ name }) => name === 'Twins')).toHaveLength(1);
  });
  it('guesses ten times, and then waits, whatever it shows', async () => {
    const code = await codeFor('Guesser', 'taster');
    for (let n = 0; n < 10; n += 1) await join('ZZZZ2222').expect(400);
    expect((await join(code).expect(429)).body).toMatchObject({ code: 'too-many-requests' });
    await house.db('tries').update({ since: house.db.raw("now() - interval '11 minutes'") });
    await join(code).expect(201);
  });
  it('guesses for itself behind a proxy that is believed, and for all behind one that isn’t', async () => {
    const guess = (app: Express, client: string) =>
      request(app)
        .post(PATHS.join)
        .set({ host: LAN_HOST, origin: `http://${LAN_HOST}`, 'x-omniarton': '1', 'x-forwarded-for': client })
        .send({ code: 'ZZZZ2222', device: 'a phone' });
    const forgotten = () => house.db('tries').del();
    const statuses = async (app: Express) => {
      await forgotten();
      for (let n = 0; n < 10; n += 1) await guess(app, '192.0.2.7').expect(400);
      return [(await guess(app, '192.0.2.7')).status, (await guess(app, '192.0.2.8')).status];
    };
    expect(await statuses(house.behind(['127.0.0.1', '::1']))).toEqual([429, 400]);
    expect(await statuses(house.app)).toEqual([429, 429]);
    await forgotten();
  });
  it('isn’t known without its secret, by a false one, or after it was put out', async () => {
    await me('').expect(401);
    expect((await me('omniarton-device=made-up').expect(401)).body).toMatchObject({ code: 'signed-out' });
    const cookie = await deviceOf('Gone', 'baker');
    await me(cookie).expect(200);
    const gone = (await members()).find(({ name }) => name === 'Gone')!;
    await house.send('delete', pathTo('device', { household, device: gone.devices[0]!.id })).expect(204);
    await me(cookie).expect(401);
  });
  it('is out when it wasn’t seen for long, and when it signs itself out', async () => {
    const [stale, leaving] = [await deviceOf('Stale', 'baker'), await deviceOf('Leaving', 'baker')];
    const person = (await members()).find(({ name }) => name === 'Stale')!.id;
    await house
      .db('devices')
      .where({ person_id: person })
      .update({ expires_at: house.db.raw("now() - interval '1 second'") });
    await me(stale).expect(401);
    await house.from(leaving, 'post', PATHS.signOut).expect(204);
    await me(leaving).expect(401);
  });
  it('is given a new secret each day, and the one before holds for a moment', async () => {
    const cookie = await deviceOf('Daily', 'baker');
    const person = (await members()).find(({ name }) => name === 'Daily')!.id;
    const theirs = () => house.db('devices').where({ person_id: person });
    await theirs().update({ rotated_at: house.db.raw("now() - interval '25 hours'") });
    const renewed = cookieOf((await me(cookie).expect(200)).headers);
    expect(renewed).not.toBe(cookie);
    await me(renewed).expect(200);
    await me(cookie).expect(200);
    await theirs().update({ rotated_at: house.db.raw("now() - interval '3 minutes'") });
    await me(cookie).expect(401);
    await me(renewed).expect(200);
  });
  it('is no device where it comes through a proxy under the machine’s own name', () =>
    request(house.app).get(PATHS.me).set({ host: HOST, 'x-forwarded-for': '192.0.2.7' }).expect(401));
  it('writes from its own page alone', async () => {
    const cookie = await deviceOf('Origin', 'baker');
    const settings = pathTo('settings', { household });
    await house.from(cookie, 'put', settings).set('origin', `http://${HOST}`).expect(403);
    await request(house.app).get(PATHS.me).set({ host: 'elsewhere.test:4620', cookie }).expect(421);
    await request(house.app).get('/').set({ host: LAN_HOST }).expect(404);
  });
  it('keeps digests, and no secret, in the database', async () => {
    const code = await codeFor('Digest', 'baker');
    const cookie = cookieOf((await join(code).expect(201)).headers);
    const kept = JSON.stringify([await house.db('devices'), await house.db('join_codes')]);
    expect(kept).not.toContain(code);
    expect(kept).not.toContain(cookie.split('=')[1]);
  });
});

describe('a passphrase', () => {
  const phrase = 'four plain kitchen words';
  const signIn = (name: string, passphrase: string) =>
    house.from('', 'post', PATHS.signIn).send({ name, passphrase, device: 'a laptop' });
  it('lets its owner in by name, and nobody else', async () => {
    const cookie = await deviceOf('Merle', 'baker');
    const put = (name: string, passphrase: string) =>
      house.from(cookie, 'put', PATHS.passphrase).send({ name, passphrase });
    await put('Merle', 'short').expect(400);
    await put('Merle', phrase).expect(204);
    const answer = await signIn('merle', phrase).expect(201);
    expect((await me(cookieOf(answer.headers)).expect(200)).body).toMatchObject({ name: 'Merle' });
    const wrong = await signIn('Merle', `${phrase}!`).expect(400);
    const nobody = await signIn('Nobody', phrase).expect(400);
    expect(wrong.body).toEqual(nobody.body);
    const other = await deviceOf('Other', 'baker');
    await house.from(other, 'put', PATHS.passphrase).send({ name: 'MERLE', passphrase: phrase }).expect(400);
    expect(JSON.stringify(await house.db('people'))).not.toContain(phrase);
  });
});

describe('an owner', () => {
  it('one stays, whoever leaves at once', async () => {
    const [one, other] = [await deviceOf('Ash', 'owner'), await deviceOf('Elm', 'owner')];
    const all = await members();
    const idOf = (name: string) => all.find((member) => member.name === name)!.id;
    const local = all.find((member) => member.local)!.id;
    const demote = (member: string) =>
      house.send('put', pathTo('member', { household, member })).send({ role: 'helper' });
    await demote(local).expect(400);
    await house.db('members').where({ household_id: household, person_id: local }).update({ role: 'baker' });
    const leave = (cookie: string, member: string) =>
      house.from(cookie, 'delete', pathTo('member', { household, member }));
    const gone = await Promise.all([leave(one, idOf('Ash')), leave(other, idOf('Elm'))]);
    expect(gone.map(({ status }) => status).sort()).toEqual([204, 400]);
    await house.db('members').where({ household_id: household, person_id: local }).update({ role: 'owner' });
  });
  it('who is taken out is out on every device, and keeps no name', async () => {
    const cookie = await deviceOf('Rook', 'baker');
    const member = (await members()).find(({ name }) => name === 'Rook')!.id;
    await house.send('delete', pathTo('member', { household, member })).expect(204);
    await me(cookie).expect(401);
    expect(await house.db('people').where({ name: 'Rook' })).toHaveLength(0);
  });
});

/** Every address of a household with what is done there. */
const ADDRESSES = Object.entries(PATHS)
  .filter(([, path]) => path.startsWith('/api/households/:household'))
  .flatMap(([name, path]) =>
    (['get', 'put', 'post', 'delete'] as const).map((method) => ({
      name: name as keyof typeof PATHS,
      path,
      method,
    })),
  );
const addressIn = (of: string, path: string) =>
  path
    .replace(':household', of)
    .replace(':flour', 'oat-flour')
    .replace(':kind', 'recipe')
    .replace(/:\w+/g, () => newId());

const READ_BY_HELPERS = [
  'recipes',
  'recipe',
  'tags',
  'dockets',
  'docket',
  'bakes',
  'photos',
  'photo',
  'cupboard',
  'kitchen',
  'day',
];
const EVERYBODYS = [
  'get settings',
  'put settings',
  'get devices',
  'delete device',
  'get trays',
  'post ballots',
];
const OWNERS = [
  'delete household',
  'delete member',
  'put member',
  'post codes',
  'post recovery',
  'post everything',
  'post householdErase',
  'post personErase',
  'post binErase',
  'post recipeErase',
];
const MAY: Readonly<Record<HouseRole, (deed: string) => boolean>> = {
  owner: () => true,
  baker: (deed) => !OWNERS.includes(deed),
  helper: (deed) =>
    EVERYBODYS.includes(deed) || deed === 'put day' || READ_BY_HELPERS.some((one) => deed === `get ${one}`),
  taster: (deed) => EVERYBODYS.includes(deed),
};

describe('every address of a household', () => {
  const ROLES = ['owner', 'baker', 'helper', 'taster'] as const;
  const cookies = new Map<HouseRole, string>();
  let served: readonly {
    readonly name: string;
    readonly path: string;
    readonly method: 'get' | 'put' | 'post' | 'delete';
  }[];
  beforeAll(async () => {
    for (const role of ROLES) cookies.set(role, await deviceOf(`The ${role}`, role));
    const other = newId();
    // What nobody serves answers that there is no such address, for whoever asks.
    const noSuch = (await house.get('/api/none')).text;
    const answers = await Promise.all(
      ADDRESSES.map(async (one) => {
        const path = addressIn(other, one.path);
        const { text } = await (one.method === 'get' ? house.get(path) : house.send(one.method, path));
        return { one, served: text !== noSuch };
      }),
    );
    served = answers.filter((each) => each.served).map(({ one }) => one);
  });

  it('is there for the tests', () => expect(served.length).toBeGreaterThan(45));
  it('is closed to whoever isn’t signed in, and to whoever is out', async () => {
    for (const { method, path } of served)
      for (const cookie of ['', 'omniarton-device=forged'])
        expect([method, path, (await house.from(cookie, method, addressIn(household, path))).status]).toEqual(
          [method, path, 401],
        );
  });
  it.each(ROLES)('lets the %s do what they may, and no more', async (role) => {
    for (const { name, method, path } of served) {
      if (role === 'owner' && (name === 'householdErase' || (name === 'household' && method === 'delete')))
        continue;
      const answer = await house.from(cookies.get(role)!, method, addressIn(household, path));
      const refused = answer.status === 403 && answer.text.includes('not-allowed');
      expect([role, method, name, refused]).toEqual([role, method, name, !MAY[role](`${method} ${name}`)]);
      expect(answer.status).not.toBe(401);
    }
  });
  it('of another household isn’t there for anybody who joined this one', async () => {
    for (const role of ['owner', 'taster'] as const)
      for (const { method, path } of served)
        expect([
          role,
          method,
          path,
          (await house.from(cookies.get(role)!, method, addressIn(house.demo, path))).status,
        ]).toEqual([role, method, path, 404]);
  });
});
