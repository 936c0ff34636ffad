import { v7 as newId } from 'uuid';
import { EMPTY_DAY, type DayDocument, type DayRun } from '@omniarton/core/clock';
import type { DayAnswer } from '@omniarton/contracts';
import { openHouse, type TestHouse } from '../testing/house';

let house: TestHouse;
beforeAll(async () => (house = await openHouse('day')));
afterAll(() => house.close());
const url = (household = house.home) => `/api/households/${household}/day`;
const recipe = newId();
const { run: _run, schema: _schema, timed: _timed, ...setup } = EMPTY_DAY;
const RUN: DayRun = {
  setup,
  id: newId(),
  zone: 'Europe/Berlin',
  pace: { mix: 1.2 },
  began: 1_813_300_000_000,
  tasks: [],
  bakes: [
    {
      id: newId(),
      recipe,
      title: 'A cake',
      lines: ['200 g sugar'],
      steps: [{ id: 'l1', text: 'Stir.' }],
      checks: ['sieve'],
      doneSigns: 'it springs back',
      doneCelsius: 97,
      centre: [
        [0, 20],
        [30, 97],
      ],
      doneMinutes: 30,
    },
  ],
  events: [
    { id: 'e1', at: 1_813_300_100_000, kind: 'done', task: 'b.1' },
    { id: 'e2', at: 1_813_300_200_000, kind: 'later', task: 'b.2', minutes: 3, probe: null, look: 'pale' },
    { id: 'e3', at: 1_813_300_300_000, kind: 'replanned', tasks: [], lateMinutes: 10 },
  ],
};
const FULL: DayDocument = {
  ...EMPTY_DAY,
  zone: 'Europe/Berlin',
  bakes: [{ id: newId(), recipe, at: '2027-06-19T15:30' }],
  hands: 2,
  ovens: ['right'],
  pins: [{ task: 'b.1', begins: 1_813_300_000_000, begun: false, minutes: null, oven: null }],
  fridge: 3,
  run: RUN,
  timed: [{ run: RUN.id, kind: 'mix', ratio: 1.3, on: '2027-06-18' }],
};

describe('the bake day of a household', () => {
  it('is empty at first, is then kept whole with its run, and is changed only from the version that was seen', async () => {
    expect((await house.get(url()).expect(200)).body).toEqual({ version: 0, doc: EMPTY_DAY });
    await house.send('put', url()).set('if-none-match', '*').send(FULL).expect(200);
    expect((await house.get(url())).body).toEqual({ version: 1, doc: FULL });
    const refused = await house.send('put', url()).set('if-none-match', '*').send(EMPTY_DAY).expect(412);
    expect(refused.body).toMatchObject({ code: 'conflict', details: { stored: { version: 1 } } });
  });
  it('of the demo is the club’s tea, with everything that it bakes', async () => {
    const { doc } = (await house.get(url(house.demo))).body as DayAnswer;
    expect(doc.bakes.length).toBeGreaterThanOrEqual(12);
    expect(doc.hands).toBe(2);
  });
  it('of another household isn’t there to be seen', async () => {
    await house.get(url(newId())).expect(404);
  });
  it.each([
    [
      'a day of forty-one bakes',
      { bakes: Array.from({ length: 41 }, () => ({ id: newId(), recipe, at: '2027-06-19T15:30' })) },
    ],
    ['nobody at all', { hands: 0 }],
    ['a bake on the thirtieth of February', { bakes: [{ id: newId(), recipe, at: '2027-02-30T15:30' }] }],
    ['a night without an end', { asleep: { from: '22:30' } }],
    ['an event of no known kind', { run: { ...RUN, events: [{ id: 'x', at: 1, kind: 'burnt' }] } }],
    ['a run without its bakes', { run: { ...RUN, bakes: undefined } }],
    ['a newer schema', { schema: 3 }],
    [
      'hands that take a hundred times as long',
      { timed: [{ run: 'r', kind: 'mix', ratio: 100, on: '2027-06-18' }] },
    ],
  ])('refuses %s', async (_, part) => {
    await house
      .send('put', url())
      .set('if-match', '"1"')
      .send({ ...FULL, ...part })
      .expect(400);
  });
});
