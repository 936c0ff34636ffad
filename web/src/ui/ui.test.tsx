import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { ThemeProvider } from 'styled-components';
import { theme } from '../base/theme';
import { NumberEntry } from './NumberEntry';
import { Rail } from './Rail';
import { fromShown, sayGrams, sayTemperature, toShown } from '../words/say';

const shown = (element: React.ReactElement) => render(<ThemeProvider theme={theme}>{element}</ThemeProvider>);

describe('a number by hand', () => {
  const entry = (onCommit: (value: number) => void, value: number | null = 150) =>
    shown(<NumberEntry label="Weight" min={0} max={1000} value={value} onCommit={onCommit} />);
  const type = async (text: string) => {
    const user = userEvent.setup();
    const field = screen.getByLabelText('Weight');
    await user.clear(field);
    await user.type(field, text);
    return user;
  };
  it.each([
    ['95', 95],
    ['1,5', 1.5],
    ['1.5', 1.5],
    ['1 1/2', 1.5],
    ['½', 0.5],
  ])('%s is %d', async (text, value) => {
    const onCommit = jest.fn();
    entry(onCommit);
    await type(`${text}{Enter}`);
    expect(onCommit.mock.calls).toEqual([[value]]);
  });
  it.each(['', 'a lot', '-3', '2000', '1..5'])('%j goes nowhere', async (text) => {
    const onCommit = jest.fn();
    entry(onCommit);
    const user = await type(text === '' ? '{Backspace}' : text);
    await user.tab();
    expect(onCommit).not.toHaveBeenCalled();
  });
  it('is nobody’s business while it is half typed', async () => {
    const onCommit = jest.fn();
    entry(onCommit);
    await type('9');
    expect(onCommit).not.toHaveBeenCalled();
  });
  it('is what it was after Escape', async () => {
    entry(jest.fn());
    await type('9{Escape}');
    expect(screen.getByLabelText('Weight')).toHaveValue('150');
  });
});

describe('a rail', () => {
  const rail = (to: number) =>
    shown(<Rail label="Lift" from={2.4} fromName="wheat" to={to} band={[1.5, 8]} unit="mmol" />);
  it('says in words what it shows', () => {
    rail(3);
    expect(screen.getByRole('img')).toHaveAccessibleName('Lift: 3 mmol, wheat 2.4, band 1.5 to 8');
  });
  it('says so when it stands outside the band', () => {
    rail(9);
    expect(screen.getByRole('img')).toHaveAccessibleName(/outside the band/);
  });
});

describe('weights and temperatures in words', () => {
  it.each([
    [0.456, '0.46'],
    [8.79, '8.79'],
    [37.5, '37.5'],
    [250.4, '250'],
    [1865, '1\u2009865'],
  ])('%d g is %s', (grams, words) => expect(sayGrams(grams)).toBe(words));
  it('go to Fahrenheit and back', () => {
    expect(sayTemperature(176.67, 'fahrenheit')).toBe('350 °F');
    expect(fromShown(toShown(180, 'fahrenheit'), 'fahrenheit')).toBeCloseTo(180, 0);
    expect(sayTemperature(175, 'celsius')).toBe('175 °C');
  });
});
