import type { FlourPage, Property } from '@omniarton/core/blend';
import { sayGrams } from '../words/say';

/** The scores that flours are compared by, felt before they are counted. */
export const SCORES: readonly Property[] = [
  'hold',
  'chew',
  'snap',
  'soft',
  'body',
  'flavour',
  'colour',
  'grit',
];

const weeks = (count: number) =>
  count >= 52 ? `${Math.round(count / 52)} ${count >= 104 ? 'years' : 'year'}` : `${count} weeks`;
const gram = (value: number) => `${Number(value.toFixed(1))} g`;

/** What is known of a flour in numbers, a row each: name, and how it reads. */
export const NUMBERS: readonly (readonly [name: string, say: (page: FlourPage) => string])[] = [
  ['thirst, g water per g', ({ thirst: [at, low, high] }) => `${at} (${low}–${high})`],
  ['starch', ({ composition }) => gram(composition.starch)],
  ['of it amylose', ({ amylose }) => (amylose === null ? '–' : gram(amylose))],
  ['and amylopectin', ({ amylopectin }) => (amylopectin === null ? '–' : gram(amylopectin))],
  ['its starch sets', ({ sets }) => (sets ? `${sets[0]}–${sets[1]} °C` : '–')],
  ['protein', ({ composition }) => gram(composition.protein)],
  ['fat', ({ composition }) => gram(composition.fat)],
  ['fibre', ({ composition }) => gram(composition.fibre)],
  ['sugars', ({ composition }) => gram(composition.sugars)],
  ['water', ({ composition }) => gram(composition.water)],
  ['a US cup, spooned', ({ cupGrams }) => `${sayGrams(cupGrams)} g`],
  [
    'keeps, opened',
    ({ weeks: [at, cold] }) => (at === cold ? weeks(at) : `${weeks(at)}, ${weeks(cold)} in the cold`),
  ],
];

export const GLUTEN_SAYS: Readonly<Record<FlourPage['gluten'], string>> = {
  free: 'no gluten of its own; the bag may differ, so read its label',
  'check-label': 'only where the label says so: look for certified',
  contains: 'holds gluten',
  unknown: 'unknown',
};

/** Allergens and grain in words. */
export function holdsWords({ allergens, possible, grain }: FlourPage): string {
  const parts = [
    ...(allergens.length > 0 ? [`holds ${allergens.join(', ')}`] : []),
    ...(possible.length > 0 ? [`may hold ${possible.join(', ')}`] : []),
    grain === 'grain'
      ? 'a grain'
      : grain === 'pseudocereal'
        ? 'no grass, but by some schools a grain'
        : 'no grain',
  ];
  return parts.join('; ');
}
