import { v7 as newId } from 'uuid';
import type {
  BakeAnswer,
  DocketAnswer,
  DocketSummary,
  FlourUse,
  PageOf,
  RecipeSummary,
} from '@omniarton/contracts';
import { keptCake, plainCake } from '../testing/documents';
import { emptyNotes, type BakeNotes } from '@omniarton/core/kitchen';
import { openHouse, type TestHouse } from '../testing/house';

let house: TestHouse;
let recipe: string;
let docket: string;
const kept = keptCake();
const notes = {
  ...emptyNotes('2026-06-20'),
  minutes: 31,
  ovenCelsius: 175,
  looks: [{ when: 'cooled', marks: { overall: 7 } }],
  notes: 'Good.',
} satisfies BakeNotes;
const under = (household = house.home) => `/api/households/${household}/recipes/${recipe}`;
const keepDocket = (id: string, body: object = kept) =>
  house.send('put', `${under()}/dockets/${id}`).send(body);
const bakePath = (id: string, household = house.home) => `${under(household)}/bakes/${id}`;
const create = (id: string, part: object = {}) =>
  house
    .send('put', bakePath(id))
    .set('if-none-match', '*')
    .send({ schema: 3, imported: false, docket, notes, ...part });
const list = async () => ((await house.get(`${under()}/bakes`).expect(200)).body as PageOf<BakeAnswer>).items;

beforeAll(async () => {
  house = await openHouse('bakes');
  recipe = newId();
  docket = newId();
  await house.send('put', under()).set('if-none-match', '*').send(plainCake).expect(201);
  await keepDocket(docket).expect(201);
});
afterAll(() => house.close());

describe('a kept docket', () => {
  it('is found again with all it was made from', async () => {
    const found = (await house.get(`${under()}/dockets/${docket}`).expect(200)).body as DocketAnswer;
    expect(found.doc).toEqual(JSON.parse(JSON.stringify(kept)));
    const all = (await house.get(`${under()}/dockets`).expect(200)).body as DocketSummary[];
    expect(all.map(({ id }) => id)).toContain(docket);
  });
  it('never changes: the first stays', async () => {
    await keepDocket(docket, { ...kept, engine: 'another' });
    expect(((await house.get(`${under()}/dockets/${docket}`)).body as DocketAnswer).doc.engine).toBe(
      '0.1.0+test',
    );
  });
  it('belongs to its recipe and its kitchen', async () => {
    await house.get(`${under(house.demo)}/dockets/${docket}`).expect(404);
    await house.get(`/api/households/${house.home}/recipes/${newId()}/dockets/${docket}`).expect(404);
    await house
      .send('put', `/api/households/${house.home}/recipes/${newId()}/dockets/${newId()}`)
      .send(kept)
      .expect(404);
  });
  it.each([
    ['nothing in it', { ...kept, docket: {} }],
    ['a part without lines', { ...kept, docket: { ...kept.docket, parts: [{ id: 'p', blend: [] }] } }],
    ['no guard', { ...kept, docket: { ...kept.docket, guard: null } }],
    ['a kitchen that is none', { ...kept, kitchen: { version: 'x' } }],
    ['no recipe', { ...kept, from: null }],
    ['another schema', { ...kept, schema: 7 }],
  ])('with %s is refused', async (_, body) => {
    await keepDocket(newId(), body).expect(400);
  });
});

describe('a bake in the log', () => {
  it('comes with what its docket foretold, so that nobody has to fetch that', async () => {
    const id = newId();
    const made = (await create(id).expect(201)).body as BakeAnswer;
    const { minutes, ovenCelsius, stretch } = (kept.docket as { bake: BakeAnswer['foretold'] }).bake;
    const foretold = JSON.parse(JSON.stringify({ minutes, ovenCelsius, stretch })) as object;
    expect(made.foretold).toEqual(foretold);
    expect((await list()).find((one) => one.id === id)!.foretold).toEqual(foretold);
  });
});

