import type { DocketBake } from '../docket';
import type { BakeNotes } from '../kitchen';
import { compareBake } from '.';

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
  doneBy: null,
};
const notes = (part: Partial<BakeNotes>): BakeNotes => ({
  bakedOn: '2026-06-20',
  minutes: null,
  ovenCelsius: null,
  scores: {},
  notes: '',
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
