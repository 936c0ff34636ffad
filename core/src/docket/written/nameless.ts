import { getIngredient, type Catalogue } from '../../catalogue';
import { lastWordOf } from '../../read';
import type { Renamed } from './renamed';
import { andList } from './spoken';
import { capitalised, type SpanEdit } from './spans';

/** A word for whatever of its kind is on the list: "the nuts", "the crumbs". */
interface Nameless {
  readonly words: RegExp;
  readonly isOne: (one: Renamed, catalogue: Catalogue) => boolean;
}
const NUT = new Set<string>(['tree nuts', 'peanuts']);
const CRUMBED = /\b(?:biscuits?|crackers?|cookies?|crumbs?|ladyfingers?|bread)\b/i;
const NAMELESS: readonly Nameless[] = [
  {
    words: /\b(?:the )?nuts\b/gi,
    isOne: ({ was }, catalogue) => getIngredient(catalogue, was).allergens.some((one) => NUT.has(one)),
  },
  {
    // What is crushed to crumbs, and what stands in for it and has none.
    words:
      /(?<!\b(?:like|to|into|fine|coarse|resembl\w+) )\b(?:the )?(?:biscuit |cookie |cracker )?crumbs\b/gi,
    // Bread flour is no bread.
    isOne: ({ was, now, blend }, catalogue) =>
      !blend && CRUMBED.test(getIngredient(catalogue, was).name) && !CRUMBED.test(now),
  },
];

/** More things than these aren't said one by one. */
const MOST_NAMED = 2;

/** What a nameless word means now, where one or two things of the list can be meant. */
export function nameless(
  source: string,
  renamed: readonly Renamed[],
  mentions: readonly { readonly words: string; readonly from: number }[],
  catalogue: Catalogue,
): { readonly edits: readonly SpanEdit[]; readonly lines: readonly string[] } {
  const found = NAMELESS.map(({ words, isOne }) => {
    const were = renamed.filter((one) => isOne(one, catalogue));
    const weighed = were.some((one) => one.weighed) ? were.filter((one) => one.weighed) : were;
    const names = [...new Set(weighed.map(({ now }) => now))];
    if (names.length === 0 || names.length > MOST_NAMED) return { edits: [], lines: [] };
    const now = andList(names);
    const bare = (said: string) => lastWordOf(said) === said.toLowerCase().replace(/s$/, '');
    const free = [...source.matchAll(words)].filter(
      ({ 0: said, index }) =>
        !mentions.some(
          ({ from, words: named }) =>
            !bare(named) && from < index + said.length && index < from + named.length,
        ),
    );
    const say = (said: string) =>
      /^the /i.test(said) ? `${said.slice(0, 4)}${now}` : /^\p{Lu}/u.test(said) ? capitalised(now) : now;
    const edits = free.map(({ 0: said, index }) => ({
      from: index,
      to: index + said.length,
      text: say(said),
      because: `${andList(weighed.map(({ words: own }) => own.trim()))} is ${now} now`,
    }));
    return { edits, lines: edits.length > 0 ? weighed.map(({ line }) => line) : [] };
  });
  return { edits: found.flatMap(({ edits }) => edits), lines: found.flatMap(({ lines }) => lines) };
}