describe('a flour', () => {
  it('is told which bakes had it, how much, and how they went', async () => {
    const [withTeff, bake] = [newId(), newId()];
    const [part] = kept.docket.parts;
    const parts = [40, 10].map((grams) => ({ ...part, blend: [{ ingredient: 'teff-flour', grams }] }));
    await keepDocket(withTeff, { ...kept, docket: { ...kept.docket, parts } }).expect(201);
    await create(bake, { docket: withTeff }).expect(201);
    const uses = async (flour: string, household = house.home) =>
      (await house.get(`/api/households/${household}/flours/${flour}/uses`).expect(200)).body as FlourUse[];
    expect(await uses('teff-flour')).toEqual([
      { id: bake, recipe, title: 'Plain cake', bakedOn: notes.bakedOn, grams: 50, marks: { overall: 7 } },
    ]);
    expect(await uses('oat-flour')).toEqual([]);
    expect(await uses('teff-flour', house.demo)).toEqual([]);
    await house.get(`/api/households/${house.home}/flours/no%20such/uses`).expect(400);
    const corrected = {
      schema: 3,
      imported: false,
      docket: withTeff,
      notes: { ...notes, bakedOn: '2026-06-22' },
    };
    await house.send('put', bakePath(bake)).set('if-match', '"1"').send(corrected).expect(200);
    expect((await uses('teff-flour')).map(({ bakedOn }) => bakedOn)).toEqual(['2026-06-22']);
    await house.send('delete', bakePath(bake)).set('if-match', '"2"').expect(204);
    expect(await uses('teff-flour')).toEqual([]);
  });
});

describe('a bake', () => {
  it('is written down, found again, and corrected from the version that was seen', async () => {
    const id = newId();
    await create(id).expect(201);
    expect((await list()).find((one) => one.id === id)!.doc).toEqual({
      schema: 3,
      imported: false,
      docket,
      notes,
    });
    const change = (version: number) =>
      house
        .send('put', bakePath(id))
        .set('if-match', `"${version}"`)
        .send({ schema: 3, imported: false, docket, notes: { ...notes, minutes: 33 } });
    await change(1).expect(200);
    await change(1).expect(412);
  });
  it('sent twice after a lost answer is one bake', async () => {
    const id = newId();
    await create(id).expect(201);
    await create(id).expect(201);
    expect((await list()).filter((one) => one.id === id)).toHaveLength(1);
    await create(id, { notes: { ...notes, minutes: 99 } }).expect(412);
  });
  it('keeps its day as a day, whatever the time zone', async () => {
    const id = newId();
    await create(id, { notes: { ...notes, bakedOn: '2026-12-31' } }).expect(201);
    expect((await list())[0]).toMatchObject({ id, doc: { notes: { bakedOn: '2026-12-31' } } });
  });
  it('is found page by page, newest first, each once', async () => {
    const days = ['2025-03-01', '2025-03-03', '2025-03-02', '2025-03-02', '2025-03-04'];
    for (const bakedOn of days) await create(newId(), { notes: { ...notes, bakedOn } }).expect(201);
    const seen: BakeAnswer[] = [];
    for (let cursor: string | null = ''; cursor !== null;) {
      const query = `?limit=2${cursor ? `&cursor=${cursor}` : ''}`;
      const page = (await house.get(`${under()}/bakes${query}`).expect(200)).body as PageOf<BakeAnswer>;
      seen.push(...page.items);
      cursor = page.next;
    }
    expect(new Set(seen.map(({ id }) => id)).size).toBe(seen.length);
    const found = seen.map(({ doc }) => doc.notes.bakedOn);
    expect(found).toEqual([...found].sort().reverse());
    expect(found.filter((day) => day.startsWith('2025'))).toHaveLength(5);
  });
  it('must name a docket of its recipe', async () => {
    await create(newId(), { docket: newId() }).expect(400);
  });
  it('can be taken off the log, and is counted in the list of recipes while it is there', async () => {
    const counted = async () => {
      const answer = await house.get(`/api/households/${house.home}/recipes`).expect(200);
      return (answer.body as PageOf<RecipeSummary>).items.find((one) => one.id === recipe)!.bakes;
    };
    const before = await counted();
    const id = newId();
    await create(id).expect(201);
    expect(await counted()).toBe(before + 1);
    await house.send('delete', bakePath(id)).expect(428);
    await house.send('delete', bakePath(id)).set('if-match', '"2"').expect(412);
    await house.send('delete', bakePath(id)).set('if-match', '"1"').expect(204);
    expect((await list()).map((one) => one.id)).not.toContain(id);
    expect(await counted()).toBe(before);
    await house
      .send('put', bakePath(id))
      .set('if-match', '"1"')
      .send({ schema: 3, imported: false, docket, notes })
      .expect(404);
  });
  it('doesn’t exist in another kitchen', async () => {
    const id = newId();
    await create(id).expect(201);
    await house.send('delete', bakePath(id, house.demo)).set('if-match', '"1"').expect(404);
    await house
      .send('put', bakePath(newId(), house.demo))
      .set('if-none-match', '*')
      .send({ schema: 3, imported: false, docket, notes })
      .expect(400);
    expect((await house.get(`${under(house.demo)}/bakes`)).body).toEqual({ items: [], next: null });
  });
});
