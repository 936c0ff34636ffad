import { say } from '../words';
import { docketOf } from '../testingDockets';
import { WHOLE_WARNINGS } from './warnings';

const muffins = (bake: string, lines = '200 ml milk') =>
  `Muffins\n250 g plain flour\n1 tbsp baking powder\n100 g sugar\n1 egg\n${lines}\n80 g butter\n\nMethod\n${bake}`;
const PLAIN = muffins('Spoon into a 12-hole muffin tin and bake at 190°C for 20 minutes.');
const said = (text: string, request = {}) => docketOf(text, request).warnings.map(say).join('\n');

describe('warnings about the recipe as a whole', () => {
  it.each(WHOLE_WARNINGS.map((rule) => [rule.id, rule] as const))(
    '%s says why, and where from',
    (_, rule) => {
      expect(rule.reason.length).toBeGreaterThan(20);
      expect(rule.source).not.toBe('');
    },
  );
  it.each([
    [
      'no time to anchor to',
      muffins('Spoon into a 12-hole muffin tin and bake at 190°C until done.'),
      /states no bake time/,
    ],
    [
      'a time that can’t be of this tin',
      muffins('Spoon into a 12-hole muffin tin and bake at 190°C for 90 minutes.'),
      /times the simulated one/,
    ],
    [
      'a tin that is too small',
      muffins('Spoon into a 9 cm round cake tin and bake at 180°C for 60 minutes.'),
      /tin/,
    ],
    [
      'milk without a weight',
      muffins('Spoon into a 12-hole muffin tin and bake at 190°C for 20 minutes.', 'milk'),
      /“milk” has no weight/,
    ],
  ])('are given of %s, and not of a plain recipe', (_, text, words) => {
    expect(said(text)).toMatch(words);
    expect(said(PLAIN)).not.toMatch(words);
  });
});
