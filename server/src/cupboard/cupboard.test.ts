import { v7 as newId } from 'uuid';
import type { CupboardAnswer, MoveAnswer } from '@omniarton/contracts';
import { keptCake, plainCake } from '../testing/documents';
import { emptyNotes } from '@omniarton/core/kitchen';
import { openHouse, type TestHouse } from '../testing/house';

let house: TestHouse;
beforeAll(async () => (house = await openHouse('cupboard')));
afterAll(() => house.close());

const base = (household = house.home) => `/api/households/${household}/cupboard`;
const RICE = {
  schema: 2,
  ingredient: 'white-rice-flour',
  note: 'the mill by the bridge',
  packGrams: 1000,
  price: 3.2,
  opened: '2026-05-01',
  bestBefore: null,
  certified: true,
  label: { on: '2026-06-20', without: ['milk'] },
  place: 'cupboard',
};
async function add(grams: number, part: object = {}): Promise<string> {
  const id = newId();
  await house
    .send('put', `${base()}/bags/${id}`)
    .set('if-none-match', '*')
    .send({ bag: { ...RICE, ...part }, grams })
    .expect(201);
  return id;
}
const list = async () => ((await house.get(base()).expect(200)).body as CupboardAnswer).bags;
const left = async (id: string) => (await list()).find((bag) => bag.id === id)?.grams;
const move = (entries: object[], part: object = {}, id = newId()) =>
  house.send('put', `${base()}/moves/${id}`).send({ why: 'weighed', bake: null, entries, ...part });

describe('a bag', () => {
  it('is put in with what it holds, and is found again with what is written on it', async () => {
    const id = await add(612.5);
    expect((await list()).find((bag) => bag.id === id)).toEqual({ id, version: 1, grams: 612.5, doc: RICE });
  });
  it('sent twice after a lost answer holds no more', async () => {
    const id = newId();
    for (let turn = 0; turn < 2; turn += 1)
      await house
        .send('put', `${base()}/bags/${id}`)
        .set('if-none-match', '*')
        .send({ bag: RICE, grams: 100 })
        .expect(201);
    expect(await left(id)).toBe(100);
  });
  it('changed by two people at once: the second is told what is stored, and grams are never part of it', async () => {
    const id = await add(500);
    const change = (version: number, note: string) =>
      house
        .send('put', `${base()}/bags/${id}`)
        .set('if-match', `"${version}"`)
        .send({ ...RICE, note });
    await Promise.all([
      move([{ bag: id, grams: -120 }]),
      move([{ bag: id, grams: -80 }]),
      change(1, 'one').expect(200),
    ]);
    const refused = await change(1, 'two').expect(412);
    expect(refused.body).toMatchObject({ code: 'conflict', details: { stored: { version: 2, grams: 300 } } });
  });
  it('thrown out goes from the list, and comes back', async () => {
    const id = await add(10);
    await house.send('delete', `${base()}/bags/${id}`).expect(428);
    await house.send('delete', `${base()}/bags/${id}`).set('if-match', '"7"').expect(412);
    await house.send('delete', `${base()}/bags/${id}`).set('if-match', '"1"').expect(204);
    expect(await left(id)).toBeUndefined();
    await house.send('post', `${base()}/bags/${id}/restore`).expect(204);
    expect(await left(id)).toBe(10);
  });
  it.each([
    ['a negative price', { bag: { ...RICE, price: -1 }, grams: 10 }],
    ['negative grams', { bag: RICE, grams: -1 }],
    ['no ingredient', { bag: { ...RICE, ingredient: '' }, grams: 10 }],
    ['a day that is none', { bag: { ...RICE, opened: 'May' }, grams: 10 }],
  ])('with %s is refused', async (_, body) => {
    await house.send('put', `${base()}/bags/${newId()}`).set('if-none-match', '*').send(body).expect(400);
  });
  it('of another kitchen doesn’t exist', async () => {
    const id = await add(50);
    await house
      .send('delete', `${base(house.demo)}/bags/${id}`)
      .set('if-match', '"1"')
      .expect(404);
    await house
      .send('put', `${base(house.demo)}/moves/${newId()}`)
      .send({ why: 'weighed', bake: null, entries: [{ bag: id, grams: -1 }] })
      .expect(400);
    expect(await left(id)).toBe(50);
  });
});

describe('a movement', () => {
  it('of many at once loses nothing', async () => {
    const id = await add(1000);
    await Promise.all(Array.from({ length: 12 }, () => move([{ bag: id, grams: -25 }]).expect(201)));
    expect(await left(id)).toBe(700);
  });
  it('takes no more than there is', async () => {
    const id = await add(100);
    const made = (await move([{ bag: id, grams: -250 }]).expect(201)).body as MoveAnswer;
    expect(made.entries).toEqual([{ bag: id, grams: -100 }]);
    expect(await left(id)).toBe(0);
  });
  it('says what a bag holds now that it is weighed', async () => {
    const id = await add(400);
    await move([{ bag: id, to: 372 }]).expect(201);
    expect(await left(id)).toBe(372);
  });
  it('repeated is made once, undone is undone once', async () => {
    const [a, b] = [await add(300), await add(200)];
    const id = newId();
    for (let turn = 0; turn < 2; turn += 1)
      await move(
        [
          { bag: a, grams: -50 },
          { bag: b, grams: 20 },
        ],
        { why: 'jar' },
        id,
      ).expect(201);
    expect([await left(a), await left(b)]).toEqual([250, 220]);
    for (let turn = 0; turn < 2; turn += 1) await house.send('delete', `${base()}/moves/${id}`).expect(204);
    expect([await left(a), await left(b)]).toEqual([300, 200]);
    const moves = (await house.get(`${base()}/moves`).expect(200)).body as MoveAnswer[];
    expect(moves.find((one) => one.id === id)).toMatchObject({ why: 'jar', undone: true });
  });
  it('is all or nothing', async () => {
    const id = await add(300);
    await move([
      { bag: id, grams: -50 },
      { bag: newId(), grams: -1 },
    ]).expect(400);
    await move([
      { bag: id, grams: -50 },
      { bag: id, grams: -50 },
    ]).expect(400);
    await move([{ bag: id }]).expect(400);
    expect(await left(id)).toBe(300);
  });
  it('that isn’t there can’t be undone', async () => {
    await house.send('delete', `${base()}/moves/${newId()}`).expect(404);
  });
});

describe('a bake', () => {
  it('takes its grams off, and gives them back when it is taken off the log', async () => {
    const [recipe, docket, bake] = [newId(), newId(), newId()];
    const under = `/api/households/${house.home}/recipes/${recipe}`;
    await house.send('put', under).set('if-none-match', '*').send(plainCake).expect(201);
    await house.send('put', `${under}/dockets/${docket}`).send(keptCake()).expect(201);
    const notes = { ...emptyNotes('2026-06-20'), minutes: 31, ovenCelsius: 175 };
    await house
      .send('put', `${under}/bakes/${bake}`)
      .set('if-none-match', '*')
      .send({ schema: 3, imported: false, docket, notes })
      .expect(201);
    const id = await add(500);
    await move([{ bag: id, grams: -120 }], { why: 'bake', bake }).expect(201);
    expect(await left(id)).toBe(380);
    await house.send('delete', `${under}/bakes/${bake}`).set('if-match', '"1"').expect(204);
    expect(await left(id)).toBe(500);
  });
});
