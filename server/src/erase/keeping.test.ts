import { v7 as newId } from 'uuid';
import {
  EVERYTHING_FORMAT,
  type BagAnswer,
  type BinAnswer,
  type EverythingFile,
  type KitchenAnswer,
  type RecipeAnswer,
  type TouchesAnswer,
} from '@omniarton/contracts';
import { emptyNotes, EMPTY_KITCHEN, seatFor, type Person } from '@omniarton/core/kitchen';
import { keptCake, plainCake } from '../testing/documents';
import { openHouse, type TestHouse } from '../testing/house';

let house: TestHouse;
beforeAll(async () => (house = await openHouse('keeping')));
afterAll(() => house.close());

const home = (rest: string, household = house.home) => `/api/households/${household}/${rest}`;
const GUEST: Person = {
  id: newId(),
  name: 'Wilhelmina',
  gluten: 'certified',
  grainFree: null,
  avoids: [{ what: 'milk', how: 'label' }],
};
const write = (path: string, body: object) => house.send('put', path).set('if-none-match', '*').send(body);
const kitchen = async () => (await house.get(home('kitchen'))).body as KitchenAnswer;
const everything = async (household = house.home) =>
  JSON.parse((await house.get(home('everything', household)).expect(200)).text) as EverythingFile;
const everywhere = async () => {
  const tables = ['recipes', 'dockets', 'kitchens', 'requests', 'bakes'];
  const rows = await Promise.all(tables.map((name) => house.db(name).where({ household_id: house.home })));
  return JSON.stringify(rows);
};

/** A kitchen with a guest, a recipe guarded for them, a kept docket and a bake of it. */
async function furnish() {
  const [recipe, docket, bake, bag] = [newId(), newId(), newId(), newId()];
  const now = await kitchen();
  await house
    .send('put', home('kitchen'))
    .set(now.version === 0 ? { 'if-none-match': '*' } : { 'if-match': `"${now.version}"` })
    .send({ ...EMPTY_KITCHEN, people: [GUEST] })
    .expect(200);
  const doc = { ...plainCake, request: { ...plainCake.request, seats: [seatFor(GUEST)] } };
  await write(home(`recipes/${recipe}`), doc)
    .set('x-request-id', newId())
    .expect(201);
  await house
    .send('put', home(`recipes/${recipe}/dockets/${docket}`))
    .send(keptCake([GUEST]))
    .expect(201);
  const notes = { ...emptyNotes('2026-06-20'), minutes: 31, ovenCelsius: 175 };
  await write(home(`recipes/${recipe}/bakes/${bake}`), { schema: 3, imported: false, docket, notes }).expect(
    201,
  );
  const rice = {
    schema: 2,
    ingredient: 'white-rice-flour',
    note: 'the mill by the bridge',
    packGrams: null,
    price: null,
    opened: null,
    bestBefore: null,
    certified: true,
    label: null,
    place: 'cupboard',
  };
  await write(home(`cupboard/bags/${bag}`), { bag: rice, grams: 500 }).expect(201);
  return { recipe, docket, bake, bag };
}

describe('a person', () => {
  it('is found in all that was guarded for them, and erased out of all of it: what they avoid stays, as somebody’s', async () => {
    const { recipe, docket } = await furnish();
    const touches = (await house.get(home(`people/${GUEST.id}/touches`)).expect(200)).body as TouchesAnswer;
    expect(touches.recipes).toContainEqual({ id: recipe, title: 'Plain cake', seated: true, dockets: 1 });
    expect(await everywhere()).toContain('Wilhelmina');
    await house.send('post', home(`people/${GUEST.id}/erase`)).expect(200);
    const left = await everywhere();
    expect(left).not.toContain('Wilhelmina');
    expect(left).not.toContain(GUEST.id);
    const { doc, version } = (await house.get(home(`recipes/${recipe}`))).body as RecipeAnswer;
    expect(doc.request.seats).toEqual([{ ...seatFor(GUEST), id: null }]);
    expect(version).toBe(2);
    const kept = (await house.get(home(`recipes/${recipe}/dockets/${docket}`)).expect(200)).body as {
      doc: { docket: { guard: { forWhom: string[]; people: { person: null; lines: unknown[] }[] } } };
    };
    expect(kept.doc.docket.guard.forWhom).toEqual(['']);
    expect(kept.doc.docket.guard.people[0]!.lines.length).toBeGreaterThan(0);
    expect((await kitchen()).doc.people).toEqual([]);
  });
});

