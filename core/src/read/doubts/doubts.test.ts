import { readText } from '../../testing';

const LIST = 'Ginger cake\n250 g plain flour\n150 g butter\n200 g sugar\n2 eggs\n120 ml milk\n';
const doubts = (more: string) => readText(`${LIST}${more}`).doubts;

describe('what can hardly be meant', () => {
  it('is not found in a plain recipe', () =>
    expect(
      doubts(
        '1 tsp baking powder\n½ tsp salt\nMethod\nHeat the oven to 180 °C (350 °F) and line two tins with baking paper.\nBeat the butter and the sugar, then the eggs.\nBake for 30 minutes.',
      ),
    ).toEqual([]));
  it.each([
    ['1.4 tsp salt', 'slipped-fraction', '1/4 tsp salt'],
    ['3 tbsp salt', 'unusual-amount', '3 tsp salt'],
    ['1 cup (300 g) oat flour', 'weights-clash', null],
    ['same weight of treacle as butter', 'refers', null],
    ['For the crumb:\n50 g oats\nFor the crumb:\n50 g oats', 'part-twice', null],
  ] as const)('%j is asked about', (more, kind, guess) => {
    const found = doubts(more).find((one) => one.kind === kind);
    expect(found).toBeDefined();
    if (guess !== null) expect(found!.guess ?? found!.to).toContain(guess);
  });
  it('is asked and never changed: the weight in brackets stays taken', () => {
    const recipe = readText(`${LIST}1 cup (300 g) oat flour`);
    const line = recipe.parts[0]!.lines.at(-1)!;
    expect(line.items[0]!.grams!.central).toBe(300);
    expect(line.items[0]!.beside!.central).toBeLessThan(150);
  });
  it('is asked anew once the words change', () => {
    const before = doubts('1.4 tsp salt')[0]!.id;
    expect(doubts('1.4 tsp fine salt')[0]!.id).not.toBe(before);
  });
});

describe('what the method says besides', () => {
  it.each([
    ['Makes 2 dozen small cookies', { low: 24, high: 24, what: 'small cookies' }],
    ['Serves 8-10', { low: 8, high: 10, what: '' }],
    ['Yield: 12 muffins', { low: 12, high: 12, what: 'muffins' }],
    ['Makes one 23 cm cake', { low: 1, high: 1, what: '23 cm cake' }],
  ])('%s', (line, yields) => expect(readText(`Title\n${line}\n200 g flour`).yields).toEqual(yields));
});
