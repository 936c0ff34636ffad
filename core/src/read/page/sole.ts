import { SURE } from '../../vocabulary';
import { cleanLine } from '../clean';
import { NAMES_A_BAKE } from './alone';
import { nameAndYield } from '../yields';
import type { KindOfLine } from './kinds';
import { isSignpost } from './signposts';

/** A page without a title. */
interface Unnamed {
  readonly lines: readonly string[];
  readonly kinds: readonly KindOfLine[];
  /** The first line that is more than furniture. */
  readonly first: number;
}

/** Which of its lines such a page is called by; null: by none, as far as this goes. */
type Calls = (page: Unnamed) => number | null;

/** "Corner slab, cuts into 16" is a name with a yield behind it. */
const withYieldBehind: Calls = ({ lines, kinds, first }) =>
  namesAndCounts(lines[first]!, kinds[first]) ? first : null;

/** "Here you go - makes one deep dish." */
const GREETS = /^\W*(?:here|hi|hello|hey|dear(?:est)?|so|ok)\b/i;
function namesAndCounts(line: string, one: KindOfLine | undefined): boolean {
  return (
    one?.kind === 'yield' &&
    !isSignpost(line) &&
    !GREETS.test(line) &&
    nameAndYield(cleanLine(line)).yields !== null
  );
}
/** "Lemon cheesecake, 12 slices", below all. */
const lastOfAll: Calls = ({ lines, kinds }) => {
  const at = lines.length - 1;
  const { name } = nameAndYield(cleanLine(lines[at]!));
  return namesAndCounts(lines[at]!, kinds[at]) && NAMES_A_BAKE.test(name) ? at : null;
};

const GREAT = /^\s*#\s+\S/;
/** A page may put its one great heading below its list. */
const greatHeading: Calls = ({ lines }) => {
  const [only, ...others] = lines.flatMap((line, at) => (GREAT.test(line) ? [at] : []));
  return only === undefined || others.length > 0 || isSignpost(lines[only]!) ? null : only;
};

const ENDS_IN_A_BAKE = new RegExp(`${NAMES_A_BAKE.source}[^\\p{L}\\d]*$`, 'iu');
const COUNTS = /^\d|^(?:an?|one|two|three|four|six|half|some) /i;
/** "two-tin choc cake (a double one)": it ends in what bakes are called, and counts and measures nothing. */
const namesABake: Calls = ({ lines, kinds, first }) => {
  if (kinds[first]?.kind !== 'ingredient') return null;
  const bare = cleanLine(lines[first]!)
    .replace(/\([^)]*\)/g, '')
    .trim();
  return !COUNTS.test(bare) && /\s/.test(bare) && ENDS_IN_A_BAKE.test(bare) ? first : null;
};

/** A name has no more words as a rule, and ends like no sentence. */
const MOST_WORDS = 8;
const ENDS = /[.!?:]\s*$/;
/** What is hardly a note, right above the list. */
const hardlyANote: Calls = ({ lines, kinds, first }) => {
  const [one, next] = [kinds[first], kinds[first + 1]?.kind];
  if (one?.kind !== 'note' || one.sure >= SURE || (next !== 'heading' && next !== 'ingredient')) return null;
  return ENDS.test(lines[first]!) || lines[first]!.trim().split(/\s+/).length > MOST_WORDS ? null : first;
};

const OF_A_PART = /:\W*$|^\W*(?:for|to) /i;
/** One heading above all and no other: "Cake", "Custard" and "Shortcrust" can be either, and only what else the page has tells. */
const soleHeading: Calls = ({ lines, kinds, first }) => {
  const line = lines[first]!;
  if (kinds[first]?.kind !== 'heading' || OF_A_PART.test(cleanLine(line)) || isSignpost(line)) return null;
  const below = kinds.slice(first + 1);
  const names = below.some(({ kind }, n) => kind === 'heading' && !isSignpost(lines[first + 1 + n]!));
  const food = below.find(({ kind }) => kind === 'ingredient' || kind === 'step')?.kind === 'ingredient';
  return names || !food ? null : first;
};

const FULL_NAME = new RegExp(`^(?:\\p{L}[\\p{L}'’-]* ){0,4}${NAMES_A_BAKE.source}$`, 'iu');
/** "Brioche loaf" between a table and its steps. */
const namesItBelow: Calls = ({ lines, kinds }) => {
  const at = kinds.findIndex(
    ({ kind, sure }, n) =>
      (kind === 'heading' || kind === 'note' || kind === 'step') &&
      (sure < SURE ||
        (kind === 'heading' && kinds[n - 1]?.kind === 'ingredient' && kinds[n + 1]?.kind === 'step')) &&
      FULL_NAME.test(cleanLine(lines[n]!)),
  );
  return at < 0 ? null : at;
};

const CALLED_BY: readonly Calls[] = [
  withYieldBehind,
  greatHeading,
  namesABake,
  hardlyANote,
  soleHeading,
  namesItBelow,
  lastOfAll,
];

/** The head of a letter: "To: Priya". */
const SENT = /^\s*(?:from|to|cc|date|sent)\s*:/i;

/** "Step 1", alone on its line. */
const STEP_ALONE = /^\W*step \d{1,2}\W*$/i;

/** A page that has no title is called by a line that can be one; "Ingredients" is nobody's name. */
export function withSoleName(lines: readonly string[], read: readonly KindOfLine[]): readonly KindOfLine[] {
  const kinds = read.map((one, at): KindOfLine =>
    one.kind === 'title' && (isSignpost(lines[at]!) || STEP_ALONE.test(lines[at]!))
      ? { ...one, kind: 'heading', or: 'title' }
      : one.kind === 'title' && SENT.test(lines[at]!)
        ? { ...one, kind: 'junk', or: 'title' }
        : one,
  );
  const first = kinds.findIndex(({ kind }) => kind !== 'junk');
  if (first < 0 || kinds.some(({ kind }) => kind === 'title')) return kinds;
  for (const calls of CALLED_BY) {
    const name = calls({ lines, kinds, first });
    if (name !== null)
      return kinds.map((one, at) => (at === name ? { ...one, kind: 'title', or: one.kind } : one));
  }
  return kinds;
}
