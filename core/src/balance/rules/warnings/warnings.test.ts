import type { ConversionRequest } from '../../../kitchen';
import { lineOf } from '../../../testing';
import type { FamilyId } from '../../../vocabulary';
import { conversionOf, settingFor } from '../../testing';
import type { PartState } from '../../types';
import { WARNINGS } from '.';

const partOf = (lines: PartState['lines'], original = lines): PartState => ({
  id: 'p',
  original,
  lines,
  replaced: 100,
  shifts: [],
  warnings: [],
  cooked: null,
});
const SPONGE = 'Sponge\n4 eggs\n120 g caster sugar\n120 g plain flour';
const MUFFINS =
  'Muffins\n250 g plain flour\n1 tbsp baking powder\n100 g sugar\n1 egg\n200 ml milk\n80 g butter';

const codesOf = ({ warnings }: Pick<PartState, 'warnings'>) => warnings.map(({ code }) => code);
const ids = (part: PartState, family: FamilyId = 'muffin', request: Partial<ConversionRequest> = {}) => {
  const setting = settingFor(family, part.original);
  const now = { ...setting, request: { ...setting.request, ...request } };
  return WARNINGS.filter((rule) => rule.warn(part, now).length > 0).map(({ id }) => id);
};

describe('every warning', () => {
  it.each(WARNINGS.map((rule) => [rule.id, rule] as const))('%s says why, and where from', (_, rule) => {
    expect(rule.reason.length).toBeGreaterThan(20);
    expect(rule.source).not.toBe('');
  });
  it('has an id of its own', () => expect(new Set(WARNINGS.map(({ id }) => id)).size).toBe(WARNINGS.length));
  it('is silent about a plain muffin', () => expect(conversionOf(MUFFINS, 'muffin').warnings).toEqual([]));
});

describe('what no shift mends is said', () => {
  const flour = lineOf('white-rice-flour', 100);
  const wheat = [lineOf('all-purpose-flour', 100), lineOf('whole-milk', 100)];
  it.each([
    ['binder-above', [flour, lineOf('xanthan-gum', 6), lineOf('whole-milk', 130)], {}],
    ['nothing-binds', [flour, lineOf('whole-milk', 130)], {}],
    ['drink-outside', [flour, lineOf('xanthan-gum', 0.5), lineOf('whole-milk', 20)], {}],
    ['drink-outside', [flour, lineOf('xanthan-gum', 0.5), lineOf('whole-milk', 500)], {}],
    ['soda-over', [flour, lineOf('whole-milk', 130), lineOf('baking-soda', 8)], {}],
    ['turns-green', [flour, lineOf('sunflower-flour', 40), lineOf('baking-powder', 3)], {}],
  ] as const)('%s', (id, lines, request) =>
    expect(ids(partOf(lines, wheat), 'muffin', request)).toContain(id),
  );
  it.each([
    ['binder-above', [flour, lineOf('xanthan-gum', 0.5)]],
    ['nothing-binds', [flour, lineOf('egg', 50)]],
    ['soda-over', [flour, lineOf('whole-milk', 130)]],
    ['turns-green', [flour, lineOf('sunflower-flour', 40)]],
  ] as const)('but not %s where there is none of it', (id, lines) =>
    expect(ids(partOf(lines, wheat))).not.toContain(id),
  );
  it('of soda no more than the recipe had itself', () => {
    const sodden = [lineOf('white-rice-flour', 100), lineOf('whole-milk', 130), lineOf('baking-soda', 8)];
    expect(ids(partOf(sodden))).not.toContain('soda-over');
  });
  it('eggs that are out, from the third on', () => {
    const eggs = (grams: number) => partOf([flour, lineOf('egg', grams)]);
    const without = { without: ['egg'] as const };
    expect(ids(eggs(150), 'muffin', without)).toContain('eggs-out');
    expect(ids(eggs(100), 'muffin', without)).not.toContain('eggs-out');
    expect(ids(eggs(150))).not.toContain('eggs-out');
  });
  it('a sponge without egg is another cake', () => {
    expect(codesOf(conversionOf(SPONGE, 'foam', { without: ['egg'] }))).toContain('foam-without-egg');
    expect(codesOf(conversionOf(SPONGE, 'foam'))).not.toContain('foam-without-egg');
    expect(codesOf(conversionOf(SPONGE, 'choux', { without: ['egg'] }))).toContain('shell-without-egg');
    const batter = [flour, lineOf('egg', 150), lineOf('whole-milk', 160)];
    expect(ids(partOf(batter), 'pancake', { without: ['egg'] })).toContain('stands-on-egg');
    expect(ids(partOf(batter), 'brownie', { without: ['egg'] })).not.toContain('stands-on-egg');
  });
  it('what was to bind and is out: another binds, and is named', () => {
    const { warnings } = conversionOf(MUFFINS, 'muffin', { school: 'gum', without: ['gums'] });
    expect(warnings).toContainEqual({ code: 'school-out', values: { asked: 'gum', school: 'husk' } });
  });
});
