import { join } from 'node:path';
import { BUILT_IN_KITCHEN, EMPTY_REQUEST } from '../kitchen';
import { readRecipe } from '../read';
import { counter, csvCases } from '../testing';
import { guardRecipe } from '.';

const guard = (text: string, request = EMPTY_REQUEST) =>
  guardRecipe(
    readRecipe(text, { kitchen: BUILT_IN_KITCHEN, newId: counter() }).recipe,
    request,
    BUILT_IN_KITCHEN,
  );

describe('phrases on lists and labels', () => {
  // Classes after 21 CFR 101.91, Codex STAN 118-1979 and the allergen lists of FALCPA, FASTER and EU 1169/2011.
  for (const row of csvCases(join(__dirname, 'cases/gluten-flags.csv'))) {
    it(`judges ${row['phrase']}`, () => {
      const line = guard(row['phrase']!).lines[0]!;
      expect([row['gluten'], ...row['gluten_also_acceptable']!.split(/[;,| ]+/)]).toContain(line.gluten);
    });
  }
});

describe('further phrases (common practice)', () => {
  for (const row of csvCases(join(__dirname, 'cases/more-flags.csv'))) {
    it(`judges ${row['phrase']}`, () => {
      const line = guard(row['phrase']!).lines[0]!;
      expect([row['gluten'], row['gluten_also_acceptable']]).toContain(line.gluten);
    });
  }
});

describe('what may never pass', () => {
  it.each([
    'malted puff crunch',
    'barley flakes',
    'rye whiskey cake',
    'crushed wafer rolls',
    'some biscuit rubble',
    'flour',
    'spelt berries',
    'wheat-free barley mix',
  ])('%s is not free', (phrase) => {
    expect(guard(phrase).lines[0]!.gluten).not.toBe('free');
  });

  it('holds the guard open on a line that it can’t place, until a person answers', () => {
    const open = guard('1 cup sugar\n2 tbsp wobbly brindle');
    expect(open.lines[1]!.gluten).toBe('unknown');
    expect(open.state).toBe('open');
    expect(
      guard('1 cup sugar\n2 tbsp wobbly brindle', {
        ...EMPTY_REQUEST,
        answers: [
          { line: 'l2', answer: 'label-checked', about: open.open[0]!.key, on: '2026-06-20', by: '' },
        ],
      }).state,
    ).toBe('answered');
  });

  it('keeps wheat an allergen in wheat starch without gluten', () => {
    expect(guard('gluten-free wheat starch').lines[0]!.allergens).toContain('wheat');
  });
});
