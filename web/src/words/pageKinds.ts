import type { PageKind } from '@omniarton/core/vocabulary';

/** What a line of a page is called, as a margin note. */
export const KIND_WORDS: Readonly<Record<PageKind, string>> = {
  title: 'title',
  yield: 'yield',
  time: 'times',
  heading: 'heading',
  ingredient: 'ingredient',
  step: 'step',
  prose: 'sentence with foods',
  note: 'note',
  junk: 'left out',
};

const QUOTED: readonly (readonly [RegExp, string])[] = [
  [/^first: (.+)$/, 'begins with'],
  [/^last: (.+)$/, 'ends with'],
  [/^begins: (.+)$/, 'begins with'],
  [/^says (.+)$/, 'says'],
];
const NEIGHBOURS: Readonly<Record<string, string>> = {
  '-2': 'two lines above',
  '-1': 'the line above',
  '1': 'the line below',
  '2': 'two lines below',
};
/** A line at a glance, as the reader sees it. */
const SHAPES: Readonly<Record<string, string>> = {
  '#': 'a rule',
  V: 'a sentence that begins with a kitchen verb',
  A: 'an amount of food',
  S: 'sentences',
  v: 'a short call to work',
  f: 'a food alone',
  ':': 'a name with a colon',
  d: 'a line with a number',
  s: 'a few words',
  m: 'some words',
  '^': 'the edge of the page',
};
const PLACES: Readonly<Record<string, string>> = {
  first: 'at the top',
  before: 'before the list',
  list: 'in the list',
  steps: 'after the first step',
};

function shapes(feature: string): string | null {
  const alone = /^shape (.)(?: |$)/u.exec(feature)?.[1];
  if (alone) return `it looks like ${SHAPES[alone] ?? 'a line'}`;
  const around = /^shapes (.+)$/u.exec(feature)?.[1]?.replace(/[./]/g, '');
  return around ? 'what stands around it looks like that' : null;
}

/** What a feature of a line says, in words. */
export function featureWords(feature: string): string {
  if (feature === 'page furniture') return 'in it the page only speaks of itself';
  for (const [pattern, words] of QUOTED) {
    const said = pattern.exec(feature)?.[1];
    if (said) return `it ${words} “${said}”`;
  }
  const beside = /^(-?[12]): (.+)$/.exec(feature);
  if (beside) return `${NEIGHBOURS[beside[1]!]}: ${beside[2]}`;
  const edge = /^edge (-?\d)$/.exec(feature);
  if (edge) return `nothing stands ${edge[1]!.startsWith('-') ? 'above' : 'below'} it`;
  const placed = /^(.+) @ (.+)$/.exec(feature);
  if (placed) return `${placed[1]} – ${PLACES[placed[2]!] ?? placed[2]}`;
  const words = /^words (\d)$/.exec(feature);
  if (words) return Number(words[1]) > 4 ? 'it is long' : 'it is short';
  return shapes(feature) ?? feature;
}
