import {
  DESCRIBING_WORDS,
  FOOD_WORDS,
  FRUIT_PARTS,
  PURPOSE_WORDS,
  SMALL_WORDS,
  UNIT_WORDS,
} from './data/otherLanguages';
import { remembered } from './remember';

const plain = (words: string) => words.toLowerCase().replace(/[’`´]/g, "'").replace(/œ/g, 'oe');
const ENGLISH: ReadonlyMap<string, string> = new Map(
  Object.entries(FOOD_WORDS).flatMap(([english, words]) =>
    words.map((word) => [plain(word), english] as const),
  ),
);
/** The first words of those names: a line without one of them needs no closer look. */
const FIRST: ReadonlySet<string> = new Set([...ENGLISH.keys()].map((words) => words.split(' ')[0]!));
const LONGEST = Math.max(...[...ENGLISH.keys()].map((words) => words.split(' ').length));

/** Each stands behind a number; without looking back from every letter. */
const ANY_UNIT = new RegExp(
  `\\d\\s?(?:${UNIT_WORDS.map(([unit]) => unit.source.replace(/^\(\?<=.*?\)/, '')).join('|')})`,
  'u',
);
/** A line's spoons and cups in English. */
export const measuredInEnglish = (text: string): string =>
  ANY_UNIT.test(text)
    ? UNIT_WORDS.reduce((words, [unit, english]) => words.replace(unit, english), text)
    : text;
/** A line is asked several times: as one of a page, as food, and whether it is foreign. */
const MOST_TEXTS = 8000;
const seemsForeign = remembered(
  (text) =>
    (plain(text).match(/[\p{L}'\d]+/gu) ?? []).some(
      (word) => FIRST.has(word) || FIRST.has(word.replace(/^d'/, '')),
    ),
  MOST_TEXTS,
);

/** A line's words with the longest run that names a food in another language put in English; null: none does. */
function foodIn(text: string): string | null {
  const words = text.split(' ');
  for (let length = Math.min(LONGEST, words.length); length > 0; length -= 1)
    for (let from = 0; from + length <= words.length; from += 1) {
      const run = words.slice(from, from + length).join(' ');
      const [, before = '', core = '', after = ''] = /^([("]*)(.*?)([)",;:.]*)$/u.exec(run) ?? [];
      const english = ENGLISH.get(plain(core));
      if (english)
        return [...words.slice(0, from), `${before}${english}${after}`, ...words.slice(from + length)].join(
          ' ',
        );
    }
  return null;
}

/** What a list on one line is parted by, and the part that it may name first: "Streusel: 200 g Mehl, 125 g Zucker". */
const NEXT = /(,\s+(?=\d)|^\p{L}[\p{L} ]{1,30} ?:\s+(?=\d))/u;

/** As `inEnglish`, of each thing of a list on one line. */
export const listInEnglish = (text: string, knows: (line: string) => boolean): string =>
  seemsForeign(text) && NEXT.test(text)
    ? text
        .split(NEXT)
        .map((piece) => (NEXT.test(piece) || piece === '' ? piece : inEnglish(piece, knows)))
        .join('')
    : inEnglish(text, knows);

/**
 * A cleaned line of another language's list in English, where it is otherwise plain: "2 msk socker", "200 g de farine". A line in
 * which English knows a food already is itself.
 */
export function inEnglish(text: string, knows: (line: string) => boolean): string {
  const measured = FRUIT_PARTS.reduce(
    (words, [part, english]) => words.replace(part, english),
    measuredInEnglish(text),
  );
  if (!seemsForeign(measured)) return measured;
  // What is known by a describing word alone isn't known: "stött" (crushed) is no stout.
  if (knows(measured) && knows(measured.replace(DESCRIBING_WORDS, ''))) return measured;
  const meant = PURPOSE_WORDS.reduce(
    (words, [purpose, english]) => words.replace(purpose, english),
    measured,
  );
  const bare = meant.replace(SMALL_WORDS, '');
  for (const line of [meant, bare, bare.replace(DESCRIBING_WORDS, '')]) {
    const english = foodIn(line);
    if (english && knows(english.replace(SMALL_WORDS, ''))) return english.replace(SMALL_WORDS, '');
  }
  return measured;
}
