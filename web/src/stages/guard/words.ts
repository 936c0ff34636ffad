import type { GuardState } from '@omniarton/core/guard';
import type { Avoidance, GlutenClass, GrainClass } from '@omniarton/core/vocabulary';

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
};
export const avoidanceWords = (one: Avoidance): string => PLAIN[one] ?? one;
