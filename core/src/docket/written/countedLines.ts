import { firstFew, type Action } from '../../process';
import type { Line, Recipe } from '../../read';
import type { Renamed } from './renamed';
import { andList, spokenName } from './spoken';
import type { SpanEdit } from './spans';

const BECAUSE = 'the list has more lines now';

/** By its author's words, where they are a name and no more. */
const calledBy = (words: string, name: string): string =>
  /^\p{L}+(?: \p{L}+)?$/u.test(words) ? words.toLowerCase() : name;

/** What the lines of a list are called by now, each once. */
function namesOf(lines: readonly Line[], renamed: readonly Renamed[]): string[] {
  const names = lines.flatMap(({ id, items }) =>
    items
      .filter(({ alternative }) => !alternative)
      .map(({ name, words }) => {
        const now = renamed.find((one) => one.line === id && one.words === words);
        return now ? `${now.blend ? 'the ' : ''}${now.now}` : calledBy(words, spokenName(name));
      }),
  );
  return [...new Set(names)];
}

/** "Rub all 4 together". */
const ALL_SO_MANY = /\ball (?:of the )?(?:two|three|four|five|six|seven|eight|[2-9])(?= together\b)/gi;

/** Lines that a step counts are counted by the author's list, which the docket's isn't: it names them, or says that it is all. */
export function countedLineEdits(
  source: string,
  actions: readonly Action[],
  { parts }: Recipe,
  renamed: readonly Renamed[],
): SpanEdit[] {
  const all = [...source.matchAll(ALL_SO_MANY)].map(({ 0: words, index }): SpanEdit => ({
    from: index,
    to: index + words.length,
    text: 'it all',
    because: BECAUSE,
  }));
  const few = firstFew(source);
  if (!few) return all;
  const taken = new Set(actions.flatMap(({ takes }) => takes.map(({ line }) => line)));
  const counted = parts
    .map(({ lines }) => lines.filter(({ items }) => items.length > 0).slice(0, few.many))
    .find((lines) => lines.length === few.many && lines.every(({ id }) => taken.has(id)));
  if (!counted) return all;
  return [
    ...all,
    {
      from: few.at,
      to: few.at + few.words.length,
      text: andList(namesOf(counted, renamed)),
      because: BECAUSE,
    },
  ];
}
