import { bandsOf } from '../../family';
import { drinkOf, thirstGrams } from '../../formula';
import { flourGrams } from '../flour';
import type { PartState, Setting, TargetRule } from '../types';

/** The most liquid that is added before the rest, g per 100 g flour. Common practice. */
const MOST_ADDED = { batter: 20, dough: 10 } as const;
const WEIGHT = 6;

export interface WaterShift {
  /** g to add before the rest (or take out, below 0). */
  readonly now: number;
  /** g that may follow by the spoon after the rest. */
  readonly bySpoon: number;
}

/**
 * The shift in liquid: Δ = (thirst′ − thirst) · min(1, R)², with R the wheat part's drink over thirst, so that a dry dough
 * isn't flooded; capped before the rest. Common practice. Example: a cake with R > 1 whose flour grows thirstier by 30 g
 * takes 30 g more, as far as 20 g per 100 g flour.
 */
export function waterShift(part: PartState, { profile, catalogue }: Setting): WaterShift {
  const thirst = thirstGrams(part.original, catalogue);
  if (thirst <= 0) return { now: 0, bySpoon: 0 };
  const ratio = drinkOf(part.original, catalogue) / thirst;
  const wanted = (thirstGrams(part.lines, catalogue) - thirst) * Math.min(1, ratio) ** 2;
  const cap = (MOST_ADDED[profile.texture] * flourGrams(part.lines, catalogue)) / 100;
  const now = Math.min(wanted, cap);
  return { now, bySpoon: wanted - now };
}

export const water: TargetRule = {
  id: 'water',
  reason: 'Flours without gluten drink more: the liquid follows their thirst.',
  source: 'common practice, from water-holding of the flours',
  confidence: 'common-practice',
  target(part, setting) {
    if (part.replaced === 0) return [];
    const { family, route, catalogue } = setting;
    const wanted = drinkOf(part.original, catalogue) + waterShift(part, setting).now;
    // The band's upper edge holds drink down; its lower edge only warns, since dry doughs are meant to be dry.
    const most = bandsOf(family, route).drinkThirst[1] * thirstGrams(part.lines, catalogue);
    const drink = Math.min(wanted, most);
    return [
      { quantity: 'drink', low: drink, high: drink, weight: WEIGHT, rule: 'water', because: water.reason },
    ];
  },
};
