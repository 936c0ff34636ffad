import { BUILT_IN_KITCHEN } from '../../kitchen';
import { readText } from '../../testing';
import { readProcess } from '..';

const LIST = 'Ginger cake\n250 g plain flour\n150 g butter\n200 g sugar\n2 eggs\n120 ml milk\n';
const doubts = (more: string) => readProcess(readText(`${LIST}${more}`), BUILT_IN_KITCHEN).doubts;
const kinds = (more: string) => doubts(more).map(({ kind }) => kind);

describe('what of a method can hardly be meant', () => {
  it('is not found in a plain recipe', () =>
    expect(
      doubts(
        '1 tsp baking powder\n½ tsp salt\nMethod\nHeat the oven to 180 °C (350 °F) and line two tins with baking paper.\nBeat the butter and the sugar, then the eggs.\nBake for 30 minutes.',
      ),
    ).toEqual([]));
  it.each([
    ['Method\nBake at 325 °F (170 °C) for 30 minutes.', 'temperatures-clash', '325 °F (165 °C)'],
    ['Method\nLine the tin with baking powder.\nBake for 30 minutes.', 'powder-for-paper', 'baking paper'],
    ['Method\nButter two tins.\nBake for 30 minutes and stack the three layers.', 'tins-clash', '3 tins'],
    ['Method\nBeat in the yoghurt.\nBake for 30 minutes.', 'not-on-the-list', null],
    ['900 ml milk', 'far-from-family', null],
  ] as const)('%j is asked about', (more, kind, guess) => {
    const found = doubts(more).find((one) => one.kind === kind);
    expect(found).toBeDefined();
    if (guess !== null) expect(found!.guess ?? found!.to).toContain(guess);
  });
  it('lets a fan stand lower than the degrees of a still oven', () =>
    expect(kinds('Method\nBake at 350 °F (160 °C fan) for 30 minutes.')).not.toContain('temperatures-clash'));
  it('lets two tins be cut to four layers', () =>
    expect(
      kinds('Method\nButter two tins.\nBake for 30 minutes. Cut each to make four layers.'),
    ).not.toContain('tins-clash'));
});
