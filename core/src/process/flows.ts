import { blanked, lastWordOf, type Part } from '../read';
import { asSaid } from './called';
import type { ActionClass } from './data/verbs';

/** What may stand between a preposition and a name. */
const DETERMINED = '\\s+(?:(?:the|your|each|both|a|an|\\w+(?:ed|ing)|cold|hot|warm)\\s+)*$';
/** What stands before the mixture that something goes into, or on where what goes on is named as well. */
const INTO = new RegExp(`\\b(?:in|into|inside)${DETERMINED}`, 'i');
const ON = new RegExp(`\\b(?:over|on|onto|on top of|between|around)${DETERMINED}`, 'i');
/** One mixture goes to another by these. */
const GIVES: ReadonlySet<ActionClass | null> = new Set<ActionClass>(['place', 'layer', 'fold', 'combine']);

/** The parts that a clause calls by their names: which of them go somewhere whole, and where. */
export interface PartsCalled {
  readonly called: readonly Part[];
  readonly gives: readonly Part[];
  /** Null where it says nothing of it. */
  readonly into: Part | null;
}

interface Mention {
  readonly part: Part;
  readonly before: string;
}

/** Words that end the names of parts and say little of them: a crumble top is called a crumble. */
const WHERE = /\s+(?:tops?|toppings?|layers?|fillings?|mix|mixture|bases?|part)$/i;

/** What a method may call a part: the last word of its name, without what stands in brackets. */
function callsOf(name: string): string[] {
  const plain = name.replace(/\s*\([^)]*\)/g, '').trim();
  return [...new Set([plain, plain.replace(WHERE, '')].map(lastWordOf))].filter((word) => word.length > 2);
}

/** Icing sugar is no icing, and custard powder no custard. */
const NAMED_AFTER =
  /\b(?:icing|frosting|glaze|custard|cake|pastry|crumb|syrup|cream)(?=[ -](?:sugar|powder|flour|cheese|of tartar)\b)/gi;

/** "boil the syrup", "for the crumb": parts by their names. */
function mentionsOf(said: string, parts: readonly Part[]): Mention[] {
  const text = blanked(said, NAMED_AFTER);
  return parts.flatMap((part): Mention[] => {
    const at = callsOf(part.name ?? '')
      .map((word) => text.search(asSaid(word)))
      .find((found) => found >= 0);
    return at === undefined ? [] : [{ part, before: text.slice(0, at) }];
  });
}

/** What a clause says of its parts; what goes somewhere without a word of where goes to the bake itself. */
export function partsCalled(
  text: string,
  kind: ActionClass | null,
  parts: readonly Part[],
  main: Part | undefined,
): PartsCalled {
  const mentions = mentionsOf(text, parts);
  const inside = mentions.find(({ before }) => INTO.test(before));
  const under = mentions.length > 1 ? mentions.find(({ before }) => ON.test(before)) : undefined;
  const called = mentions.map(({ part }) => part);
  const others = called.filter((part) => part !== (inside ?? under)?.part && part !== main);
  const gives = GIVES.has(kind) ? others : [];
  return { called, gives, into: (inside ?? under)?.part ?? (gives.length > 0 ? (main ?? null) : null) };
}
