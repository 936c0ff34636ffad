import { tokensOf } from './names';
import type { Item, Part } from './types';

/** What is said of a thing that another part makes, beside its name: "all of the tangzhong", "the scald, cold". */
const BESIDE: ReadonlySet<string> = new Set(
  'all of the from above below cold cooled cool made whole it recipe day before'.split(' '),
);

const called = (words: string): string =>
  tokensOf(words.replace(/\([^)]*\)/g, ' '))
    .filter((token) => !BESIDE.has(token))
    .join(' ');

/** Parts without the lines' things that another of them makes: nobody buys those. What is known for a food of its own stays. */
export function withoutMadeHere(parts: readonly Part[]): Part[] {
  const names = new Map(
    parts.flatMap(({ id, name }) => (name === null ? [] : [[id, called(name)] as const])),
  );
  const isMade = ({ match, words }: Item, part: string): boolean => {
    const name = match === 'exact' ? '' : called(words);
    return name !== '' && [...names].some(([id, own]) => id !== part && own === name);
  };
  return parts.map((part) => ({
    ...part,
    lines: part.lines.map((line) =>
      line.items.some((item) => isMade(item, part.id))
        ? { ...line, items: line.items.filter((item) => !isMade(item, part.id)) }
        : line,
    ),
  }));
}
