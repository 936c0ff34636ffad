import fc from 'fast-check';
import { runs } from '../testing';
import { HOSTILE } from './cases/hostile';
import { takeIn } from '.';

describe('a file that nobody means well with', () => {
  it.each(HOSTILE)('%s is read or plainly refused', (_, name, make) => {
    const { recipes, notes } = takeIn(name, make());
    for (const { text } of recipes) expect(typeof text).toBe('string');
    expect(notes.every((words) => words.length > 0)).toBe(true);
  });
  const PIECES = [
    '<div>',
    '</div>',
    '<p',
    '>',
    '<!--',
    '"',
    "'",
    '{',
    '}',
    '[',
    ']',
    ':',
    ',',
    '!',
    '*',
    '_',
    '`',
    '> ',
    '- ',
    '  ',
    '\n',
    '# ',
    '|',
    '&amp;',
    '<script type="application/ld+json">',
    '</script>',
    '{"@type":"Recipe","name":',
    'itemscope itemtype="https://schema.org/Recipe"',
    '200 g flour',
    '\u0000',
    '\ud800',
    'é',
  ];
  it.each(['a.html', 'a.json', 'a.md', 'a.csv', 'a.txt'])('%s, whatever is in it, never throws', (name) =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...PIECES), fc.integer({ min: 1, max: 30 })), { maxLength: 60 }),
        (parts) => {
          const { recipes } = takeIn(name, parts.map(([piece, times]) => piece.repeat(times)).join(''));
          for (const { text } of recipes) expect(typeof text).toBe('string');
        },
      ),
      runs(71),
    ),
  );
});
