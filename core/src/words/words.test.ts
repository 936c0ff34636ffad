import { TERMS } from '../texture';
import { asWorded } from '../vocabulary';
import { say, spoken } from '.';

describe('what the rooms have to say', () => {
  it('is said with its values', () => {
    const butter = { ingredient: 'butter', name: 'butter', grams: 170 };
    expect(say({ code: 'weights', values: { of: [butter, { ...butter, name: 'water', grams: 20 }] } })).toBe(
      '170 g butter + 20 g water',
    );
    expect(say({ code: 'school-out', values: { asked: 'gum', school: 'husk' } })).toBe(
      'What was to bind is out (gum): husk binds instead.',
    );
    expect(
      say({
        code: 'lead-out',
        values: { of: [{ name: 'almond flour', why: { code: 'avoided', values: { what: 'tree nuts' } } }] },
      }),
    ).toBe('What leads it is out (almond flour: tree nuts).');
    expect(say(asWorded('as it was'))).toBe('as it was');
  });
  it.each(TERMS.rows)('has a reason for $feature in $texture', ({ texture, feature }) => {
    const words = say({ code: 'pulls', values: { texture, feature, less: false } });
    expect(words.length).toBeGreaterThan(10);
    expect(say({ code: 'pulls', values: { texture, feature, less: true } })).toBe(`less of it: ${words}`);
  });
  it('goes out to others as words, with the code beside them', () => {
    const nothing = { code: 'nothing', values: {} } as const;
    expect(spoken({ to: nothing, at: [1, { why: [nothing] }], none: [] })).toEqual({
      to: 'nothing',
      toSaid: nothing,
      at: [1, { why: ['nothing'], whySaid: [nothing] }],
      none: [],
    });
  });
});
