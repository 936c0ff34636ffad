import { traitsOf, type BlendShare } from '../blend';
import { thirstOf, type Catalogue } from '../catalogue';
import type { Profile } from '../family';
import { compositionOf, drinkOf, thirstGrams, type FormulaLine } from '../formula';
import { toEnd } from '../quantity';
import { coolSection } from './cooling';
import type { PlaceId } from './data/places';
import { makeMaterial } from './material';
import { SPREAD } from './data/spread';
import { startCelsius } from './start';
import { STANDARD_PRESSURE } from './steam';

export interface Rest {
  readonly minutes: readonly [low: number, high: number];
  readonly cold: boolean;
  /** Minutes in which the blend has met nine tenths of its thirst, at room temperature. */
  readonly uptake: number;
  /** Minutes until a portion is cold through in the fridge, and firm enough to keep its shape in the freezer; null: it is rested warm. */
  readonly chilled: number | null;
  readonly frozen: number | null;
}

export interface RestAsk {
  readonly shares: readonly BlendShare[];
  readonly lines: readonly FormulaLine[];
  readonly profile: Profile;
  /** Its only gas comes from soda and acid at the bowl. */
  readonly singleActing: boolean;
  /** Coarse meal is scalded. */
  readonly scalded: boolean;
  /** It is pressed into its tin: nothing that cold would keep in shape. */
  readonly pressed: boolean;
  /** What a scoop of it holds, ml; null: a usual one. */
  readonly portionMl: number | null;
}

/** A cookie's dough that has so much of its flours' thirst met is a batter that drops: the cold does nothing for it. Common practice. */
const DROPS_FROM = 0.6;
/** As wet as this soda meets its acid in the bowl: its lift is gone by the time that it is cold. */
const CAN_T_WAIT_FROM = 0.5;
const WARM_REST = [15, 30] as const;
const MET = 0.9;
const LONGEST = 240;
const ROUND_TO = 5;
/** A batter whose only gas comes from soda and acid at the bowl loses it while it stands: it isn’t rested, minutes. Common practice. */
const SINGLE_ACTING_MOST = 0;
/** A meal as coarse as this drinks as fast as fine rice at last when it is scalded: τ 20 → 4 minutes. Common practice. */
const COARSE_TAU = 15;
const SCALDED_TAU = 4;
/** Sugar in the water holds it back: τ grows by this for sugar alone. Judgement. */
const SUGAR_SLOWS = 0.5;

/**
 * Minutes until a blend has met 90 % of its thirst: Σ wᵢ·(1 − exp(−t/τᵢ)) = 0.9 with wᵢ the flour's part of the thirst. `slower`:
 * by what every τ is longer. Example: fine rice alone, τ = 8 → 18.4 minutes.
 */
export function uptakeMinutes(
  shares: readonly BlendShare[],
  catalogue: Catalogue,
  { scalded = false, slower = 1 }: { readonly scalded?: boolean; readonly slower?: number } = {},
): number {
  const parts = shares.map(({ ingredient, share }) => {
    const { tau } = traitsOf(ingredient, catalogue);
    return {
      weight: share * thirstOf(catalogue, ingredient)[0],
      tau: slower * (scalded && tau >= COARSE_TAU ? SCALDED_TAU : tau),
    };
  });
  const total = parts.reduce((sum, { weight }) => sum + weight, 0);
  if (total <= 0) return 0;
  const met = (minutes: number) =>
    parts.reduce((sum, { weight, tau }) => sum + (weight / total) * (1 - Math.exp(-minutes / tau)), 0);
  let low = 0;
  let high = LONGEST;
  while (high - low > 0.05) {
    const middle = (low + high) / 2;
    if (met(middle) < MET) low = middle;
    else high = middle;
  }
  return high;
}

/** Cold through in a fridge, °C; and so firm that what was cut keeps its edge. Common practice. */
const CHILLED_CELSIUS = 8;
const FIRM_CELSIUS = 4;
const ML_PER_M3 = 1e6;

/** Minutes until a portion of dough is as cold as wanted, as a ball; what is rolled is a slab. */
function coldAfter(
  { lines, profile, portionMl }: RestAsk,
  place: PlaceId,
  to: number,
  catalogue: Catalogue,
): number | null {
  const material = makeMaterial(compositionOf(lines, catalogue), STANDARD_PRESSURE);
  const radius = ((3 * (portionMl ?? SPREAD.usualMl)) / ML_PER_M3 / (4 * Math.PI)) ** (1 / 3);
  const ball = profile.piece !== 'rolled' && profile.piece !== null;
  const body = {
    material,
    depth: profile.usualDepthCm / 100,
    rise: 1,
    porosityRaw: profile.porosityRaw,
    reach: ball ? ({ kind: 'sphere', from: 0, to: radius } as const) : null,
  };
  return toEnd(coolSection({ body, from: startCelsius('room'), place, to })).minutes;
}

/** The rest of a family, begun no sooner than the flours have drunk, and cut short where the leavening can't wait. */
export function restFor(ask: RestAsk, catalogue: Catalogue): Rest {
  const { shares, lines, profile, singleActing, scalded } = ask;
  const { sugars, water } = compositionOf(lines, catalogue);
  const slower = 1 + (SUGAR_SLOWS * sugars) / Math.max(sugars + water, 1e-9);
  const uptake = uptakeMinutes(shares, catalogue, { scalded, slower });
  const drops =
    drinkOf(lines, catalogue) > (singleActing ? CAN_T_WAIT_FROM : DROPS_FROM) * thirstGrams(lines, catalogue);
  const restCold = profile.restCold && !ask.pressed && !(profile.piece === 'spreads' && drops);
  const [low, high] = restCold === profile.restCold ? profile.rest : WARM_REST;
  const most = singleActing && !restCold ? Math.min(high, SINGLE_ACTING_MOST) : high;
  const wanted = Math.ceil(Math.max(low, uptake) / ROUND_TO) * ROUND_TO;
  const cold = restCold && profile.texture === 'dough';
  return {
    minutes: [Math.min(wanted, most), most],
    cold: restCold,
    uptake,
    chilled: cold ? coldAfter(ask, 'fridge', CHILLED_CELSIUS, catalogue) : null,
    frozen: cold ? coldAfter(ask, 'freezer', FIRM_CELSIUS, catalogue) : null,
  };
}
