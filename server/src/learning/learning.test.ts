import type { LearningAnswer, PageOf, RecipeSummary } from '@omniarton/contracts';
import { EMPTY_KITCHEN } from '@omniarton/core/kitchen';
import { openHouse, type TestHouse } from '../testing/house';

let house: TestHouse;
beforeAll(async () => {
  house = await openHouse('learning');
});
afterAll(() => house.close());

const learntIn = async (household: string) =>
  (await house.get(`/api/households/${household}/learning`).expect(200)).body as LearningAnswer;

describe('what a kitchen has learnt', () => {
  it('is nothing where nothing has been baked', async () =>
    expect(await learntIn(house.home)).toEqual({ learnt: [], bakes: [] }));
  it('is what the demo’s bakes say, each of them by its recipe and day', async () => {
    const { learnt, bakes } = await learntIn(house.demo);
    const recipes = (await house.get(`/api/households/${house.demo}/recipes`).expect(200))
      .body as PageOf<RecipeSummary>;
    const loaf = recipes.items.find(({ title }) => title === 'Poppyseed lemon loaf')!;
    const time = learnt.find((one) => one.topic === 'time' && one.time?.tin === 'loaf')!;
    expect(time.taught).toHaveLength(4);
    expect(time.posterior.middle).toBeGreaterThan(1);
    expect(time.posterior.high - time.posterior.low).toBeLessThan(time.prior.high - time.prior.low);
    const taught = time.taught.map(({ bake }) => bakes.find(({ id }) => id === bake)!.recipe);
    expect(new Set(taught)).toEqual(new Set([loaf.id]));
  });
  it('forgets a bake that the household’s kitchen says is forgotten', async () => {
    const path = `/api/households/${house.demo}/kitchen`;
    const kitchen = (await house.get(path).expect(200)).body as {
      version: number;
      doc: typeof EMPTY_KITCHEN;
    };
    const before = (await learntIn(house.demo)).learnt.find((one) => one.time?.tin === 'loaf')!;
    const forgotten = [before.taught[0]!.bake];
    await house
      .send('put', path)
      .set('if-match', `"${kitchen.version}"`)
      .send({ ...kitchen.doc, learning: { ...kitchen.doc.learning, forgotten } })
      .expect(200);
    const after = (await learntIn(house.demo)).learnt.find((one) => one.time?.tin === 'loaf')!;
    expect(after.taught.map(({ bake }) => bake)).toEqual(before.taught.slice(1).map(({ bake }) => bake));
    expect(after.refused.map(({ bake }) => bake)).toEqual(forgotten);
  });
  it('is nothing of another kitchen’s file, be this one empty or not', async () => {
    const file = (await house.get(`/api/households/${house.demo}/everything`).expect(200)).body as object;
    const other = await openHouse('learning_other');
    const at = (rest: string) => `/api/households/${other.home}/${rest}`;
    await other.send('post', at('everything')).send(file).expect(200);
    const { learnt, bakes } = (await other.get(at('learning')).expect(200)).body as LearningAnswer;
    const { doc } = (await other.get(at('kitchen'))).body as { doc: typeof EMPTY_KITCHEN };
    await other.close();
    expect(bakes.length).toBeGreaterThan(0);
    expect(learnt.filter(({ topic }) => topic !== 'density').flatMap(({ taught }) => taught)).toEqual([]);
    expect(doc.learning).toEqual(EMPTY_KITCHEN.learning);
  });
  it('is the same where an empty kitchen was restored from its own file', async () => {
    const file = (await house.get(`/api/households/${house.demo}/everything`).expect(200)).body as object;
    await house
      .send('post', `/api/households/${house.home}/everything?own=yes`)
      .send(file)
      .expect((answer) => expect(answer.status).toBeLessThan(300));
    const { learnt } = await learntIn(house.home);
    expect(learnt).toEqual((await learntIn(house.demo)).learnt);
    expect(learnt.some(({ taught }) => taught.length > 0)).toBe(true);
  });
});
