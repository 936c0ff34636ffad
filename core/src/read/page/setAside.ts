import { cleanLine } from '../clean';
import { remembered } from '../remember';
import { FURNITURE } from './data/furniture';

/** Nobody writes more in one line of a page's own. */
const LONGEST = 160;
const MOST_LINES = 8000;
const STROKES = /\s*[|·•¦]\s*|\s{2,}|\s[/–—-]\s/u;

/**
 * True for a line in which a page only speaks of itself: "Jump to recipe · Print", "Home » Cakes". It is said by its own words
 * alone, so that nothing is read otherwise for standing beside it.
 */
export const isFurniture = remembered(speaksOfItself, MOST_LINES);

function speaksOfItself(line: string): boolean {
  const plain = line
    .trim()
    .replace(/\*\*|^[-*•]\s+/g, '')
    .toLowerCase();
  if (plain.length > LONGEST) return false;
  const said = (words: string) => FURNITURE.some((one) => one.test(words));
  if (said(cleanLine(plain))) return true;
  const pieces = plain.split(STROKES).map((piece) => piece.replace(/^[←◄<☰▾\s]+|[→►☰▾\s]+$/gu, ''));
  return pieces.every((piece) => piece === '' || said(piece)) && pieces.some((piece) => piece !== '');
}

/** What a page says beside what it says of itself; a blank line above furniture stands above what follows it. */
export interface Left {
  /** The places of the lines that are left. */
  readonly places: readonly number[];
  readonly gaps: readonly boolean[];
}

/** A page without its furniture. `held`: lines that a person has said the kind of; they stay. */
export function withoutFurniture(
  lines: readonly string[],
  gaps: readonly boolean[],
  held: ReadonlySet<number> = new Set(),
): Left {
  const places = lines.flatMap((line, at) => (held.has(at) || !isFurniture(line) ? [at] : []));
  return {
    places,
    gaps: places.map((at, n) => n > 0 && gaps.slice(places[n - 1]! + 1, at + 1).includes(true)),
  };
}
