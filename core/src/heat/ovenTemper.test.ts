import fc from 'fast-check';
import type { OvenReading } from '../kitchen';
import { runs } from '../testing';
import { doubtOf, shownDoubt } from './doubt';
import { checkReading, dialFor, OvenReadingError, temperOf } from './ovenTemper';

const reading = (dialCelsius: number, off: number, fan = false): OvenReading => ({
  dialCelsius,
  trueCelsius: dialCelsius + off,
  fan,
  on: '2026-06-13',
});
const oven = (...readings: OvenReading[]) => ({
  id: 'o',
  name: '',
  inUse: true,
  fan: false,
  readings,
  preheatMinutes: null,
  racks: 2,
  hotSide: 'none' as const,
});

describe('an oven’s temper', () => {
  it('is none, in much doubt, where nobody measured it', () =>
    expect(temperOf(undefined, 175, false)).toEqual({ offset: 0, doubt: 10 }));
  // One unknown by hand: prior N(0, 10²), three readings of +8 in a doubt of 5 each: 8·(3/25)/(3/25 + 1/100) = 7.38; 1/√0.13 = 2.77.
  it('is what three readings at the middle of its dial say, drawn a little towards none', () => {
    const { offset, doubt } = temperOf(oven(reading(175, 8), reading(175, 8), reading(175, 8)), 175, false);
    expect(offset).toBeCloseTo(7.385, 3);
    expect(doubt).toBeCloseTo(2.774, 3);
  });
  it('tilts where it is off by more at one end, and is in more doubt away from the readings', () => {
    const tilted = oven(reading(150, 2), reading(150, 2), reading(210, 14), reading(210, 14));
    expect(temperOf(tilted, 210, false).offset).toBeGreaterThan(temperOf(tilted, 150, false).offset + 5);
    const middle = oven(reading(175, 8));
    expect(temperOf(middle, 250, false).doubt).toBeGreaterThan(temperOf(middle, 175, false).doubt);
  });
  it('learns less from a reading with the fan for still air', () => {
    const still = temperOf(oven(reading(175, 10)), 175, false);
    const blown = temperOf(oven(reading(175, 10, true)), 175, false);
    expect(blown.offset).toBeLessThan(still.offset);
    expect(blown.doubt).toBeGreaterThan(still.doubt);
  });
  it('is never in more doubt after one more reading, and lies between none and what was read', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 100, max: 250 }), fc.integer({ min: -40, max: 40 })), {
          minLength: 1,
          maxLength: 8,
        }),
        fc.integer({ min: 100, max: 250 }),
        (rows, at) => {
          const readings = rows.map(([dial, off]) => reading(dial, off));
          const [some, all] = [oven(...readings.slice(1)), oven(...readings)];
          expect(temperOf(all, at, false).doubt).toBeLessThanOrEqual(temperOf(some, at, false).doubt + 1e-9);
        },
      ),
      runs(33),
    ));
  it('turns the dial down for one that runs hot, and leaves it where it is true', () => {
    const hot = oven(...[150, 180, 210].flatMap((dial) => [reading(dial, 8), reading(dial, 8)]));
    expect(dialFor(hot, 175, false)).toBe(165);
    expect(dialFor(oven(reading(175, 1)), 177, false)).toBe(175);
  });
  it.each([
    [175, 25, /from 30 to 320/],
    [175, 350, /from 30 to 320/],
    [175, Number.NaN, /from 30 to 320/],
    [150, 300, /more than 80 °C/],
  ])('refuses a reading that can’t be: dial %d, thermometer %d', (dial, said, words) => {
    expect(() => checkReading(dial, said)).toThrow(OvenReadingError);
    expect(() => checkReading(dial, said)).toThrow(words);
  });
});

describe('the doubt of a time', () => {
  it('falls from nothing to a recipe’s time to a bake of one’s own, and with a known oven', () => {
    expect(doubtOf('nothing', 10)).toBeGreaterThan(doubtOf('recipe', 10));
    expect(doubtOf('recipe', 10)).toBeGreaterThan(doubtOf('bake', 10));
    expect(doubtOf('recipe', 2)).toBeLessThan(doubtOf('recipe', 10));
  });
  it('is shown so wide that four bakes of five end in it, where nothing anchors it', () => {
    expect(shownDoubt('nothing', 10) / doubtOf('nothing', 10)).toBeCloseTo(1.28, 2);
    expect(shownDoubt('recipe', 10)).toBe(doubtOf('recipe', 10));
  });
  it('is a fifth where nothing is known', () => expect(doubtOf('nothing', 10)).toBeCloseTo(0.18, 1));
});
