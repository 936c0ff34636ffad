import { join } from 'node:path';
import fc from 'fast-check';
import { BUILT_IN_KITCHEN, catalogueOf } from '../../kitchen';
import { runs } from '../../testing';
import { PAGE_KINDS, SURE, type PageKind } from '../../vocabulary';
import { kindsOf, type KindOfLine } from '.';
import { labelledIn, type LabelledPage } from './cases/labelled';
import { isFurniture } from './setAside';

const { held, train } = labelledIn(join(__dirname, 'cases'));
const catalogue = catalogueOf(BUILT_IN_KITCHEN);
const kindsOfPage = (rows: LabelledPage['rows']) =>
  kindsOf(
    rows.map(({ line }) => line),
    rows.map(({ gap }) => gap),
    catalogue,
  );

/** They are all beside the recipe. */
const BESIDE = ['note', 'junk', 'time', 'yield'];
const alike = (found: PageKind, { kind, also }: LabelledPage['rows'][number]) =>
  [kind, ...also].some((one) => {
    const gold = PAGE_KINDS[one]!;
    return gold === found || (BESIDE.includes(gold) && BESIDE.includes(found));
  });

describe('pages that nothing was fitted on', () => {
  const found = held.map((page) => ({ page, kinds: kindsOfPage(page.rows) }));
  const lines = found.flatMap(({ page, kinds }) =>
    page.rows.map((row, at) => ({ row, found: kinds[at]!, right: alike(kinds[at]!.kind, row) })),
  );
  const share = (some: readonly { right: boolean }[]) =>
    some.filter(({ right }) => right).length / some.length;
  it('are a fifth of all, about', () =>
    expect(held.length / (held.length + train.length)).toBeCloseTo(0.2, 1));
  it('have their lines’ kinds', () => expect(share(lines)).toBeGreaterThan(0.96));
  it('are sure where they are right', () => {
    const sure = lines.filter((line) => line.found.sure >= SURE);
    expect(share(sure)).toBeGreaterThan(0.98);
    expect(sure.length / lines.length).toBeGreaterThan(0.9);
  });
});

describe('whatever is pasted', () => {
  const anything = fc.array(
    fc.oneof(
      fc.string({ unit: 'binary' }),
      fc.constantFrom('2 eggs', 'Bake.', 'Ingredients', '* * *', '½', 'x'.repeat(5000)),
    ),
    { maxLength: 12 },
  );
  it('has a kind for each line, with its sureness', () =>
    fc.assert(
      fc.property(anything, (lines) => {
        const kinds = kindsOf(
          lines,
          lines.map(() => false),
          catalogue,
        );
        expect(kinds).toHaveLength(lines.length);
        for (const { kind, sure } of kinds) {
          expect(PAGE_KINDS).toContain(kind);
          expect(sure).toBeGreaterThanOrEqual(0);
          expect(sure).toBeLessThanOrEqual(1 + 1e-9);
        }
      }),
      runs(11),
    ));
  it('is called by no heading that says what follows', () => {
    for (const above of ['Ingredients', 'INGREDIENTS (for 2 tins)', 'You need:', 'Method'])
      expect(
        kindsOf(
          [above, '200 g plain flour', '100 g butter', '2 eggs'],
          [false, false, false, false],
          catalogue,
        )[0],
      ).not.toMatchObject({ kind: 'title' });
  });
  it('has one title at most', () => {
    for (const { rows } of [...train, ...held])
      expect(kindsOfPage(rows).filter(({ kind }) => kind === 'title').length).toBeLessThanOrEqual(1);
  });
});

describe('what stands around a recipe', () => {
  const sureOf = (kinds: readonly KindOfLine[]) => kinds.filter(({ sure }) => sure >= SURE);
  const undisturbed = [...train, ...held]
    .filter(({ rows }) => rows.length > 8)
    .map(({ rows }) => ({ rows, before: kindsOfPage(rows) }));
  /** Of the lines that a page was sure of: how many are another kind, once something around them has changed. */
  function moved(change: (rows: LabelledPage['rows']) => LabelledPage['rows']): number {
    let [sure, other] = [0, 0];
    for (const page of undisturbed) {
      const { before } = page;
      const rows = change(page.rows);
      const after = kindsOfPage(rows);
      const from = rows.length - page.rows.length;
      sure += sureOf(before).length;
      before.forEach((one, at) => {
        const now = after[at + from]!;
        const same = one.kind === now.kind || (BESIDE.includes(one.kind) && BESIDE.includes(now.kind));
        if (one.sure >= SURE && !same) other += 1;
      });
    }
    return other / sure;
  }
  const junk = { kind: PAGE_KINDS.indexOf('junk'), also: [], gap: false };
  type Rows = LabelledPage['rows'];
  const bulleted = (rows: Rows, bullet: string): Rows =>
    rows.map((row) => ({ ...row, line: row.line.replace(/^[-•▢]\s/, `${bullet} `) }));
  it.each<[string, (rows: Rows) => Rows]>([
    ['navigation above', (rows) => [{ ...junk, line: 'Home > Recipes > Baking' }, ...rows]],
    ['buttons above', (rows) => [{ ...junk, line: 'Jump to recipe · Print' }, ...rows]],
    ['dashes before lines', (rows) => bulleted(rows, '–')],
    ['ticks before lines', (rows) => bulleted(rows, '✓')],
    ['stars before lines', (rows) => bulleted(rows, '*')],
  ])('moves no line that is sure: %s', (_, change) => expect(moved(change)).toBe(0));
  it('moves none by what follows', () => {
    const after = [
      { ...junk, line: 'Leave a comment' },
      { ...junk, line: '© 2026 All rights reserved' },
    ];
    for (const { rows } of held) {
      const before = kindsOfPage(rows);
      expect(kindsOfPage([...rows, ...after]).slice(0, rows.length)).toEqual(before);
    }
  });
  it('is set apart only where it can be nothing else', () => {
    for (const { rows } of [...train, ...held])
      for (const { line, kind, also } of rows)
        if (isFurniture(line))
          expect([kind, ...also].map((one) => PAGE_KINDS[one])).toEqual(
            expect.arrayContaining([expect.stringMatching(/junk|heading|note/)]),
          );
  });
});
