import { EMPTY_REQUEST } from '../kitchen';
import { docketOf } from '../testingDockets';
import { docketLineWords } from '.';

const CAKE =
  '• 2 large eggs\n- 1 stick butter, softened\n1 cup all-purpose flour\n1 cup sugar\n1 tsp baking powder\n1/2 cup buttermilk, cold\n3 bananas, mashed\n1 tsp vanilla extract';
const list = (request = {}, text = CAKE) =>
  docketOf(`Banana cake\n${text}\nMethod\nMix it all.\nBake at 350F for 40 minutes.`, request).parts.flatMap(
    ({ lines }) => lines.map(docketLineWords),
  );

describe('the list as a baker reads it', () => {
  it('keeps the author’s words, counts and preparation, with the weight beside', () => {
    expect(list()).toEqual(
      expect.arrayContaining([
        '2 large eggs (100 g)',
        expect.stringMatching(/^1 stick butter, softened \(11\d g\)$/),
        expect.stringMatching(/^3 bananas, mashed \(\d+ g\)$/),
      ]),
    );
  });
  it('leads with the weight of what is new, and gives the kitchen’s measure where one comes near', () =>
    expect(
      list().some((words) => /^\d+ g (?:white|brown) rice flour(?: \([^)]*cup[^)]*\))?$/.test(words)),
    ).toBe(true));
  it('leads with the spoon below 15 g', () =>
    expect(list().some((words) => /^[½¼¾⅛\d]+ tsp xanthan gum \([\d.]+ g\)$/.test(words))).toBe(true));
  it('keeps how a line wants its thing where only the amount has moved', () => {
    const words = list({ tilt: { ...EMPTY_REQUEST.tilt, drink: 1.2 } }).find((one) =>
      one.includes('buttermilk'),
    );
    expect(words).toMatch(/^\d+ g buttermilk, cold/);
    const warm = list(
      { tilt: { ...EMPTY_REQUEST.tilt, drink: 1.2 } },
      '300 g flour\n2 eggs\n200 ml warm milk',
    );
    expect(warm).toContainEqual(expect.stringMatching(/^\d+ g warm milk/));
  });
  it('wants what stands in as it wanted what was there', () => {
    const words = list(
      { without: ['milk'] },
      '300 g flour\n2 eggs\n200 ml warm milk\n75 g butter (melted)\n3 Tbsp melted butter\n100 g butter, softened, plus extra for the tin',
    ).join('\n');
    expect(words).toMatch(/milk, warm/);
    expect(words).toMatch(/75 g [\p{L} -]+, melted/u);
    expect(words).toMatch(/100 g [\p{L} -]+, softened(?: \(|$)/mu);
    expect(words.match(/, melted/g)).toHaveLength(2);
  });
  it('counts what its author counts, and keeps the amount of what nobody knows', () => {
    const words = list(
      {},
      '300 g flour\n2 eggs\n3 balls stem ginger, chopped + 3 tbsp of its syrup\n2 pears + 3 tbsp of its gloop',
    ).join('\n');
    expect(words).toMatch(/^3 balls stem ginger/m);
    expect(words).toMatch(/^\d+ g ginger syrup \(3 tbsp\)$/m);
    expect(words).toMatch(/^3 tablespoons of its gloop$/m);
  });
  it('never says what was replaced', () => {
    const words = list({ without: ['milk', 'egg'] }).join('\n');
    expect(words).not.toMatch(/\b(?:butter,|buttermilk|eggs?)\b/);
  });
  it('takes a line of several things apart, and says each as its author did', () =>
    expect(
      list(
        {},
        '1 cup flour, 2 eggs, 4 ripe pears, a pinch of sugar, few drops almond, 1/2 cup soft brown sugar',
      ),
    ).toEqual(
      expect.arrayContaining([
        expect.stringMatching(/^4 ripe pears \(\d+ g\)$/),
        'a pinch of sugar',
        '3 drops of almond extract',
        expect.stringMatching(/^1\/2 cup soft brown sugar \(\d+ g\)$/),
      ]),
    ));
  it('takes the strokes and dots of a table away', () => {
    const words = list(
      {},
      '| 100 g | Butter, melted |\n| 200 g | Plain flour |\n75 g sugar . . . . 3 eggs',
    ).join('\n');
    expect(words).not.toMatch(/\||\. \./);
    expect(words).toMatch(/100 g Butter, melted/);
  });
  it('gives a weight for an amount that scaling has moved, and no old one', () =>
    expect(list({ scale: { factor: 2, lines: [] } }).join('\n')).not.toMatch(/2 large eggs|1 stick/));
});