describe('the bin', () => {
  const bin = async () => ((await house.get(home('bin')).expect(200)).body as BinAnswer).items;
  it('keeps what was removed, gives it back, and lets it go for good', async () => {
    const { recipe, bake, bag } = await furnish();
    await house
      .send('delete', home(`recipes/${recipe}/bakes/${bake}`))
      .set('if-match', '"1"')
      .expect(204);
    await house
      .send('delete', home(`cupboard/bags/${bag}`))
      .set('if-match', '"1"')
      .expect(204);
    expect((await bin()).map(({ kind, id }) => [kind, id])).toEqual(
      expect.arrayContaining([
        ['bake', bake],
        ['bag', bag],
      ]),
    );
    await house.send('post', home(`recipes/${recipe}/bakes/${bake}/restore`)).expect(204);
    await house
      .send('delete', home(`recipes/${recipe}`))
      .set('if-match', '"1"')
      .expect(204);
    expect((await bin()).map(({ id }) => id)).toContain(recipe);
    await house.send('post', home(`bin/recipe/${recipe}/erase`)).expect(204);
    expect((await bin()).map(({ id }) => id)).not.toContain(recipe);
    expect(await house.db('bakes').where({ id: bake })).toEqual([]);
    await house.send('post', home(`bin/recipe/${recipe}/erase`)).expect(404);
  });
  it('gives up by itself what has lain in it for thirty days, people too', async () => {
    const { recipe } = await furnish();
    const { version, doc } = await kitchen();
    const binned = (on: string) => ({ person: { ...GUEST, id: newId() }, on });
    const [old, young] = [binned('2026-01-05'), binned(new Date().toISOString().slice(0, 10))];
    await house
      .send('put', home('kitchen'))
      .set('if-match', `"${version}"`)
      .send({ ...doc, bin: [old, young] })
      .expect(200);
    await house
      .db('recipes')
      .where({ id: recipe })
      .update({ removed_at: house.db.raw(`now() - interval '31 days'`) });
    expect((await bin()).map(({ id }) => id)).not.toContain(recipe);
    expect(await house.db('recipes').where({ id: recipe })).toEqual([]);
    expect((await kitchen()).doc.bin).toEqual([young]);
  });
});

describe('erasing', () => {
  it('a recipe takes its dockets and bakes with it', async () => {
    const { recipe, docket, bake } = await furnish();
    const answer = await house.send('post', home(`recipes/${recipe}/erase`)).expect(200);
    expect(answer.body).toMatchObject({ recipes: 1, dockets: 1, bakes: 1, backups: [] });
    for (const [table, id] of [
      ['recipes', recipe],
      ['dockets', docket],
      ['bakes', bake],
    ] as const)
      expect(await house.db(table).where({ id })).toEqual([]);
    expect(await everywhere()).not.toContain(recipe);
    await house.send('post', home(`recipes/${recipe}/erase`)).expect(404);
  });
});

describe('everything', () => {
  it('goes out as one file and comes in again whole, in another household; a second time changes nothing', async () => {
    const { recipe, docket, bake, bag } = await furnish();
    const file = await everything();
    expect(file.format).toBe(EVERYTHING_FORMAT);
    const takeIn = async (body: object) =>
      (await house.send('post', home('everything', house.demo)).send(body).expect(200)).body as Record<
        string,
        unknown
      >;
    const first = await takeIn(file);
    expect(first).toMatchObject({ known: 0, refused: [], recipes: file.recipes.length });
    const there = await everything(house.demo);
    expect(there.recipes).toContainEqual(file.recipes.find(({ id }) => id === recipe));
    expect(there.dockets).toContainEqual(file.dockets.find(({ id }) => id === docket));
    // Nobody said that it is that kitchen's own file: what comes from here teaches it nothing.
    const own = file.bakes.find(({ id }) => id === bake)!;
    expect(there.bakes).toContainEqual({ ...own, doc: { ...own.doc, imported: true } });
    const bags = ((await house.get(home('cupboard', house.demo))).body as { bags: BagAnswer[] }).bags;
    expect(bags.find(({ id }) => id === bag)!.grams).toBe(500);
    expect(there.kitchen!.people.map(({ id }) => id)).toContain(GUEST.id);
    const again = await takeIn(file);
    expect(again).toMatchObject({ recipes: 0, dockets: 0, bakes: 0, bags: 0 });
    expect(await everything(house.demo)).toEqual({ ...there, writtenAt: expect.any(String) as string });
  });
  it('says what it can’t use, and takes the rest', async () => {
    const file = await everything();
    const [good] = file.recipes;
    const answer = await house
      .send('post', home('everything', house.demo))
      .send({
        ...file,
        dockets: [],
        bakes: [],
        bags: [],
        moves: [],
        recipes: [
          { id: newId(), doc: { schema: 99 } },
          { ...good, id: newId() },
        ],
      })
      .expect(200);
    expect(answer.body).toMatchObject({ recipes: 1 });
    expect((answer.body as { refused: string[] }).refused[0]).toMatch(/schema 99/);
  });
  it.each([
    ['another program’s file', { format: 'pantry', version: 1 }],
    ['a newer program’s', { format: EVERYTHING_FORMAT, version: 2 }],
    ['an empty one', {}],
  ])('refuses %s', async (_, body) => {
    await house.send('post', home('everything')).send(body).expect(400);
  });
});

describe('a household', () => {
  it('is erased whole, and whoever has no other is given an empty one', async () => {
    const { recipe } = await furnish();
    const old = house.home;
    await house.send('post', home('erase')).expect(200);
    expect(await house.db('recipes').where({ id: recipe, household_id: old })).toEqual([]);
    expect(await house.db('households').where({ id: old })).toEqual([]);
    const households = (await house.get('/api/households')).body as { id: string; demo: boolean }[];
    expect(households.filter(({ demo }) => !demo)).toHaveLength(1);
  });
});
