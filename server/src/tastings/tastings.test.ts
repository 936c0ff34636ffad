import { v7 as newId } from 'uuid';
import type { TastingAnswer, TastingDto, EverythingFile } from '@omniarton/contracts';
import { traysOf, type TastingDocument } from '@omniarton/core/taste';
import { plainCake } from '../testing/documents';
import { openHouse, type TestHouse } from '../testing/house';

let house: TestHouse;
const recipe = newId();
const home = (rest: string, household = house.home) =>
  `/api/households/${household}/recipes/${recipe}/${rest}`;
const sample = (name: string, milk = false) => ({
  id: newId(),
  name,
  bake: newId(),
  holds: {
    allergens: milk ? ['milk' as const] : [],
    possible: [],
    gluten: 'free' as const,
    grain: 'grain' as const,
  },
});
const taster = (name: string, part: object = {}) => ({
  id: newId(),
  person: null,
  name,
  gluten: null,
  grainFree: null,
  avoids: [],
  ...part,
});
const TASTING = {
  schema: 1,
  name: 'the tea',
  on: '2027-06-19',
  test: 'liking',
  about: '',
  samples: [sample('plain'), sample('sweeter')],
  tasters: [taster('Orla'), taster('Bo')],
  withdrawn: [],
  rounds: 1,
  coder: 'Rui',
  seed: 4711,
  stage: 'tasting',
  ballots: [],
} satisfies TastingDocument;
const ballotOf = (doc: TastingDocument, at: number, mark = 6) => {
  const tray = traysOf(doc)[at]!;
  return {
    id: newId(),
    taster: tray.taster,
    round: tray.round,
    at: 1_813_300_000_000,
    answer: { kind: 'liking' as const, marks: Object.fromEntries(tray.cups.map(({ code }) => [code, mark])) },
    words: '',
  };
};
const put = (id: string, doc: object, version?: number) => {
  const asked = house.send('put', home(`tastings/${id}`));
  return (
    version === undefined ? asked.set('if-none-match', '*') : asked.set('if-match', `"${version}"`)
  ).send(doc);
};
const list = async () => (await house.get(home('tastings')).expect(200)).body as TastingAnswer[];

beforeAll(async () => {
  house = await openHouse('tastings');
  await house
    .send('put', `/api/households/${house.home}/recipes/${recipe}`)
    .set('if-none-match', '*')
    .send(plainCake)
    .expect(201);
});
afterAll(() => house.close());

