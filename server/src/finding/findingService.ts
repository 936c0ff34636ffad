import type {
  FindQuery,
  FoundAnswer,
  ListOrder,
  MarkDto,
  SeveralAnswer,
  TagCount,
} from '@omniarton/contracts';
import { FAMILIES, FAMILY_NAMES } from '@omniarton/core/vocabulary';
import { cursorOf, isMoment, readCursor } from '../http/cursor';
import type { Scope } from '../http/scope';
import { foldedWords } from '../recipes/foldedWords';
import type { FindingStore } from './findingStore';
import type { MarkStore } from './markStore';

const DEFAULT_PAGE = 50;
/** More words narrow nothing further. */
const MOST_WORDS = 8;

const IS_PART: Readonly<Record<ListOrder, (part: string) => boolean>> = {
  changed: isMoment,
  title: (part) => part.length <= 400,
  best: (part) => /^\d{1,9}$/.test(part),
};

/** Fewer letters are like too much. */
const LEAST_LETTERS = 4;

const wordsOf = (said: string): string[] =>
  foldedWords(said)
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '')
    .slice(0, MOST_WORDS);

/** True where each word is the beginning of one of a name's: "muff" is a muffin or quick bread. */
const begins = (words: readonly string[], name: string): boolean => {
  const named = wordsOf(name);
  return words.every((word) => named.some((one) => one.startsWith(word)));
};

/** The work list: what a kitchen has, by words, by what it is, by whom it is for; and what is done to several at once. */
export const findingService = (store: FindingStore, marks: MarkStore) => ({
  async find(scope: Scope, query: FindQuery): Promise<FoundAnswer> {
    const words = wordsOf(query.q ?? '');
    const any = words.length > 0;
    const asked = query.sort ?? 'best';
    const order = asked === 'best' && !any ? 'changed' : asked;
    const wanted = {
      words,
      slips: false,
      families: any ? FAMILIES.filter((id) => begins(words, FAMILY_NAMES[id])) : [],
      people: any
        ? (await store.people(scope)).filter(({ name }) => begins(words, name)).map(({ id }) => id)
        : [],
      family: query.family ?? null,
      whom: query.whom ?? null,
      neverTried: query.tried === 'never',
      open: query.open === 'yes',
      favourite: query.favourite === 'yes',
      tag: query.tag ?? null,
    };
    const cursor = query.cursor === undefined ? undefined : readCursor(query.cursor, 1, IS_PART[order]);
    const limit = query.limit ?? DEFAULT_PAGE;
    const [{ items, last }, found] = await Promise.all([
      store.find(scope, wanted, order, limit, cursor),
      cursor ? null : store.count(scope, wanted),
    ]);
    if (items.length > 0 || cursor || words.join('').length < LEAST_LETTERS)
      return { items, next: last ? cursorOf(last) : null, found };
    // Where no word is found: titles that are like what was typed, one page of them.
    const alike = await store.find(scope, { ...wanted, slips: true }, order, limit);
    return { items: alike.items, next: null, found: alike.items.length };
  },

  tags: (scope: Scope): Promise<TagCount[]> => store.tags(scope),

  async mark(scope: Scope, wanted: MarkDto): Promise<SeveralAnswer> {
    return { recipes: await marks.mark(scope, wanted) };
  },

  async away(scope: Scope, ids: readonly string[]): Promise<SeveralAnswer> {
    return { recipes: await marks.away(scope, ids) };
  },

  async back(scope: Scope, ids: readonly string[]): Promise<SeveralAnswer> {
    return { recipes: await marks.back(scope, ids) };
  },
});
