import { failureOf } from './failure';
import { EngineGoneError } from './gone';

const RECIPE = 'Aunt Wren’s secret torte\n200 g plain flour\n3 eggs';

describe('what an engine could not answer', () => {
  it('is told apart: a worker that is gone, and one that threw', () => {
    const gone = failureOf(new EngineGoneError('The engine is silent.'), RECIPE);
    const threw = failureOf(new TypeError('x is not a function'), RECIPE);
    expect(gone.words).toMatch(/stopped twice/);
    expect(threw.words).not.toMatch(/stopped/);
    expect(threw.cause).toMatch(/^TypeError: x is not a function/);
  });
  it('says nothing of the recipe', () => {
    const { cause } = failureOf(
      new RangeError('“200 g plain flour” of Aunt Wren’s secret torte is too much'),
      RECIPE,
    );
    expect(cause).not.toMatch(/flour|Wren/);
    expect(cause).toMatch(/RangeError/);
  });
});
