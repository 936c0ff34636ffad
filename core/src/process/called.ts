import type { Taking } from '../kitchen';
import { tokensOf, type Item, type Line, type Part } from '../read';
import type { Role } from '../vocabulary';
import { ROLE_WORDS } from './data/roleWords';

/** Endings of names that say nothing alone: "baking powder" is named by both words. */
const BLAND = new Set(['powder', 'extract', 'flour', 'juice', 'seed', 'water', 'oil', 'whole', 'white']);

/** Sugars that go by their own names: what is dusted with icing sugar takes none of the sugar. */
const OWN_SUGARS = /\b(?:icing|powdered|confectioner|vanilla|pearl) sugar\b/g;
const sugarIn = (words: string) =>
  words.replace(OWN_SUGARS, (own) =>
    (/^(?:vanilla|pearl)/.test(own) ? own : 'icing sugar').replace(' ', '-'),
  );

/** What a line is called by in a method: the last word of its name, or its last two where that alone says nothing. */
function nameIn({ name }: Item): string {
  const words = tokensOf(name.split(',')[0]!);
  const last = words.at(-1) ?? '';
  const sugar = sugarIn(words.slice(-2).join(' '));
  if (sugar.endsWith('-sugar')) return sugar;
  return BLAND.has(last) && words.length > 1 ? `${words.at(-2)} ${last}` : last;
}

/** A name as a text says it, one of it or several: "berry", "berries". */
export const asSaid = (name: string): RegExp =>
  new RegExp(`\\b${name.replace('-', '[ -]').replace(/y$/, '(?:y|ie)')}(?:e?s)?\\b`, 'gi');

/** A recipe's line as a method calls it: by its names and roles. */
export interface Called {
  readonly line: string;
  readonly part: string;
  readonly items: readonly { readonly role: Role; readonly name: string }[];
  /** What it weighs as a whole; null where it is several things, or has no weight. */
  readonly whole: { readonly ingredient: string; readonly source: string; readonly grams: number } | null;
}

function wholeOf({ items, source }: Line): Called['whole'] {
  const [item, ...others] = items;
  if (others.length > 0 || !item?.ingredient || !item.grams || item.grams.central <= 0) return null;
  return { ingredient: item.ingredient, source, grams: item.grams.central };
}

export const calledOf = (parts: readonly Part[]): Called[] =>
  parts.flatMap(({ id: part, lines }) =>
    lines
      .filter(({ kind }) => kind === 'ingredient')
      .map((line): Called => ({
        line: line.id,
        part,
        items: line.items.map((item) => ({ role: item.role, name: nameIn(item) })),
        whole: wholeOf(line),
      })),
  );

/** What ends many names and stands for them: the berries are the strawberries. */
const KINDS_OF_FOOD = ['berry', 'nut', 'currant'];
/** "The fruit" of a list is what is dried, candied or fresh there. */
const FRUIT = /(?:currant|sultana|raisin|cherry|peel|date|fig|prune|apricot|cranberry)$/;

/** Where a step says which of these it means, it means no other: "butter" no oil beside it, "sugar" no icing sugar. */
const ONE_OF: readonly Role[] = ['sugar', 'fat'];
const SEVERAL = /\b(?:sugars|fats)\b/i;

/** Oil as a deed. */
const GREASES = /\boil (?:the|an?|your|two|both|and (?:flour|line))\b/i;

type CalledItem = Called['items'][number];

/** Tells of a line's things whether a stretch of a method names them, by name or by what they are. */
function namingIn(text: string, called: readonly Called[]): (item: CalledItem) => boolean {
  const words = ` ${sugarIn(tokensOf(text).join(' '))} `;
  const rows = ROLE_WORDS.filter((row) => row.words.test(text));
  const byRole = ({ name, role }: CalledItem) =>
    rows.some(({ roles, unless }) => roles.includes(role) && !unless?.test(name));
  const kinds = KINDS_OF_FOOD.filter((kind) => words.includes(` ${kind} `));
  const fruit = words.includes(' fruit ');
  const oil = words.includes(' oil ') && !GREASES.test(text);
  const own = ({ name }: CalledItem) =>
    name.length > 2 && (words.includes(` ${name} `) || (oil && name.endsWith(' oil')));
  const said = new Set(called.flatMap(({ items }) => items.filter(own).map(({ role }) => role)));
  const several = SEVERAL.test(text);
  const others = new Set(ONE_OF.filter((role) => said.has(role) && !several));
  return (item) =>
    own(item) ||
    (byRole(item) && !others.has(item.role)) ||
    (fruit && (item.role === 'fruit-veg' || FRUIT.test(item.name))) ||
    (item.name.length > 2 && kinds.some((kind) => item.name.endsWith(kind)));
}

/** How many things of each part a stretch of a method names: a list on one line is as many as are named of it. */
export function namedOfParts(text: string, called: readonly Called[]): ReadonlyMap<string, number> {
  const isNamed = namingIn(text, called);
  const counts = new Map<string, number>();
  for (const { part, items } of called) {
    const named = items.filter(isNamed).length;
    if (named > 0) counts.set(part, (counts.get(part) ?? 0) + named);
  }
  return counts;
}

/** The lines that a stretch of a method names; `instead`: what a person says is meant in their place. */
export function linesNamedIn(
  text: string,
  called: readonly Called[],
  instead: readonly Taking[] = [],
): Called[] {
  const isNamed = namingIn(text, called);
  const named = called.filter(({ items }) => items.some(isNamed));
  if (instead.length === 0) return named;
  const meant = new Set(named.map(({ line }) => instead.find((one) => one.line === line)?.instead ?? line));
  return called.filter(({ line }) => meant.has(line));
}
