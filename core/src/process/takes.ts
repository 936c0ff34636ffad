import type { Taking } from '../kitchen';
import { tokensOf, type Bindings, type Item, type Part } from '../read';
import type { Role } from '../vocabulary';
import { UNTIL, type Told } from './actions';
import { EVERYTHING, ROLE_WORDS } from './data/roleWords';
import type { Take } from './types';

/** Endings of names that say nothing alone: "baking powder" is named by both words. */
const BLAND = new Set(['powder', 'extract', 'flour', 'juice', 'seed', 'water', 'oil', 'whole', 'white']);

/** What a line is called by in a method: the last word of its name, or its last two where that alone says nothing. */
function nameIn({ name }: Item): string {
  const words = tokensOf(name.split(',')[0]!);
  const last = words.at(-1) ?? '';
  return BLAND.has(last) && words.length > 1 ? `${words.at(-2)} ${last}` : last;
}

/** A recipe's line as a method calls it: by its names and roles. */
export interface Called {
  readonly line: string;
  readonly part: string;
  readonly items: readonly { readonly role: Role; readonly name: string }[];
  /** Shares that the line itself says go into some steps. */
  readonly uses: ReadonlyMap<string, number>;
}

export const calledOf = (parts: readonly Part[]): Called[] =>
  parts.flatMap(({ id: part, lines }) =>
    lines
      .filter(({ kind }) => kind === 'ingredient')
      .map(({ id, items, uses }): Called => {
        const whole = items[0]?.grams?.central ?? 0;
        return {
          line: id,
          part,
          items: items.map((item) => ({ role: item.role, name: nameIn(item) })),
          uses: new Map(whole > 0 ? uses.map(({ step, grams }) => [step, grams.central / whole]) : []),
        };
      }),
  );

/** The lines that a stretch of a method names, by name or by what they are; `instead`: what a person says is meant in their place. */
export function linesNamedIn(
  text: string,
  called: readonly Called[],
  instead: readonly Taking[] = [],
): Called[] {
  const words = ` ${tokensOf(text).join(' ')} `;
  const roles = new Set(ROLE_WORDS.filter((row) => row.words.test(text)).flatMap((row) => [...row.roles]));
  const named = called.filter(({ items }) =>
    items.some(({ role, name }) => roles.has(role) || (name.length > 2 && words.includes(` ${name} `))),
  );
  if (instead.length === 0) return named;
  const meant = new Set(named.map(({ line }) => instead.find((one) => one.line === line)?.instead ?? line));
  return called.filter(({ line }) => meant.has(line));
}

const SHARES: readonly (readonly [RegExp, number])[] = [
  [/\b(?:two thirds)\b/i, 2 / 3],
  [/\b(?:three quarters)\b/i, 0.75],
  [/\b(?:half)\b/i, 0.5],
  [/\b(?:a|one) third\b/i, 1 / 3],
  [/\b(?:a|one) quarter\b/i, 0.25],
];
const REST = /\b(?:remaining|rest|other|leftover|reserved|held back|kept back|the last)\b/i;

const shareIn = (text: string): number => SHARES.find(([words]) => words.test(text))?.[1] ?? 1;

/** Of lines that are called alike the one of the part that this step is about, and that is still there. */
function meant(named: readonly Called[], part: string, left: (line: string) => number): Called[] {
  const there = named.filter(({ line }) => left(line) > 0);
  const alike = (one: Called) => one.items.map(({ name }) => name).join();
  return there.filter(
    (one) => one.part === part || !there.some((other) => other.part === part && alike(other) === alike(one)),
  );
}

/** The part that a step is about: the one that it names most lines of, the one before where it names none. */
function partOf(named: readonly Called[], before: string): string {
  const counts = new Map<string, number>();
  for (const { part } of named) counts.set(part, (counts.get(part) ?? 0) + (part === before ? 1.5 : 1));
  const [best] = [...counts].sort(([, a], [, b]) => b - a);
  return best?.[0] ?? before;
}

/** The part that a clause calls by its name: "boil the syrup", "for the crumb". */
function partCalled(text: string, parts: readonly Part[]): string | null {
  const words = new Set(tokensOf(text));
  const called = parts.find(({ name }) => {
    const last = name === null ? undefined : tokensOf(name).at(-1);
    return last !== undefined && last.length > 2 && words.has(last);
  });
  return called?.id ?? null;
}

export interface Taken {
  readonly takes: readonly Take[];
  /** The part that its mixture belongs to. */
  readonly part: string;
}

/** What each action takes of each line: shares of a line sum to one at most. */
export function takesOf(
  actions: readonly Told[],
  called: readonly Called[],
  parts: readonly Part[],
  bound: Bindings['takes'],
): Taken[] {
  const used = new Map<string, number>();
  const left = (line: string) => 1 - (used.get(line) ?? 0);
  let part = called[0]?.part ?? '';
  let step = '';
  return actions.map((action): Taken => {
    const text = action.text.replace(UNTIL, ' ');
    const instead = bound[action.step];
    if (action.step !== step) {
      step = action.step;
      const whole = actions.filter((one) => one.step === step).map((one) => one.text);
      part = partOf(linesNamedIn(whole.join(' '), called, instead), part);
    }
    part = partCalled(text, parts) ?? part;
    const all = EVERYTHING.test(text) ? called.filter((one) => one.part === part) : [];
    const there = [...new Set([...linesNamedIn(text, called, instead), ...all])];
    const byHand = there.filter(({ line }) => instead?.some((one) => one.instead === line));
    const named = [...new Set([...byHand, ...meant(there, part, left)])];
    const takes = named.map((one): Take => {
      const said = REST.test(text) ? 1 : (one.uses.get(step) ?? shareIn(text));
      const share = Math.min(left(one.line), said);
      used.set(one.line, (used.get(one.line) ?? 0) + share);
      return { line: one.line, share };
    });
    return { takes: takes.filter(({ share }) => share > 1e-9), part };
  });
}
