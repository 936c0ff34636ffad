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
  const WITH_CREAM = `${CAKE}\n5. Hide it under whipped cream.`;
  it('holds the guard open, and says which step and which word', () => {
    const asks = named(['milk'], WITH_CREAM).map(({ ask }) => say(ask));
    expect(asks).toHaveLength(1);
    expect(asks[0]).toMatch(/Step \d+ still says “whipped cream” \(out: milk\)/);
  });
  it('can’t be answered away', () => {
    const open = docketOf(['milk'], WITH_CREAM).guard.open;
    const answers = open.map(({ line, key }) => ({
      line,
      answer: 'label-checked' as const,
      about: key,
      on: '2026-06-20',
      by: '',
    }));
    const left = docketOf(['milk'], WITH_CREAM, answers).guard;
    expect(left.open.map(({ kind }) => kind)).toEqual(['named']);
    expect(left.state).toBe('open');
  });
  it('says what stands on the list instead, so that nothing is left to ask', () => {
    expect(named(['milk', 'egg'])).toEqual([]);
    const words = docketOf(['milk', 'egg'])
      .method.map(({ text }) => text)
      .join('\n');
    expect(words).not.toMatch(/\b(?:butter|eggs?)\b/i);
    expect(words).toMatch(/baking block and sugar/);
  });
  it('is served with what its eaters may have: “serve with custard”', () => {
    const text = `${CAKE}\n5. Serve with custard, or vanilla ice cream and a few strawberries.`;
    const last = (without: ConversionRequest['without']) => docketOf(without, text).method.at(-1)!.text;
    expect(last([])).toBe('5. Serve with custard, or vanilla ice cream and a few strawberries.');
    expect(last(['milk'])).toBe(
      '5. Serve with dairy-free custard, or dairy-free vanilla ice cream and a few strawberries.',
    );
    expect(last(['egg', 'milk'])).toMatch(
      /^5. Serve with dairy- and egg-free custard, or dairy- and egg-free/,
    );
    expect(named(['egg', 'milk'], text)).toEqual([]);
    expect(docketOf([], `${CAKE}\n5. Serve with shortbread.`).method.at(-1)!.text).toMatch(
      /gluten-free shortbread/,
    );
  });
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
    expect(toMarkdown(docketOf(['milk'], WITH_CREAM))).toMatch(/\*\*Step \d+ still says “whipped cream”/));
});

describe('a British page', () => {
  const paper = toMarkdown(
    docketOf(
      [],
      'Shortbread\n200g plain flour\n100g butter\n50g caster sugar\n\nRub the butter into the flour, add the sugar, press into a 20cm tin. Bake at gas mark 3 for 40 minutes.',
    ),
  );
  it('has one name for one thing, in the list and in the notes', () => {
    expect(paper).toMatch(/^- .*cornflour/m);
    expect(paper).toMatch(/plain flour → .*cornflour/);
    expect(paper).not.toMatch(/cornstarch|all-purpose/);
  });
});
