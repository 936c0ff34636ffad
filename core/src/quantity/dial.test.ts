import fc from 'fast-check';
import { runs } from '../testing';
import { celsiusOfGas, dialOf } from './dial';

// Common practice, no one source: the table of oven settings in the back of many cookbooks.
describe('an oven dial', () => {
  it.each([
    [177, 175, 350, '4'],
    [163, 165, 325, '3'],
    [190.6, 190, 375, '5'],
    [204.4, 205, 400, '6'],
    [218, 220, 425, '7'],
    [135, 135, 275, '1'],
    [107, 105, 225, '¼'],
    [170, 170, 340, '3'],
    [180, 180, 350, '4'],
    [230, 230, 450, '8'],
  ])('%d °C is %d °C, %d °F, gas mark %s', (celsius, shown, fahrenheit, gas) =>
    expect(dialOf(celsius)).toEqual({ celsius: shown, fahrenheit, gas }),
  );
  it('has no gas mark where there is none', () => {
    expect(dialOf(60).gas).toBeNull();
    expect(dialOf(290).gas).toBeNull();
    expect(celsiusOfGas('10')).toBeUndefined();
  });
  it('is set by its mark as kitchens set it', () =>
    expect(['2', '4', '6', '1/2'].map(celsiusOfGas)).toEqual([150, 180, 200, 120]));
  it('is never further off than half a step', () =>
    fc.assert(
      fc.property(fc.double({ min: 60, max: 290, noNaN: true }), (celsius) => {
        const dial = dialOf(celsius);
        expect(Math.abs(dial.celsius - celsius)).toBeLessThanOrEqual(2.5);
        expect(Math.abs(dial.fahrenheit - (celsius * 1.8 + 32))).toBeLessThanOrEqual(6);
      }),
      runs(31),
    ));
  it('stays where it is set', () =>
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 56 }), (fives) =>
        expect(dialOf(5 * fives).celsius).toBe(5 * fives),
      ),
      runs(32),
    ));
});
