import type { Docket } from '../docket';
import { ALLERGENS, type Avoidance } from '../vocabulary';
import type { Holds, Sample, Taster } from './types';

const GLUTEN = ['contains', 'check-label', 'free'] as const;
/** What a docket's bake holds: the worst of its lines. */
export function holdsOf({ guard }: Docket): Holds {
  const lines = guard.lines;
  const all = (of: 'allergens' | 'possible') =>
    ALLERGENS.filter((one) => lines.some((line) => line[of].includes(one)));
  const grains = ['grain', 'contains-grain-derivative', 'pseudocereal'] as const;
  const allergens = all('allergens');
  return {
    allergens,
    possible: all('possible').filter((one) => !allergens.includes(one)),
    gluten: GLUTEN.find((one) => lines.some(({ gluten }) => gluten === one)) ?? 'free',
    grain: grains.find((one) => lines.some(({ grain }) => grain === one)) ?? 'grain-free',
  };
}

/**
 * What a bake as the page has it may hold: wheat for certain, what its docket keeps, and of all else nobody has looked. Errs on the side of
 * whoever avoids something.
 */
export function holdsAsWritten(docket: Docket): Holds {
  const { allergens } = holdsOf(docket);
  const certain = ALLERGENS.filter((one) => one === 'wheat' || allergens.includes(one));
  return {
    allergens: certain,
    possible: ALLERGENS.filter((one) => !certain.includes(one)),
    gluten: 'contains',
    grain: 'grain',
  };
}

/** Why a taster may not have a sample, or must ask first. */
export interface Clash {
  readonly taster: Taster;
  readonly sample: Sample;
  readonly what: Avoidance | 'gluten' | 'grain';
  /** It holds it; else it may, and a label tells. */
  readonly certain: boolean;
}

const isAllergen = (what: Avoidance): what is Holds['allergens'][number] =>
  (ALLERGENS as readonly string[]).includes(what);

function clashesWith(taster: Taster, sample: Sample): Clash[] {
  const { holds } = sample;
  const clashes: Clash[] = [];
  const say = (what: Clash['what'], certain: boolean) => clashes.push({ taster, sample, what, certain });
  if (taster.gluten !== null && holds.gluten !== 'free') say('gluten', holds.gluten === 'contains');
  if (taster.grainFree !== null && holds.grain !== 'grain-free')
    if (!(holds.grain === 'pseudocereal' && taster.grainFree.pseudocereals))
      if (!(holds.grain === 'contains-grain-derivative' && taster.grainFree.derived)) say('grain', true);
  for (const { what } of taster.avoids) {
    // Whether corn, oats, gums or nightshades are in it, a docket's lines don't say one by one: that is asked.
    if (!isAllergen(what)) say(what, false);
    else if (holds.allergens.includes(what)) say(what, true);
    else if (holds.possible.includes(what)) say(what, false);
  }
  return clashes;
}

/** Every taster against every sample: before any code is shown. */
export const clashesOf = (tasters: readonly Taster[], samples: readonly Sample[]): Clash[] =>
  tasters.flatMap((taster) => samples.flatMap((sample) => clashesWith(taster, sample)));
