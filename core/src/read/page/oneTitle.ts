import { cleanLine } from '../clean';
import { NAMES_A_BAKE } from './alone';
import type { KindOfLine } from './kinds';

/** So unsure of its first line a page may be called by that after all. */
const HARDLY_FOOD = 0.7;
const HARDLY_A_NAME = 0.6;
/** "Cinnamon twists from scraps of puff" above "puff pastry": what names a bake at length is its name, and the food below is food. */
function withNameAbove(lines: readonly string[], read: readonly KindOfLine[]): readonly KindOfLine[] {
  const [first, second] = read;
  const hardly =
    first?.kind === 'ingredient' &&
    first.or === 'title' &&
    first.sure < HARDLY_FOOD &&
    NAMES_A_BAKE.test(lines[0]!);
  if (hardly && !/^\W*\d/.test(lines[0]!) && read.every(({ kind }) => kind !== 'title'))
    return [{ ...first, kind: 'title', or: 'ingredient' }, ...read.slice(1)];
  const swaps =
    hardly &&
    second?.kind === 'title' &&
    second.sure < HARDLY_A_NAME &&
    cleanLine(lines[0]!).split(' ').length > cleanLine(lines[1]!).split(' ').length;
  if (!swaps) return read;
  return [
    { ...first, kind: 'title', or: 'ingredient' },
    { ...second, kind: 'ingredient', or: 'title' },
    ...read.slice(2),
  ];
}

/** A page has one title: of several the surest is one, and the others are what they are else. */
export function withOneTitle(lines: readonly string[], kinds: readonly KindOfLine[]): readonly KindOfLine[] {
  const read = withNameAbove(lines, kinds);
  const titles = read.filter(({ kind }) => kind === 'title');
  if (titles.length < 2) return read;
  const best = titles.reduce((a, b) => (b.sure > a.sure ? b : a));
  return read.map((one) =>
    one.kind !== 'title' || one === best ? one : { ...one, kind: one.or === 'title' ? 'note' : one.or },
  );
}
