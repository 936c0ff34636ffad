import { linesLeading, linesThat, massOf } from '../../formula';
import type { RouteId } from '../../vocabulary';
import { BROUGHT_IN } from '../data/broughtIn';
import { flourGrams } from '../flour';
import { withMore } from '../lines';
import type { Because } from '../says';
import type { PartState, Setting, SwapRule } from '../types';
import { before, weightsOf } from '../weight';

const LARGE_EGG = 50;
/** What the eggs of a recipe weigh each, about: its country sells them by other sizes. */
const MEAN_EGG = 54;

/** A part with so much more egg, g, and the shift that says so. */
function withEgg(
  part: PartState,
  grams: number,
  rule: SwapRule,
  because: Because,
  { catalogue }: Setting,
): PartState {
  const { lines, was, now } = withMore(part, BROUGHT_IN.egg, grams, catalogue);
  const shift = {
    id: `${rule.id}:${now.line}`,
    rule: rule.id,
    line: now.line,
    from: before(was),
    to: weightsOf(now),
    because,
    source: rule.source,
    confidence: rule.confidence,
  };
  return { ...part, lines, shifts: [...part.shifts, shift] };
}

/** One large egg sets so much coconut flour, g. Common practice: 15 to 20. */
const COCONUT_PER_EGG = 17.5;
/** Less missing than this isn't worth another egg. */
const NOTICED = 10;

/** By the coconut route little flour is left: egg makes up for the solids and the structure that went with the wheat. */
export const coconutEgg: SwapRule = {
  id: 'coconut-egg',
  balance: null,
  reason: 'Coconut flour replaces a fifth of the wheat’s weight: egg restores the solids and the structure.',
  source: 'common practice: one large egg for 15 to 20 g of coconut flour',
  confidence: 'common-practice',
  swap(part, setting) {
    const { route, catalogue } = setting;
    if (route !== 'coconut-led' || part.replaced === 0) return part;
    const coconut = massOf(linesLeading(route, part.lines, catalogue));
    const eggs = massOf(linesThat('whole egg', part.lines, catalogue));
    const missing = (coconut / COCONUT_PER_EGG) * LARGE_EGG - eggs;
    if (missing < NOTICED) return part;
    return withEgg(part, missing, coconutEgg, { code: 'coconut-egg', values: {} }, setting);
  },
};

/** What is led by these has next to no starch of its own that would set. */
const NUTTY: ReadonlySet<RouteId> = new Set<RouteId>(['almond-led', 'tiger-nut-led']);
/** One egg more for so much flour, g; and up to so much of the family's usual. Common practice. */
const FLOUR_PER_EGG = 250;
const MOST_OF_USUAL = 1.35;

/** A batter that is led by nuts stands on its eggs: one more than with wheat, where there is room for it. */
export const nutEgg: SwapRule = {
  id: 'nut-egg',
  balance: null,
  reason: 'Ground nuts have next to no starch that sets: a batter of them stands on its eggs.',
  source: 'common practice: almond flour one for one with more egg, an egg for about 250 g',
  confidence: 'common-practice',
  swap(part, setting) {
    const { route, request, profile, eggJob, catalogue } = setting;
    const eggs = massOf(linesThat('whole egg', part.original, catalogue));
    const bound = request.school === 'egg-led' || request.without.includes('egg');
    if (!NUTTY.has(route) || bound || eggJob !== 'lifts' || part.replaced === 0 || eggs === 0) return part;
    const flour = flourGrams(part.lines, catalogue);
    const each = eggs / Math.max(1, Math.round(eggs / MEAN_EGG));
    const more = each * Math.max(1, Math.round(flour / FLOUR_PER_EGG));
    if (eggs + more > (MOST_OF_USUAL * profile.usualEgg * flour) / 100) return part;
    return withEgg(part, more, nutEgg, { code: 'nut-egg', values: {} }, setting);
  },
};
