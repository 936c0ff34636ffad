import { BUILT_IN_KITCHEN, EMPTY_REQUEST } from '../kitchen';
import { readText } from '../testing';
import { convert } from '.';

const METHOD =
  '\n\nMethod\nCream the butter and sugar, beat in the eggs, fold in the flour.\nBake at 180 °C for 25 minutes.';
const docketOf = (list: string, method = METHOD) =>
  convert(readText(`Layer cake\n${list}${method}`), EMPTY_REQUEST, BUILT_IN_KITCHEN);

/** A flour that shares its line with other food is taken out as any other, and bars nothing. */
describe('wheat that shares a line', () => {
  it.each([
    ['one amount for all', '175 g each soft butter, caster sugar and self-raising flour\n3 eggs'],
    [
      'some of it for the fruit',
      '200 g butter\n200 g sugar\n3 eggs\n250 g plain flour, plus 1 tbsp for the raisins\n100 g raisins',
    ],
    [
      'a stand-in that holds it',
      '200 g butter\n200 g sugar\n3 eggs\n200 g plain flour\n1 tbsp potato starch or plain flour',
    ],
    [
      'in brackets',
      '200 g butter\n200 g sugar\n3 eggs\n200 g plain flour\n1 tbsp instant coffee (or instant barley drink)',
    ],
  ])('%s', (_, list) => {
    const outcome = docketOf(list);
    expect(outcome.outcome).toBe('docket');
    if (outcome.outcome !== 'docket') return;
    const names = outcome.docket.parts.flatMap(({ lines }) => lines.map(({ name }) => name));
    expect(names.join()).not.toMatch(/plain flour|all-purpose|self-raising|barley/);
  });
  it('in a sentence', () => {
    const outcome = docketOf(
      '\nCream 175 g butter with 175 g sugar, beat in 3 eggs and fold in 175 g self-raising flour.\nBake at 180 °C for 25 minutes.',
      '',
    );
    expect(outcome.outcome).toBe('docket');
  });
  it('is on the list of the guard, with an amount or without', () => {
    const { parts } = readText(
      'Ring\n\nScald 2 cups of milk, whisk 4 yolks with a quarter cup of plain flour and 100 g sugar.\nDust it with flour.',
    );
    const ids = parts
      .flatMap(({ lines }) => lines)
      .flatMap(({ items }) => items.map(({ ingredient }) => ingredient));
    expect(ids).toContain('all-purpose-flour');
  });
});
