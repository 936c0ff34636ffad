import { say } from '../words';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST, type ConversionRequest } from '../kitchen';
import { readText } from '../testing';
import { convert, toMarkdown } from '.';

const CAKE =
  'Plain cake\n\nIngredients\n200 g plain flour\n150 g sugar\n150 g butter\n3 eggs\n60 ml milk\n2 tsp baking powder\n\nMethod\n1. Cream the butter and sugar.\n2. Beat in the eggs, the size of a walnut at a time.\n3. Fold in the flour with the milk.\n4. Bake in a 20 cm round tin at 180C for 30 minutes.';
const docketOf = (
  without: ConversionRequest['without'],
  text = CAKE,
  answers: ConversionRequest['answers'] = [],
) => {
  const made = convert(readText(text), { ...EMPTY_REQUEST, without, answers }, BUILT_IN_KITCHEN);
  if (made.outcome !== 'docket') throw new Error(made.reasons.map(say).join());
  return made.docket;
};
const named = (...asked: Parameters<typeof docketOf>) =>
  docketOf(...asked).guard.open.filter(({ kind }) => kind === 'named');

describe('a step that still names what is avoided', () => {
  it('holds the guard open, and says which step, which word and what to read', () => {
    const asks = named(['milk']).map(({ ask }) => say(ask));
    expect(asks).toHaveLength(2);
    expect(asks[0]).toMatch(/Step \d+ still says “butter” \(out: milk\): read it as dairy-free baking block/);
    expect(asks[1]).toMatch(/“milk”/);
  });
  it('can’t be answered away', () => {
    const open = docketOf(['egg']).guard.open;
    const answers = open.map(({ line, key }) => ({
      line,
      answer: 'label-checked' as const,
      about: key,
      on: '2026-06-20',
      by: '',
    }));
    const left = docketOf(['egg'], CAKE, answers).guard;
    expect(left.open.map(({ kind }) => kind)).toEqual(['named']);
    expect(left.state).toBe('open');
  });
  it('is gone once the step says something else', () =>
    expect(named(['egg'], CAKE.replace('Beat in the eggs', 'Beat in the flax gel'))).toEqual([]));
  it('is no look, no deed and no blend', () => {
    expect(named(['tree nuts'])).toEqual([]);
    expect(named([])).toEqual([]);
  });
  it('is no milk where the list has oat milk and the author calls it milk', () =>
    expect(
      named(['milk'], CAKE.replace('60 ml milk', '60 ml rice milk'))
        .map(({ ask }) => say(ask))
        .join(),
    ).not.toMatch(/“milk”/));
  it('stands on the paper', () =>
    expect(toMarkdown(docketOf(['milk']))).toMatch(/\*\*Step \d+ still says “butter”/));
});
