import type { GuardState, Settled } from '@omniarton/core/guard';
import { sayDay } from './say';
import type { Needs } from '@omniarton/core/kitchen';
import type { Avoidance, GlutenClass, GrainClass, LabelFact, Strictness } from '@omniarton/core/vocabulary';

/** How somebody eats, as far as gluten goes. */
export const GLUTEN_EATEN: readonly { readonly id: Strictness | 'eats'; readonly name: string }[] = [
  { id: 'eats', name: 'eats gluten' },
  { id: 'certified', name: 'certified goods only, and nothing with traces' },
  { id: 'label', name: 'none, labels read' },
  { id: 'preference', name: 'none, by preference' },
];

/** What a class says of an ingredient; never of the bag, and never that it is safe. */
export function glutenWords(gluten: GlutenClass): string {
  switch (gluten) {
    case 'contains':
      return 'holds gluten';
    case 'check-label':
      return 'read the label';
    case 'unknown':
      return 'unknown';
    case 'free':
      return 'no gluten of its own';
  }
}

export function grainWords(grain: GrainClass): string {
  switch (grain) {
    case 'grain':
      return 'a grain';
    case 'pseudocereal':
      return 'a pseudocereal';
    case 'contains-grain-derivative':
      return 'may come from a grain';
    case 'grain-free':
      return 'no grain';
    case 'unknown':
      return 'unknown';
  }
}

/** Who saw to it, and when: "Orla, 12 June", "the bag of teff flour". */
export const settledWords = ({ by, on }: Settled): string =>
  [by, on === null ? '' : sayDay(on)].filter(Boolean).join(', ');

export function stateWords(state: GuardState, open: number): string {
  switch (state) {
    case 'open':
      return `${open} open ${open === 1 ? 'question' : 'questions'}`;
    case 'answered':
      return 'every question answered';
    case 'nothing open':
      return 'nothing open';
  }
}

const PLAIN: Readonly<Partial<Record<Avoidance, string>>> = {
  milk: 'dairy',
  soybeans: 'soy',
  sulphite: 'sulphites',
  nightshades: 'nightshades (potato, tomato, peppers)',
};
export const avoidanceWords = (one: Avoidance): string => PLAIN[one] ?? one;

export function strictnessWords(gluten: Strictness): string {
  switch (gluten) {
    case 'certified':
      return 'certified goods only';
    case 'label':
      return 'labels read';
    case 'preference':
      return 'by preference';
  }
}

/** What somebody avoids: "no gluten, no dairy". */
export const needsWords = ({ gluten, grainFree, avoids }: Needs): string =>
  [
    ...(gluten ? ['no gluten'] : []),
    ...(grainFree ? ['grain-free'] : []),
    ...avoids.map((one) => `no ${avoidanceWords(one.what)}`),
  ].join(', ');

/** What somebody at the table is called: by name, or by what they avoid. */
export const personName = (person: Needs & { readonly name: string }): string =>
  person.name.trim() || needsWords(person) || 'a guest';

export const FACT_QUESTIONS: Readonly<Record<LabelFact, string>> = {
  leavening: 'leavening',
  salt: 'salt',
  gum: 'gum or husk',
  milk: 'milk powder',
  certified: 'certified gluten-free',
};
