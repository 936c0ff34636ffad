import fc from 'fast-check';
import { BUILT_IN_KITCHEN, catalogueOf } from '../kitchen';
import { runs } from '../testing';
import { judgeLabel } from '.';

const catalogue = catalogueOf(BUILT_IN_KITCHEN);
const label = (statement: string) => judgeLabel(statement, catalogue);

describe('the statement on a packet', () => {
  it('is read through its brackets', () => {
    const found = label(
      'Ingredients: sugar, enriched flour (wheat flour, niacin, iron), palm oil, salt. May contain nuts and sesame.',
    );
    expect(found).toMatchObject({ gluten: 'contains', cut: false, mayContain: ['tree nuts', 'sesame'] });
    expect(found.allergens).toContain('wheat');
    expect(found.entries.map(({ words, depth }) => [words, depth])).toEqual([
      ['sugar', 0],
      ['enriched flour', 0],
      ['wheat flour', 1],
      ['niacin', 1],
      ['iron', 1],
      ['palm oil', 0],
      ['salt', 0],
    ]);
  });
  it.each([
    ['rice flour, potato starch, tapioca starch, thickener: xanthan gum', 'free', []],
    ['Sugar, cocoa butter, MILK powder, emulsifier (soya lecithin), vanilla', 'free', ['milk', 'soybeans']],
    ['Maize starch, raising agents (diphosphates, sodium bicarbonate)', 'free', []],
    ['dates, oat flour', 'check-label', []],
    ['rapeseed oil, egg, mustard flour, paprika extract', 'check-label', ['egg', 'mustard']],
    ['wheat flour (with calcium, iron, niacin, thiamin), yeast', 'contains', ['wheat']],
    ['sugar, [emulsifier: lecithin (soya)], whey powder (milk)', 'free', ['soybeans', 'milk']],
    ['corn flakes (maize, sugar, salt, barley malt extract)', 'contains', []],
    [
      'chocolate (sugar, cocoa mass, [emulsifier: lecithin (soya)], wheat starch)',
      'contains',
      ['wheat', 'soybeans'],
    ],
    ['glucose syrup, sugar, WHEAT FLOUR, liquorice extract', 'contains', ['wheat']],
    ['almonds 52%, sugar, egg white', 'free', ['egg', 'tree nuts']],
    ['sugar. Contains: wheat, milk.', 'contains', ['wheat', 'milk']],
    ['rice flour. Contains celery and mustard.', 'free', ['celery', 'mustard']],
    ['sugar, wobbly brindle', 'unknown', []],
  ] as const)('%j: %s', (statement, gluten, allergens) => {
    const found = label(statement);
    expect(found.gluten).toBe(gluten);
    expect(found.allergens).toEqual(expect.arrayContaining([...allergens]));
  });
  it('knows cocoa butter from butter, and plant milks from milk', () => {
    const { gluten, allergens } = label(
      'dark chocolate (cocoa mass, sugar, cocoa butter), coconut milk, peanut butter',
    );
    expect(gluten).toBe('free');
    expect(allergens).toEqual(['peanuts', 'coconut']);
  });
  it('that warns of wheat is to be asked about, though its list is free', () =>
    expect(label('rice flour. Produced in a facility that handles wheat and milk.')).toMatchObject({
      gluten: 'check-label',
      glutenWarning: true,
      mayContain: expect.arrayContaining(['milk']) as unknown,
    }));
  it.each(['sugar, enriched flour (wheat flour, nia', 'sugar, salt,', 'sugar, salt and', ''])(
    'cut short is never free: %j',
    (statement) => expect(label(statement).gluten).not.toBe('free'),
  );
  it('says that it is cut', () => expect(label('sugar, chocolate (sugar, cocoa').cut).toBe(true));
  it('never passes gluten in any bracket, and never throws', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.constantFrom(
            'sugar',
            'salt',
            'cocoa butter',
            'rice flour',
            'E322',
            '(',
            ')',
            '[',
            ']',
            'palm oil 12%',
          ),
          { maxLength: 12 },
        ),
        fc.constantFrom(
          'wheat flour',
          'barley malt',
          'rye',
          'semolina',
          'spelt',
          'wheat starch',
          'malt extract',
        ),
        fc.nat(12),
        (words, bad, at) => {
          const list = [...words.slice(0, at), bad, ...words.slice(at)];
          expect(label(list.join(', ')).gluten).not.toBe('free');
        },
      ),
      runs(14),
    ));
  it('takes any text', () =>
    fc.assert(
      fc.property(fc.string(), (text) => void label(text)),
      runs(15),
    ));
});
