import { SURE } from '../../vocabulary';
import { cleanLine } from '../clean';
import { NAMES_A_BAKE } from './alone';
import { nameAndYield } from '../yields';
import type { KindOfLine } from './kinds';
import { isSignpost } from './signposts';

/** "two-tin choc cake (a double one)": it ends in what bakes are called, and counts and measures nothing. */
const namesTheBake = (line: string): boolean => {
  const bare = cleanLine(line)
    .replace(/\([^)]*\)/g, '')
    .trim();
  return (
    !/^\d|^(?:an?|one|two|three|four|six|half|some) /i.test(bare) &&
    /\s/.test(bare) &&
    ENDS_IN_A_BAKE.test(bare)
  );
};
const ENDS_IN_A_BAKE = new RegExp(`${NAMES_A_BAKE.source}[^\\p{L}\\d]*$`, 'iu');
/** A page without a name may begin with what is hardly a note, right above its list. */
const mayCall = (one: KindOfLine | undefined, next: KindOfLine | undefined): boolean =>
  one?.kind === 'note' && one.sure < SURE && (next?.kind === 'heading' || next?.kind === 'ingredient');
const isShort = (line: string): boolean => !/[.!?:]\s*$/.test(line) && line.trim().split(/\s+/).length <= 8;
const OF_A_PART = /:\W*$|^\W*(?:for|to) /i;

/**
 * One name above all and no other: it is the page's and no part's; "Ingredients" is nobody's. "Cake", "Custard" and "Shortcrust" can be either, and only
 * what else the page has tells.
 */
export function withSoleName(lines: readonly string[], read: readonly KindOfLine[]): readonly KindOfLine[] {
  const kinds = read.map((one, at): KindOfLine =>
    one.kind === 'title' && isSignpost(lines[at]!) ? { ...one, kind: 'heading', or: 'title' } : one,
  );
  const first = kinds.findIndex(({ kind }) => kind !== 'junk');
  const named = kinds.some(({ kind }) => kind === 'title');
  // "Corner slab, cuts into 16" is a name with a yield behind it.
  const calls = kinds[first]?.kind === 'yield' && !isSignpost(lines[first]!);
  if (!named && calls && nameAndYield(cleanLine(lines[first]!)).yields)
    return kinds.map((one, at) => (at === first ? { ...one, kind: 'title', or: 'yield' } : one));
  // A page may put its one great heading below its list.
  const marked = lines.findIndex((line) => /^\s*#\s+\S/.test(line));
  if (
    !named &&
    marked >= 0 &&
    !isSignpost(lines[marked]!) &&
    lines.filter((line) => /^\s*#\s/.test(line)).length === 1
  )
    return kinds.map((one, at) => (at === marked ? { ...one, kind: 'title', or: one.kind } : one));
  if (!named && kinds[first]?.kind === 'ingredient' && namesTheBake(lines[first]!))
    return kinds.map((one, at) => (at === first ? { ...one, kind: 'title', or: 'ingredient' } : one));
  if (!named && mayCall(kinds[first], kinds[first + 1]) && isShort(lines[first]!))
    return kinds.map((one, at) => (at === first ? { ...one, kind: 'title', or: 'note' } : one));
  if (
    kinds[first]?.kind !== 'heading' ||
    OF_A_PART.test(cleanLine(lines[first]!)) ||
    isSignpost(lines[first]!)
  )
    return kinds;
  const below = kinds.slice(first + 1);
  const names = below.some(
    ({ kind }, n) => kind === 'title' || (kind === 'heading' && !isSignpost(lines[first + 1 + n]!)),
  );
  const food = below.find(({ kind }) => kind === 'ingredient' || kind === 'step')?.kind === 'ingredient';
  if (names || !food) return kinds;
  return kinds.map((one, at) => (at === first ? { ...one, kind: 'title' } : one));
}
