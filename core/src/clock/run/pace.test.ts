import { EMPTY_DAY, putAway, upcastDay, type DayDocument } from '..';
import dayV1 from '../fixtures/day-v1.json';
import type { PlannedTask } from '../types';
import type { DayRun } from './types';
import { paceOf, timedWork, type TimedWork } from './pace';

const MINUTE = 60_000;
const NOON = Date.parse('2027-06-19T10:00:00Z');
const { run: _run, timed: _timed, schema: _schema, ...setup } = EMPTY_DAY;
const task = (id: string, kind: PlannedTask['kind'], from: number, to: number): PlannedTask => ({
  id,
  bake: 'b',
  kind,
  what: { code: 'bake-it', values: {} },
  steps: [],
  begins: NOON + from * MINUTE,
  ends: NOON + to * MINUTE,
  at: '2027-06-19T12:00',
  until: '2027-06-19T12:00',
  handsOn: true,
  hands: 1,
  oven: null,
  celsius: null,
  tray: null,
  firstCheck: null,
  swapAt: null,
  burst: null,
});
const run = (done: Readonly<Record<string, number>>, more: Partial<DayRun> = {}): DayRun => ({
  id: 'r',
  zone: 'Europe/Berlin',
  setup,
  pace: {},
  began: NOON,
  tasks: [task('b.1', 'mix', 0, 20), task('b.2', 'mix', 20, 40), task('b.3', 'shape', 60, 70)],
  bakes: [],
  events: Object.entries(done).map(([id, minute]) => ({
    id,
    at: NOON + minute * MINUTE,
    kind: 'done' as const,
    task: id,
  })),
  ...more,
});
const timed = (kind: TimedWork['kind'], ...ratios: number[]): TimedWork[] =>
  ratios.map((ratio) => ({ run: 'r', kind, ratio, on: '2027-06-19' }));

describe('how long hands take', () => {
  it('is told by the presses of one pair of hands: from the last one, and no sooner than planned', () =>
    expect(timedWork(run({ 'b.1': 20, 'b.2': 50, 'b.3': 75 }))).toEqual([
      { run: 'r', kind: 'mix', ratio: 1.5, on: '2027-06-19' },
      { run: 'r', kind: 'shape', ratio: 1.5, on: '2027-06-19' },
    ]));
  it('is beside the table, not beside a plan that knew these hands already', () =>
    expect(timedWork(run({ 'b.1': 20, 'b.2': 40 }, { pace: { mix: 1.3 } }))[0]!.ratio).toBeCloseTo(1.3, 9));
  it.each([
    ['two pairs of hands', run({ 'b.1': 20, 'b.2': 50 }, { setup: { ...setup, hands: 2 } })],
    ['somebody who forgot to press', run({ 'b.1': 20, 'b.2': 140 })],
    ['somebody who pressed it away', run({ 'b.1': 20, 'b.2': 20.1 })],
  ])('can’t be told by %s', (_, one) => expect(timedWork(one)).toEqual([]));
  it('moves from the table towards what was timed, the further the more was', () => {
    // By hand: ln 1.5 × (4 / 0.25) / (4 / 0.25 + 1 / 0.09).
    expect(paceOf(timed('mix', 1.5, 1.5, 1.5, 1.5)).mix).toBeCloseTo(
      Math.exp((Math.log(1.5) * 16) / (16 + 1 / 0.09)),
      9,
    );
    const [one, ten] = [
      paceOf(timed('shape', 2)).shape!,
      paceOf(timed('shape', ...Array<number>(10).fill(2))).shape!,
    ];
    expect(one).toBeGreaterThan(1);
    expect(ten).toBeGreaterThan(one);
    expect(ten).toBeLessThan(2);
    expect(paceOf([])).toEqual({});
  });
  it('is kept once when a run is put away', () => {
    const day: DayDocument = { ...EMPTY_DAY, run: run({ 'b.1': 20, 'b.2': 50 }) };
    const kept = putAway(day);
    expect(kept.run).toBeNull();
    expect(kept.timed).toHaveLength(1);
    expect(putAway({ ...day, timed: kept.timed }).timed).toEqual(kept.timed);
    expect(putAway(kept)).toBe(kept);
  });
  it('isn’t known of a day that an older program stored', () => {
    const found = upcastDay<DayDocument>(dayV1);
    expect(Object.keys(found).sort()).toEqual(Object.keys(EMPTY_DAY).sort());
    expect(found.run).toMatchObject({ pace: {}, setup: { fridge: null, hands: 2 } });
    expect(found.timed).toEqual([]);
  });
});
