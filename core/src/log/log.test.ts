import type { DocketBake } from '../docket';
import { emptyNotes, type BakeNotes } from '../kitchen';
import { compareBake, timedBy } from '.';

const predicted: DocketBake = {
  ovenCelsius: 175,
  fan: false,
  pan: null,
  depthCm: 3,
  minutes: { low: 30, central: 34, high: 37 },
  firstCheck: 29,
  anchor: 1,
  doneCelsius: 98,
  doneSigns: '',
  coolMinutes: 15,
  centre: [],
  crust: [],
  edge: [],
  doneBy: null,
  anchored: 'recipe',
  stretch: 1,
  startCelsius: 20,
  startWords: null,
  setCelsius: null,
  browning: null,
  cooling: null,
  piece: null,
  watts: null,
  oven: null,
};
const notes = (part: Partial<BakeNotes>): BakeNotes => ({
  ...emptyNotes('2026-06-20'),
  ...part,
});

describe('a bake beside what was foretold', () => {
  it.each([
    [36, 'inside'],
    [30, 'inside'],
    [37, 'inside'],
    [29.9, 'sooner'],
    [41, 'later'],
  ])('%d minutes: %s', (minutes, window) => {
    const compared = compareBake(notes({ minutes }), predicted);
    expect(compared.window).toBe(window);
    expect(compared.ratio).toBeCloseTo(minutes / 34, 9);
  });
  it('is not timed where nobody looked at the clock', () =>
    expect(compareBake(notes({}), predicted)).toEqual({ ratio: null, window: 'not timed', ovenBy: null }));
  it('tells how the dial stood', () =>
    expect(compareBake(notes({ ovenCelsius: 167 }), predicted).ovenBy).toBe(-8));
});

describe('what a timed bake teaches', () => {
  const docket = { ...predicted, stretch: 1.1 };
  it('is true over simulated minutes', () =>
    expect(timedBy('b', notes({ minutes: 36, ovenCelsius: 176 }), docket)).toEqual({
      bake: 'b',
      ratio: 36 / (34 / 1.1),
      on: '2026-06-20',
    }));
  it.each([
    ['untimed', {}],
    ['baked as written', { minutes: 36, asWritten: true }],
    ['in an oven set to something else', { minutes: 36, ovenCelsius: 190 }],
    ['whose time can’t be meant', { minutes: 360 }],
  ])('is nothing for one %s', (_, part) => expect(timedBy('b', notes(part), docket)).toBeNull());
});
