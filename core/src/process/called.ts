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
function nameIn({ name }: Pick<Item, 'name'>): string {
  const words = tokensOf(name.split(',')[0]!);
  const last = words.at(-1) ?? '';
  const sugar = sugarIn(words.slice(-2).join(' '));
  if (sugar.endsWith('-sugar')) return sugar;
  return BLAND.has(last) && words.length > 1 ? `${words.at(-2)} ${last}` : last;
}

/** Its author's word for it, where the table has another. */
function saidIn({ name, words, match }: Item): { readonly said?: string } {
  const said = match === 'exact' ? nameIn({ name: words }) : '';
  return said.length > 2 && !/\d/.test(said) && !nameIn({ name }).endsWith(said) ? { said } : {};
}

/** A name as a text says it, one of it or several: "berry", "berries". */
export const asSaid = (name: string): RegExp =>
  new RegExp(`\\b${name.replace('-', '[ -]').replace(/y$/, '(?:y|ie)')}(?:e?s)?\\b`, 'gi');

/** A recipe's line as a method calls it: by its names and roles. */
export interface Called {
  readonly line: string;
  readonly part: string;
  /** `said`: by its author's own word, where that is another: "coffee" is instant coffee here, and espresso powder in the table. */
  readonly items: readonly { readonly role: Role; readonly name: string; readonly said?: string }[];
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
        items: line.items.map((item) => ({ role: item.role, name: nameIn(item), ...saidIn(item) })),
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

/** Tells of a line's things whether a stretch of a method names them: by name, or by name or what they are. */
function namingIn(
  text: string,
  called: readonly Called[],
): Readonly<Record<'byName' | 'anyhow', (item: CalledItem) => boolean>> {
  const words = ` ${sugarIn(tokensOf(text).join(' '))} `;
  const rows = ROLE_WORDS.filter((row) => row.words.test(text));
  const byRole = ({ name, role }: CalledItem) =>
    rows.some(({ roles, unless }) => roles.includes(role) && !unless?.test(name));
  const kinds = KINDS_OF_FOOD.filter((kind) => words.includes(` ${kind} `));
  const fruit = words.includes(' fruit ');
  const oil = words.includes(' oil ') && !GREASES.test(text);
  const own = ({ name, said }: CalledItem) =>
    (name.length > 2 && (words.includes(` ${name} `) || (oil && name.endsWith(' oil')))) ||
    (said !== undefined && words.includes(` ${said} `));
  const said = new Set(called.flatMap(({ items }) => items.filter(own).map(({ role }) => role)));
  const several = SEVERAL.test(text);
  const others = new Set(ONE_OF.filter((role) => said.has(role) && !several));
  const anyhow = (item: CalledItem) =>
    own(item) ||
    (byRole(item) && !others.has(item.role)) ||
    (fruit && (item.role === 'fruit-veg' || FRUIT.test(item.name))) ||
    (item.name.length > 2 && kinds.some((kind) => item.name.endsWith(kind)));
  return { byName: own, anyhow };
}

/** What one thing says of whose step it is: by its name, and more by a name that no other part has; less by what it is. */
const BY_NAME = 1;
const BY_ITS_NAME_ALONE = 2;
const BY_ROLE = 0.5;

/** How much a stretch of a method speaks of each part, by the things that it names: a list on one line is as many as are named of it. */
export function spokenOf(text: string, called: readonly Called[]): ReadonlyMap<string, number> {
  const { byName, anyhow } = namingIn(text, called);
  const partsOf = new Map<string, Set<string>>();
  for (const { part, items } of called)
    for (const item of items.filter(byName)) {
      const key = item.said ?? item.name;
      partsOf.set(key, (partsOf.get(key) ?? new Set<string>()).add(part));
    }
  const worth = (item: CalledItem) => {
    if (!byName(item)) return anyhow(item) ? BY_ROLE : 0;
    // Yolks are of whole eggs too.
    const alone = item.role !== 'egg' && partsOf.get(item.said ?? item.name)!.size === 1;
    return alone ? BY_ITS_NAME_ALONE : BY_NAME;
  };
  const sums = new Map<string, number>();
  for (const { part, items } of called) {
    // Two sugars of a line are named by one word, once.
    const once = [...new Map(items.toReversed().map((item) => [item.name, item])).values()];
    const sum = once.reduce((all, item) => all + worth(item), 0);
    if (sum > 0) sums.set(part, (sums.get(part) ?? 0) + sum);
  }
  return sums;
}

/** The lines that a stretch of a method names; `instead`: what a person says is meant in their place. */
export function linesNamedIn(
  text: string,
  called: readonly Called[],
  instead: readonly Taking[] = [],
): Called[] {
  const { anyhow } = namingIn(text, called);
  const named = called.filter(({ items }) => items.some(anyhow));
  if (instead.length === 0) return named;
  const meant = new Set(named.map(({ line }) => instead.find((one) => one.line === line)?.instead ?? line));
  return called.filter(({ line }) => meant.has(line));
}
