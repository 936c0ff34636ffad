import { numbersFrom, shuffled } from '../../statistics';
import { SYMPTOMS, type FamilyId, type SymptomId } from '../../vocabulary';
import type { Seen } from '../../kitchen';
import { CAUSES, NOTHING_KNOWN, type CauseId, type CauseRow, type Facts } from '../why';

/** What is made wrong in a simulated bake for each cause that can be made: the facts that it leaves behind. */
const PLANTS: Readonly<
  Partial<Record<CauseId, { readonly family: FamilyId; readonly facts: Partial<Facts> }>>
> = {
  'too-wet': { family: 'muffin', facts: { drink: 1 } },
  'too-dry': { family: 'scone', facts: { drink: -1 } },
  'no-binder': { family: 'muffin', facts: { gum: 0, egg: 20 } },
  'too-much-gum': { family: 'loaf', facts: { gum: 2.2 } },
  'too-little-lift': { family: 'creamed-cake', facts: { lift: -1 } },
  'too-much-lift': { family: 'creamed-cake', facts: { lift: 1 } },
  'too-much-soda': { family: 'loaf', facts: { soda: 1.8 } },
  'too-much-fat': { family: 'drop-cookie', facts: { fat: 95, usual: { fat: 60 } } },
  'too-little-fat': { family: 'drop-cookie', facts: { fat: 32, usual: { fat: 60 } } },
  'too-much-sugar': { family: 'drop-cookie', facts: { sugar: 150, usual: { sugar: 85 } } },
  'too-much-egg': { family: 'creamed-cake', facts: { egg: 150, usual: { egg: 80 } } },
  'too-little-egg': { family: 'brownie', facts: { egg: 50, usual: { egg: 110 } } },
  gritty: { family: 'muffin', facts: { coarse: true } },
  'no-rest': { family: 'drop-cookie', facts: { restMinutes: 0 } },
  'too-hot': { family: 'muffin', facts: { ovenOff: 24 } },
  'too-cold': { family: 'muffin', facts: { ovenOff: -24 } },
  'under-baked': { family: 'loaf', facts: { timed: 0.78 } },
  'over-baked': { family: 'creamed-cake', facts: { timed: 1.3 } },
  'pan-too-small': { family: 'loaf', facts: { fill: 0.95 } },
  'cut-hot': { family: 'loaf', facts: { cutWarm: true, inner: 98 } },
  'no-chill': { family: 'cut-out', facts: { chillHours: 0 } },
  'under-proofed': { family: 'yeast-dough', facts: { proofed: false } },
};
export const PLANTED = Object.keys(PLANTS) as readonly CauseId[];

/** Nothing wrong with it, as far as formula, process and log say. */
const SOUND: Omit<Facts, 'family'> = {
  ...NOTHING_KNOWN,
  drink: 0,
  lift: 0,
  soda: 0,
  restMinutes: 45,
  chillHours: 2,
  ovenOff: 0,
  fill: 0.6,
  timed: 1,
  cutWarm: false,
  proofed: true,
};

/** A bake with something made wrong in it on purpose, and how it looks; or with nothing. */
export interface Practice {
  readonly fault: CauseId | null;
  readonly facts: Facts;
  readonly seen: readonly Seen[];
}

const MOST_SEEN = 3;
/** In so many of a hundred bakes something is seen that has nothing to do with it. */
const STRAY = 15;
/** Strengths are logarithms of odds: the sign of something is seen ten times as often as a hint. */
const oftenSeen = (speaks: number): number => Math.exp(Math.min(3, speaks)) - 0.5;

function symptomsOf(cause: CauseId, below: (bound: number) => number): SymptomId[] {
  const row: CauseRow = CAUSES[cause];
  const pool = SYMPTOMS.flatMap((id) => {
    const speaks = row.speaks[id] ?? 0;
    return speaks >= 0.9 ? Array.from({ length: Math.round(oftenSeen(speaks)) }, () => id) : [];
  });
  return [...new Set(shuffled(pool, below))].slice(0, 2 + below(MOST_SEEN - 1));
}

/** An invented bake with a hidden fault, from a seed. The stand-in that ships: plainly simulated, and never learnt from. */
export function practiceBake(seed: number, fault: CauseId | null): Practice {
  const below = numbersFrom(seed);
  if (fault === null) {
    const families: readonly FamilyId[] = ['muffin', 'loaf', 'creamed-cake', 'drop-cookie', 'brownie'];
    const family = families[below(families.length)]!;
    const slight: readonly SymptomId[] = ['cracked', 'flat', 'patchy', 'dense', 'pale'];
    const seen = below(2) === 0 ? [] : [{ symptom: slight[below(slight.length)]!, degree: 0.4 }];
    return { fault, facts: { ...SOUND, family }, seen };
  }
  const { family, facts } = PLANTS[fault]!;
  const own = symptomsOf(fault, below);
  const stray = below(100) < STRAY ? [SYMPTOMS[below(SYMPTOMS.length)]!] : [];
  const seen = [...new Set([...own, ...stray])].map((symptom) => ({ symptom, degree: 1 }));
  return { fault, facts: { ...SOUND, ...facts, family }, seen };
}
