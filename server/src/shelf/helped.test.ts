import { EMPTY_DAY, type DayDocument, type DayRun } from '@omniarton/core/clock';
import { onlyHelps } from './helped';

const RUN = {
  ...{ id: 'run', zone: 'UTC', setup: EMPTY_DAY, pace: {}, began: 0, tasks: [], bakes: [] },
  events: [{ id: 'e1', at: 1, kind: 'ended' }],
} as unknown as DayRun;
const DAY: DayDocument = { ...EMPTY_DAY, run: RUN };
const withEvents = (events: readonly object[]): DayDocument => ({
  ...DAY,
  run: { ...RUN, events: events as unknown as DayRun['events'] },
});

describe('what a helper may change of a day', () => {
  it('is what is ticked and timed in a run that goes on', () => {
    expect(onlyHelps(DAY, withEvents([...RUN.events, { id: 'e2', at: 2, kind: 'ended' }]))).toBe(true);
    expect(onlyHelps(EMPTY_DAY, { ...EMPTY_DAY })).toBe(true);
  });
  it.each<[string, DayDocument, DayDocument]>([
    ['no plan', DAY, { ...DAY, hands: 2 }],
    ['nothing that was noted before', DAY, withEvents([])],
    ['no words of others', DAY, withEvents([{ id: 'e1', at: 9, kind: 'ended' }])],
    ['no run begun', EMPTY_DAY, DAY],
    ['no run taken away', DAY, { ...DAY, run: null }],
    ['no bake of a run', DAY, { ...DAY, run: { ...RUN, began: 5 } }],
  ])('is %s', (_, before, after) => expect(onlyHelps(before, after)).toBe(false));
});
