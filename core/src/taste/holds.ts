import type { Docket } from '../docket';
import {
  ALLERGENS,
  GLUTEN_CLASSES,
  GRAIN_CLASSES,
  OTHER_AVOIDANCES,
  type Avoidance,
  type OtherAvoidance,
} from '../vocabulary';
import type { Holds, Sample, Taster } from './types';

const worst = <T>(order: readonly T[], those: readonly T[]): T =>
  order.findLast((one) => those.includes(one)) ?? order[0]!;

/** What a docket's bake holds: the worst of its lines. A line that nobody could place may hold anything. */
export function holdsOf({ guard: { lines } }: Docket): Holds {
  const unplaced = lines.some(({ gluten }) => gluten === 'unknown');
  const allergens = ALLERGENS.filter((one) => lines.some((line) => line.allergens.includes(one)));
  const has = OTHER_AVOIDANCES.filter((one) => lines.some(({ others }) => others?.has.includes(one)));
  const mayHave = (one: OtherAvoidance) =>
    unplaced || lines.some(({ others }) => !others || others.maybe.includes(one));
  return {
    allergens,
    possible: ALLERGENS.filter(
      (one) => !allergens.includes(one) && (unplaced || lines.some((line) => line.possible.includes(one))),
    ),
    others: { has, maybe: OTHER_AVOIDANCES.filter((one) => !has.includes(one) && mayHave(one)) },
    gluten: worst(
      GLUTEN_CLASSES,
      lines.map(({ gluten }) => gluten),
    ),
    grain: worst(
      GRAIN_CLASSES,
      lines.map(({ grain }) => grain),
    ),
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
    others: { has: [], maybe: OTHER_AVOIDANCES },
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

/** Whether a sample holds it for certain, or perhaps; a tasting that is older than the question of the others must ask. */
function standing({ allergens, possible, others }: Holds, what: Avoidance): 'has' | 'maybe' | 'no' {
  const has: readonly Avoidance[] = [...allergens, ...(others?.has ?? [])];
  const maybe: readonly Avoidance[] = [...possible, ...(others?.maybe ?? OTHER_AVOIDANCES)];
  return has.includes(what) ? 'has' : maybe.includes(what) ? 'maybe' : 'no';
}

function clashesWith(taster: Taster, sample: Sample): Clash[] {
  const { holds } = sample;
  const clashes: Clash[] = [];
  const say = (what: Clash['what'], certain: boolean) => clashes.push({ taster, sample, what, certain });
  if (taster.gluten !== null && holds.gluten !== 'free') say('gluten', holds.gluten === 'contains');
  if (taster.grainFree !== null && holds.grain !== 'grain-free')
    if (!(holds.grain === 'pseudocereal' && taster.grainFree.pseudocereals))
      if (!(holds.grain === 'contains-grain-derivative' && taster.grainFree.derived))
        say('grain', holds.grain !== 'unknown');
  for (const { what } of taster.avoids) {
    const stands = standing(holds, what);
    if (stands !== 'no') say(what, stands === 'has');
  }
  return clashes;
}

/** Every taster against every sample: before any code is shown. */
export const clashesOf = (tasters: readonly Taster[], samples: readonly Sample[]): Clash[] =>
  tasters.flatMap((taster) => samples.flatMap((sample) => clashesWith(taster, sample)));
