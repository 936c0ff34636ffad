import type { Test } from 'supertest';
import { PATHS, pathTo, type PasskeysAnswer } from '@omniarton/contracts';
import { authenticator } from '../testing/authenticator';
import { LAN_HOST, openHouse, type TestHouse } from '../testing/house';

const ORIGIN = `https://${LAN_HOST}`;
const [RP = ''] = LAN_HOST.split(':');

let house: TestHouse;
beforeAll(async () => {
  house = await openHouse('passkeys');
});
afterAll(() => house.close());
afterEach(() => house.db('tries').delete());

type Headers = Readonly<Record<string, unknown>>;
const cookieOf = (headers: Headers): string =>
  (((headers['set-cookie'] as string[] | undefined) ?? [])[0] ?? '').split(';')[0]!;
const safely = (test: Test) => test.set('origin', ORIGIN);
const challengeIn = (body: unknown) => (body as { challenge: string }).challenge;

async function deviceOf(name: string): Promise<string> {
  const made = await house
    .send('post', pathTo('codes', { household: house.home }))
    .send({ name, role: 'baker', member: null })
    .expect(201);
  const { code } = made.body as { code: string };
  return cookieOf(
    (await house.from('', 'post', PATHS.join).send({ code, device: 'a phone' }).expect(201)).headers,
  );
}
async function withPasskey(name: string) {
  const cookie = await deviceOf(name);
  const key = authenticator(RP, ORIGIN);
  const asked = await safely(house.from(cookie, 'post', PATHS.passkeyBegin)).expect(201);
  const made = () =>
    safely(house.from(cookie, 'post', PATHS.passkeys)).send({
      name: 'the phone',
      response: key.make(challengeIn(asked.body)),
    });
  await made().expect(204);
  return { cookie, key, again: made };
}
const askedAtDoor = async () =>
  challengeIn((await safely(house.from('', 'post', PATHS.passkeyDoorBegin)).expect(201)).body);
const shown = (response: object) =>
  safely(house.from('', 'post', PATHS.passkeyDoor)).send({ device: 'a tablet', response });
const listed = async (cookie: string) =>
  ((await house.from(cookie, 'get', PATHS.passkeys).expect(200)).body as PasskeysAnswer).passkeys;

describe('a passkey', () => {
  it('lets whoever made it in, with a cookie for https alone, and says when it was used', async () => {
    const { cookie, key } = await withPasskey('Passkey');
    expect(await listed(cookie)).toMatchObject([{ name: 'the phone', host: RP, used: null }]);
    const answer = await shown(key.show(await askedAtDoor())).expect(201);
    expect(answer.body).toMatchObject({ name: 'Passkey' });
    expect(String(answer.headers['set-cookie'])).toMatch(/Secure/);
    await house.from(cookieOf(answer.headers), 'get', PATHS.me).expect(200);
    expect((await listed(cookie))[0]!.used).not.toBeNull();
  });
  it('answers each challenge once, soon, and only what was asked of it', async () => {
    const { key, again, cookie } = await withPasskey('Once');
    await again().expect(400);
    const asked = await askedAtDoor();
    const answer = key.show(asked);
    await shown(answer).expect(201);
    await shown(answer).expect(400);
    await shown(key.show('bm9ib2R5IGFza2VkIHRoaXM')).expect(400);
    const late = await askedAtDoor();
    await house
      .db('challenges')
      .where({ challenge: late })
      .update({ expires_at: house.db.raw("now() - interval '1 second'") });
    await shown(key.show(late)).expect(400);
    const begun = await safely(house.from(cookie, 'post', PATHS.passkeyBegin)).expect(201);
    await shown(key.show(challengeIn(begun.body))).expect(400);
  });
  it('is no other’s: another key, another page’s, or a copy that has counted less', async () => {
    const { key } = await withPasskey('Theirs');
    await shown(authenticator(RP, ORIGIN).show(await askedAtDoor())).expect(400);
    const stranger = {
      ...authenticator('elsewhere.test', 'https://elsewhere.test').show(await askedAtDoor()),
    };
    await shown({ ...stranger, id: key.show('x').id, rawId: key.show('x').rawId }).expect(400);
    await shown(key.show(await askedAtDoor(), 9)).expect(201);
    await shown(key.show(await askedAtDoor(), 9)).expect(400);
    await shown({ id: 7, response: { nested: 'nonsense' } }).expect(400);
    await shown({}).expect(400);
  });
  it('is one’s own to take away, and then opens nothing', async () => {
    const { cookie, key } = await withPasskey('Gone');
    const [{ id } = { id: '' }] = await listed(cookie);
    await house.from(await deviceOf('Other'), 'delete', pathTo('passkey', { passkey: id })).expect(404);
    await house.from(cookie, 'delete', pathTo('passkey', { passkey: id })).expect(204);
    await shown(key.show(await askedAtDoor())).expect(400);
  });
  it('isn’t made over plain http, by an address without a name, or signed out', async () => {
    const cookie = await deviceOf('Plain');
    const plain = await house.from(cookie, 'post', PATHS.passkeyBegin).expect(400);
    expect((plain.body as { message: string }).message).toMatch(/needs https and a name/);
    await house.send('post', PATHS.passkeyBegin).expect(400);
    await safely(house.from('', 'post', PATHS.passkeyBegin)).expect(401);
    await safely(house.from('', 'get', PATHS.passkeys)).expect(401);
  });
  it('is tried ten times from one place, and then waits', async () => {
    for (let n = 0; n < 10; n += 1) await shown({}).expect(400);
    await shown({}).expect(429);
  });
});
