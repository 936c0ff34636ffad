import { familyOf } from '../family';
import { aFamily, type Avoidance, type Bare, type FamilyId, type WordsFor } from '../vocabulary';

/** What is said of a recipe as a whole. */
export interface DocketSays {
  readonly 'which-bake': { readonly families: readonly FamilyId[] };
  readonly 'no-time': Bare;
  readonly 'anchor-far': { readonly times: number };
  readonly laminated: Bare;
  readonly 'in-its-language': Bare;
  readonly 'line-unweighed': { readonly line: string };
  readonly 'thirst-guessed': { readonly name: string };
  readonly 'no-gluten-on-it': Bare;
  readonly 'nothing-to-convert': Bare;
  readonly 'no-blend': Bare;
  readonly 'allow-some-flour': Bare;
  /** What may not go out, and why. */
  readonly 'still-out': { readonly name: string; readonly why: string };
  readonly 'leave-out': { readonly name: string; readonly avoidance: Avoidance | 'gluten' | 'grain' };
  /** How the bowl of a family looks: mixed, after the rest, and the small piece that tells first. */
  readonly looks: { readonly family: FamilyId; readonly when: 'mixed' | 'rested' | 'pilot' };
}

export const DOCKET_WORDS: WordsFor<DocketSays> = {
  'which-bake': ({ families }) => {
    const names = new Intl.ListFormat('en-GB', { type: 'disjunction' }).format(families.map(aFamily));
    return `Is it ${names}? Blend, gum and bake follow from it.`;
  },
  'no-time': () =>
    'The recipe states no bake time, so nothing anchors the simulation: trust the doneness signs before the clock.',
  'in-its-language': () =>
    'Its steps stand as they were written, in their own language: whatever flour, butter, milk or egg they name is what the list has now. Only what is new is told in English.',
  laminated: () =>
    'A dough that is folded round butter tears without gluten: roll it between papers, keep both cold, mend tears with a little starch, and count on fewer and thicker layers.',
  'anchor-far': ({ times }) =>
    `The stated time is ${times.toFixed(1)} times the simulated one: look again at pan, oven and time.`,
  'line-unweighed': ({ line }) => `“${line}” has no weight and is not in the balances.`,
  'thirst-guessed': ({ name }) =>
    `How much water ${name} takes isn’t known: it is counted as between rice and oat. Hold some liquid back, and judge it after the rest.`,
  'no-gluten-on-it': () =>
    'Nothing on this list holds gluten of its own, and nothing on it is avoided. The labels are still to be read.',
  'nothing-to-convert': () =>
    'There is no flour with a weight on this list, so there is nothing to convert. It is guarded all the same.',
  'no-blend': () => 'No blend keeps to the limits.',
  'allow-some-flour': () => 'Allow a flour again',
  'still-out': ({ name, why }) => `${name}: ${why}`,
  'leave-out': ({ name, avoidance }) => `Leave out or replace “${name}” by hand, or let ${avoidance} in`,
  looks: ({ family, when }) => familyOf(family).looks[when] ?? '',
};
