import { traitsOf, type BlendShare } from '../blend';
import { thirstOf, type Catalogue } from '../catalogue';
import type { Profile } from '../family';

export interface Rest {
  readonly minutes: readonly [low: number, high: number];
  readonly cold: boolean;
  /** Minutes in which the blend has met nine tenths of its thirst, at room temperature. */
  readonly uptake: number;
}

const MET = 0.9;
const LONGEST = 240;
const ROUND_TO = 5;
/** A batter whose only gas comes from soda and acid at the bowl loses it while it stands. Common practice. */
const SINGLE_ACTING_MOST = 20;

/**
 * Minutes until a blend has met 90 % of its thirst: Σ wᵢ·(1 − exp(−t/τᵢ)) = 0.9 with wᵢ the flour's part of the thirst.
 * Example: fine rice alone, τ = 8 → 18.4 minutes.
 */
export function uptakeMinutes(shares: readonly BlendShare[], catalogue: Catalogue): number {
  const parts = shares.map(({ ingredient, share }) => ({
    weight: share * thirstOf(catalogue, ingredient)[0],
    tau: traitsOf(ingredient, catalogue).tau,
  }));
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

/** The rest of a family, begun no sooner than the flours have drunk, and cut short where the leavening can't wait. */
export function restFor(
  shares: readonly BlendShare[],
  profile: Profile,
  singleActing: boolean,
  catalogue: Catalogue,
): Rest {
  const uptake = uptakeMinutes(shares, catalogue);
  const [low, high] = profile.rest;
  const most = singleActing && !profile.restCold ? Math.min(high, SINGLE_ACTING_MOST) : high;
  const wanted = Math.ceil(Math.max(low, uptake) / ROUND_TO) * ROUND_TO;
  return { minutes: [Math.min(wanted, most), most], cold: profile.restCold, uptake };
}