describe('a tasting', () => {
  it('is kept whole, changed from the version that was seen, and taken away', async () => {
    const id = newId();
    await put(id, TASTING).expect(201);
    expect((await list())[0]).toEqual({ id, version: 1, doc: TASTING });
    const first = { ...TASTING, ballots: [ballotOf(TASTING, 0)] };
    await put(id, first, 1).expect(200);
    const refused = await put(id, { ...TASTING, ballots: [ballotOf(TASTING, 1)] }, 1).expect(412);
    expect(refused.body).toMatchObject({ code: 'conflict', details: { stored: { version: 2 } } });
    await house.get(home('tastings', house.demo)).expect(200).expect([]);
    await house.send('delete', home(`tastings/${id}`, house.demo)).expect(404);
    await house.send('delete', home(`tastings/${id}`)).expect(204);
    expect(await list()).toEqual([]);
  });
  it('is shown to whoever tastes by its codes alone, and takes their ballots side by side', async () => {
    const id = newId();
    await put(id, TASTING).expect(201);
    const trays = await house.get(`/api/households/${house.home}/trays`).expect(200);
    expect(trays.body).toMatchObject([
      { recipe, tasting: id, test: 'liking', trays: [{ name: 'Orla' }, { name: 'Bo' }] },
    ]);
    const told = JSON.stringify(trays.body);
    for (const { name, bake, id: sampleId } of TASTING.samples)
      for (const secret of [`"${name}"`, bake, sampleId]) expect(told).not.toContain(secret);
    expect(told).not.toContain(String(TASTING.seed));
    expect(told).not.toContain('sample');
    const hand = (ballot: object) => house.send('post', home(`tastings/${id}/ballots`)).send({ ballot });
    const [one, other] = [ballotOf(TASTING, 0), ballotOf(TASTING, 1)];
    await Promise.all([hand(one).expect(204), hand(other).expect(204)]);
    // Sent again after a lost answer it is the same ballot; another of the same taster isn't taken.
    await hand(one).expect(204);
    expect((await hand(ballotOf(TASTING, 0)).expect(400)).body).toMatchObject({
      message: expect.stringMatching(/twice/) as string,
    });
    const [kept] = await list();
    expect(kept!.doc.ballots.map((ballot) => ballot.id).sort()).toEqual([one.id, other.id].sort());
    expect((await house.get(`/api/households/${house.home}/trays`)).body).toMatchObject([{ trays: [] }]);
    await house.send('delete', home(`tastings/${id}`)).expect(204);
  });
  it.each([
    ['a second ballot of one taster', { ballots: [ballotOf(TASTING, 0), ballotOf(TASTING, 0)] }, /twice/],
    ['a mark of ten', { ballots: [ballotOf(TASTING, 0, 10)] }, /out of range/],
    [
      'somebody’s milk',
      {
        samples: [sample('plain', true), TASTING.samples[1]],
        tasters: [taster('Ines', { avoids: [{ what: 'milk', how: 'label' }] })],
      },
      /Ines avoids milk, and "plain" holds it/,
    ],
    ['seven samples', { samples: [1, 2, 3, 4, 5, 6, 7].map((at) => sample(String(at))) }, /samples/],
    ['a test that isn’t one', { test: 'tea leaves' }, /test/],
    ['four rounds', { rounds: 4 }, /rounds/],
  ])('is refused with %s', async (_, part, words) => {
    const answer = await put(newId(), { ...TASTING, ...part }).expect(400);
    expect((answer.body as { message: string }).message).toMatch(words);
  });
  it('may be set up while somebody avoids a sample: no code is shown yet', async () => {
    const id = newId();
    const tasters = [taster('Ines', { avoids: [{ what: 'milk', how: 'label' }] })];
    await put(id, { ...TASTING, stage: 'set up', samples: [sample('plain', true)], tasters }).expect(201);
    await house.send('delete', home(`tastings/${id}`)).expect(204);
  });
  it('goes with the file of everything, and loses the name of whoever is erased', async () => {
    const [id, person] = [newId(), newId()];
    const kitchen = `/api/households/${house.home}/kitchen`;
    const { doc, version } = (await house.get(kitchen)).body as { doc: object; version: number };
    const people = [{ id: person, name: 'Tam', gluten: null, grainFree: null, avoids: [] }];
    await house
      .send('put', kitchen)
      .set(version === 0 ? { 'if-none-match': '*' } : { 'if-match': `"${version}"` })
      .send({ ...doc, people })
      .expect(200);
    await put(id, { ...TASTING, tasters: [taster('Tam', { person }), TASTING.tasters[1]] }).expect(201);
    const everything = `/api/households/${house.home}/everything`;
    const file = (await house.get(everything).expect(200)).body as EverythingFile;
    expect(file.tastings?.map((one) => one.id)).toEqual([id]);
    await house.send('delete', home(`tastings/${id}`)).expect(204);
    const taken = await house.send('post', everything).send(file).expect(200);
    expect(taken.body).toMatchObject({ tastings: 1, refused: [] });
    await house.send('post', `/api/households/${house.home}/people/${person}/erase`).expect(200);
    const [kept] = await list();
    expect(JSON.stringify(kept)).not.toMatch(/Tam/);
    expect((kept!.doc as TastingDto).tasters[0]).toMatchObject({ person: null, name: '' });
  });
});
