import type {
  FindQuery,
  FoundAnswer,
  ListOrder,
  MarkDto,
  SeveralAnswer,
  TagCount,
} from '@omniarton/contracts';
import { FAMILIES, FAMILY_NAMES, type FamilyId } from '@omniarton/core/vocabulary';
import { cursorOf, isMoment, readCursor } from '../http/cursor';
import type { Scope } from '../http/scope';
import { foldedWords } from '../recipes/foldedWords';
import type { FindingStore, Narrowed } from './findingStore';
import type { MarkStore } from './markStore';

const DEFAULT_PAGE = 50;
/** More words narrow nothing further. */
const MOST_WORDS = 8;

const IS_PART: Readonly<Record<ListOrder, (part: string) => boolean>> = {
  changed: isMoment,
  title: (part) => part.length <= 400,
  best: (part) => /^\d{1,9}$/.test(part),
};

/** Enough letters to be like something. */
const LEAST_LETTERS = 4;
const said = (words: readonly string[]): boolean => words.join('').length >= LEAST_LETTERS;

const wordsOf = (said: string): string[] =>
  foldedWords(said)
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '')
    .slice(0, MOST_WORDS);

/** Families of whose name each word is the beginning of one: "muff" is a muffin or quick bread. */
const familiesCalled = (words: readonly string[]): FamilyId[] =>
  words.length === 0
    ? []
    : FAMILIES.filter((id) => {
        const named = wordsOf(FAMILY_NAMES[id]);
        return words.every((word) => named.some((one) => one.startsWith(word)));
      });

/** Ids of the people of whose name each word is the beginning of one. */
const called = (
  people: readonly { readonly id: string; readonly name: string }[],
  words: readonly string[],
) =>
  people
    .filter(({ name }) => words.every((word) => wordsOf(name).some((one) => one.startsWith(word))))
    .map(({ id }) => id);

/** The work list: what a kitchen has, by words, by what it is, by whom it is for; and what is done to several at once. */
export const findingService = (store: FindingStore, marks: MarkStore) => ({
  async find(scope: Scope, query: FindQuery): Promise<FoundAnswer> {
    const words = wordsOf(query.q ?? '');
    const asked = query.sort ?? (words.length > 0 ? 'best' : 'changed');
    const order = asked === 'best' && words.length === 0 ? 'changed' : asked;
    const wanted = {
      words,
      slips: false,
      families: familiesCalled(words),
      people: words.length === 0 ? [] : called(await store.people(scope), words),
      family: query.family ?? null,
      whom: query.whom ?? null,
      neverTried: query.tried === 'never',
      favourite: query.favourite === 'yes',
      tag: query.tag ?? null,
    };
    const cursor = query.cursor === undefined ? undefined : readCursor(query.cursor, 1, IS_PART[order]);
    const limit = query.limit ?? DEFAULT_PAGE;
    const [{ items, last }, found] = await Promise.all([
      store.find(scope, wanted, order, limit, cursor),
      cursor ? null : store.count(scope, wanted),
    ]);
    if (items.length === 0 && said(words) && !cursor) return this.alike(scope, wanted, order, limit);
    return {
      items,
      next: last ? cursorOf(last) : null,
      found,
    };
  },

  /** Where no word is found: titles that are like what was typed, one page of them. */
  async alike(scope: Scope, wanted: Narrowed, order: ListOrder, limit: number): Promise<FoundAnswer> {
    const { items } = await store.find(scope, { ...wanted, slips: true }, order, limit);
    return { items, next: null, found: items.length };
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
