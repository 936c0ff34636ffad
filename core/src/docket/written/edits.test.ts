import fc from 'fast-check';
import { runs } from '../../testing';
import { docketOf } from '../../testingDockets';
import { amountBefore } from './amounts';
import { cautionEdits } from './cautions';
import { dustEdits, greaseEdits } from './dusting';
import { edited, settledEdits } from './spans';
import { spokenName } from './spoken';

const dusted = (text: string) => edited(text, settledEdits(dustEdits(text, 'rice flour', false)));

describe('an edit of an author’s words', () => {
  it('that is none leaves them to the letter', () =>
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(edited(text, [])).toBe(text);
      }),
      runs(19),
    ));
  it('that meets an earlier one gives way', () => {
    const edit = (from: number, to: number, text: string) => ({ from, to, text, because: '' });
    const edits = settledEdits([edit(4, 9, 'one'), edit(6, 12, 'two'), edit(0, 3, 'a')]);
    expect(edits.map(({ text }) => text)).toEqual(['a', 'one']);
  });
  it.each([
    ['Grease and flour a 20 cm tin.', 'Grease a 20 cm tin and dust with rice flour.'],
    ['Use a greased and floured cake tin.', 'Use a greased cake tin dusted with rice flour.'],
    ['Roll out on a lightly floured surface.', 'Roll out on a surface lightly dusted with rice flour.'],
    ['Flour the board, then knead.', 'dust the board with rice flour, then knead.'],
    ['Shape with floured hands.', 'Shape with hands dusted with rice flour.'],
    ['Dust the sides with flour.', 'Dust the sides with rice flour.'],
    ['Serve floury potatoes.', 'Serve floury potatoes.'],
  ])('says what is floured with what does it now: %s', (text, now) =>
    expect(dusted(text).toLowerCase()).toBe(now.toLowerCase()),
  );
  it.each([
    ['Butter the tin.', 'Grease the tin.'],
    ['Bake in a buttered dish.', 'Bake in a greased dish.'],
    ['Add the butter a spoon at a time.', 'Add the butter a spoon at a time.'],
    ['Melt butter in a pan.', 'Melt butter in a pan.'],
  ])('greases where butter is out: %s', (text, now) => expect(edited(text, greaseEdits(text))).toBe(now));
  it.each([
    ['Stir it in; do not overmix.', false, 'Stir it in.'],
    ['Fold until just combined, then bake.', false, 'Fold until smooth, then bake.'],
    ['Stir it in; do not overmix.', true, 'Stir it in; do not overmix.'],
  ] as const)('drops a caution that gluten asked for: %s', (text, delicate, now) =>
    expect(edited(text, cautionEdits(text, delicate))).toBe(now),
  );
  it.each([
    ['Add 2 cups flour', 11, 4],
    ['Add the 225g flour', 13, 4],
    ['with half of the flour', 17, 17],
    ['Fold in flour', 8, 8],
  ])('takes an amount along: %s', (text, at, from) => expect(amountBefore(text, at)).toBe(from));
  it.each([
    ['milk, whole', 'milk'],
    ['cream, heavy', 'heavy cream'],
    ['rum, 80 proof', 'rum'],
    ['xanthan gum', 'xanthan gum'],
  ])('says a row’s name as cooks do: %s', (name, said) => expect(spokenName(name)).toBe(said));
});

describe('a docket’s method', () => {
  const TEXT =
    'Cake\n200 g plain flour\n8 g baking powder\n150 g butter\n150 g sugar\n3 eggs\n60 ml milk\nMethod\nCream the butter and sugar. Beat in the eggs one at a time. Sift in the flour and baking powder, fold in with the milk, then spoon into a 20 cm round tin.\nBake at 180 °C for 30 minutes. Leave in the tin for 5 minutes, then turn out.';
  const words = (request = {}) =>
    docketOf(TEXT, request)
      .method.map(({ text }) => text)
      .join('\n');
  it('says each replaced thing by its present name, and counts what isn’t counted any more', () => {
    const said = words({ without: ['milk', 'egg'] });
    expect(said).toMatch(/Cream the dairy-free baking block and sugar\./);
    expect(said).toMatch(/Beat in the flax gel and unsweetened applesauce a little at a time\./);
    expect(said).toMatch(/Stir the (?:flax\w* meal|ground linseed) into its water/);
  });
  it('rests within a step, before what was mixed is put into its tin', () =>
    expect(words()).toMatch(
      /with the milk\. Let the batter stand for .*?: it thickens as the flours drink\. Spoon into a 20 cm round tin/,
    ));
  it('leaves it in the tin for as long as it is tender', () =>
    expect(words()).toMatch(/Leave in the tin for 15 minutes, then turn out/));
  it('sets another oven where the household’s is set otherwise', () =>
    expect(words({ oven: { celsius: 160, fan: true } })).toMatch(
      /Bake at 160 °C \(\d+ °F\) with the fan for/,
    ));
});

describe('a step says what is in the bowl now', () => {
  const stepsOf = (list: string, method: string, request = {}) =>
    docketOf(`Cake\n200 g plain flour\n100 g sugar\n2 eggs\n${list}\nMethod\n${method}`, request)
      .method.map(({ text }) => text)
      .join('\n');
  it('of nuts that it only calls nuts', () => {
    const said = stepsOf('100 g butter\n80 g pecans, chopped', 'Mix it all, add the nuts. Bake 20 min.', {
      without: ['tree nuts'],
    });
    expect(said).toMatch(/add the sunflower seeds/);
    expect(said).not.toMatch(/\bnuts\b/);
  });
  it('of a milk that goes by a kin’s name', () =>
    expect(
      stepsOf(
        '100 ml oil\n240 ml half-and-half',
        'Heat the half-and-half, whisk the hot milk into the rest. Bake 20 min.',
        { without: ['milk'] },
      ),
    ).not.toMatch(/\bhot milk\b/));
  it('without the other food that would have done', () =>
    expect(
      stepsOf('100 g butter', 'Cream the butter (or margarine) and sugar. Bake 20 min.', {
        without: ['milk'],
      }),
    ).not.toMatch(/margarine/));
  it('in the amount that the list has: a double batch leaves no single one behind', () => {
    const said = stepsOf(
      '100 g butter\n60 ml milk',
      'Cream 100 g butter and the sugar. Pour in 30 ml milk, then the rest of the milk. Bake 20 min.',
      { scale: { factor: 2, lines: [] } },
    );
    expect(said).toMatch(/Cream the butter/);
    expect(said).not.toMatch(/\b30 ml\b/);
  });
});
