import { thirstOf, type Catalogue } from '../../catalogue';
import { familyOf } from '../../family';
import { drinkOf, thirstGrams, type FormulaLine } from '../../formula';
import { isOfBlend } from '../../read';
import { altitudeAt } from '../altitude';
import { USUAL_WHEAT } from '../data/broughtIn';
import { flourGrams } from '../flour';
import { isThin } from '../lines';
import type { PartState, Setting, TargetRule } from '../types';

const WEIGHT = 6;
/** Of the family's range half is added to a usual batter; a blend that drinks a tenth more moves that by a fifth of it. */
const USUAL = 0.5;
const BY_THIRST = 2;
/** A wheat batter that is stiffer or wetter than its family's counts for so much at most. */
const STIFFNESS: readonly [least: number, most: number] = [0.5, 1.3];
/** Less is nothing that a cook would add, g. */
const NOTHING = 5;

export interface WaterShift {
  /** g to add at the bowl. */
  readonly now: number;
  /** g that may follow by the spoon after the rest. */
  readonly bySpoon: number;
}

/** The liquid of a part that may take more: the one that is thin enough. */
export const hasLiquid = (lines: readonly FormulaLine[], catalogue: Catalogue): boolean =>
  lines.some((line) => isThin(line, catalogue));

/** How much thirstier the new flours are than the blend that the family is usually made of. */
function thirstBeside(part: PartState, { family, catalogue }: Setting): number {
  const flours = part.lines.filter(({ line }) => isOfBlend(line));
  const grams = flours.reduce((sum, line) => sum + line.grams, 0);
  const usual = Object.entries(familyOf(family).blends['grain-blend'] ?? {});
  if (grams === 0 || usual.length === 0) return 1;
  const own = thirstGrams(flours, catalogue) / grams;
  const theirs = usual.reduce((sum, [id, percent]) => sum + (percent / 100) * thirstOf(catalogue, id)[0], 0);
  return own / theirs;
}

/** How wet the wheat batter was beside its family's. */
function wetBeside({ original }: PartState, { profile, family, catalogue }: Setting): number {
  const [water] = familyOf(family).ratios;
  const usual = water / (100 * thirstOf(catalogue, USUAL_WHEAT)[0]);
  const own = drinkOf(original, catalogue) / Math.max(1, thirstGrams(original, catalogue));
  const [least, most] = STIFFNESS;
  return profile.foam || usual === 0 ? 1 : Math.min(most, Math.max(least, own / usual));
}

/**
 * The shift in liquid: the family's usual share, placed in its range by how thirsty the blend is and how wet the wheat batter was.
 * What the flours' thirst says beyond that (Δthirst · min(1, R)², R the wheat part's drink over thirst) follows by the spoon after
 * the rest, at most as much again. Common practice. Example: a usual cake on 200 g of its usual blend takes 13 g.
 */
export function waterShift(part: PartState, setting: Setting): WaterShift {
  const { profile, catalogue } = setting;
  const thirst = thirstGrams(part.original, catalogue);
  if (thirst <= 0) return { now: 0, bySpoon: 0 };
  const [low, high] = profile.liquid;
  const place = USUAL * wetBeside(part, setting) + BY_THIRST * (thirstBeside(part, setting) - 1);
  const flour = flourGrams(part.lines, catalogue);
  const usual = ((low + (high - low) * Math.min(1, Math.max(0, place))) * flour) / 100;
  const wanted = usual < NOTHING ? 0 : usual;
  const followed =
    (thirstGrams(part.lines, catalogue) - thirst) *
    Math.min(1, drinkOf(part.original, catalogue) / thirst) ** 2;
  // Where nothing thin is in the bowl, all of it follows by the spoon.
  const now = hasLiquid(part.lines, catalogue) ? wanted : 0;
  return { now, bySpoon: Math.min(Math.max(0, followed - now), Math.max(now, wanted)) };
}

/** g of water more that a batter wants on a mountain, where it boils away sooner. */
function thinAir({ original }: PartState, { request, profile, catalogue }: Setting): number {
  if (profile.texture === 'dough') return 0;
  const liquids = original.filter(({ role }) => role === 'liquid');
  return altitudeAt(request.altitudeMetres).liquid * drinkOf(liquids, catalogue);
}

/** g of drink up to which a way with a band of its own is given more: what is led by nuts is wet with less. What is there stays. */
function mostAdded(part: PartState, { family, route, bands, catalogue }: Setting): number {
  if (familyOf(family).bandsBy[route] === undefined) return Infinity;
  return Math.max(drinkOf(part.lines, catalogue), bands.drinkThirst[1] * thirstGrams(part.lines, catalogue));
}

export const water: TargetRule = {
  id: 'water',
  balance: 'drinkThirst',
  reason:
    'Flours without gluten drink more: a little liquid at the bowl, the rest by the spoon once they have drunk.',
  source: 'common practice by family; water-holding of the flours',
  confidence: 'common-practice',
  target(part, setting) {
    if (part.replaced === 0) return [];
    const { catalogue, request } = setting;
    const asked = request.tilt.drink !== 1;
    if (!asked && !hasLiquid(part.lines, catalogue)) return [];
    const bowl = Math.min(
      drinkOf(part.original, catalogue) + waterShift(part, setting).now,
      mostAdded(part, setting),
    );
    // The band warns and takes nothing away, at either edge.
    const drink = bowl * request.tilt.drink + thinAir(part, setting);
    return [{ quantity: 'drink', low: drink, high: drink, weight: WEIGHT, rule: 'water', because: null }];
  },
};
