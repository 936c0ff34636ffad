import { drinkOf, thirstGrams } from '../../formula';
import { altitudeAt } from '../altitude';
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
  const drink = drinkOf(part.original, catalogue);
  const thirsty = thirstGrams(part.lines, catalogue);
  const flour = flourGrams(part.lines, catalogue);
  const followed = (thirsty - thirst) * Math.min(1, drink / thirst) ** 2 + (profile.moreDrink * flour) / 100;
  const cap = (MOST_ADDED[profile.texture] * flour) / 100;
  // A dough that gas must stretch without gluten is made wet from the start: no cap holds that back.
  const least = profile.leastDrink === null ? -Infinity : profile.leastDrink * thirsty - drink;
  const now = Math.max(Math.min(followed, cap), least);
  return { now, bySpoon: Math.max(0, followed - now) };
}

/** g of water more that a batter wants on a mountain, where it boils away sooner. */
function thinAir({ original }: PartState, { request, profile, catalogue }: Setting): number {
  if (profile.texture === 'dough') return 0;
  const liquids = original.filter(({ role }) => role === 'liquid');
  return altitudeAt(request.altitudeMetres).liquid * drinkOf(liquids, catalogue);
}

export const water: TargetRule = {
  id: 'water',
  balance: 'drinkThirst',
  reason: 'Flours without gluten drink more: the liquid follows their thirst.',
  source: 'common practice, from water-holding of the flours',
  confidence: 'common-practice',
  target(part, setting) {
    if (part.replaced === 0) return [];
    const { bands, catalogue } = setting;
    const asked = drinkOf(part.original, catalogue) + waterShift(part, setting).now;
    const wanted = asked * setting.request.tilt.drink + thinAir(part, setting);
    // The band's upper edge holds drink down; its lower edge only warns, since dry doughs are meant to be dry.
    const most = bands.drinkThirst[1] * thirstGrams(part.lines, catalogue);
    // What a person asks for beyond it is theirs to ask.
    const drink = setting.request.tilt.drink > 1 ? wanted : Math.min(wanted, most);
    return [
      {
        quantity: 'drink',
        low: drink,
        high: drink,
        weight: WEIGHT,
        rule: 'water',
        because: null,
      },
    ];
  },
};
