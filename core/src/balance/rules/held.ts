import { compositionOf, massOf, type FormulaLine } from '../../formula';
import { altitudeAt } from '../altitude';
import type { TargetRule } from '../types';

/** Total fat and total sugar of a part may move by this share before they are put right. */
const HELD_WITHIN = 0.05;
/** In a part with next to none of it, half a per cent of the part's weight is not worth a change. */
const OF_WEIGHT = 0.005;
/** What is moved comes this far inside the band, so that the solver's precision doesn't leave it outside. */
const INSIDE = 0.98;
const WEIGHT = 3;

/** How far, in grams, a part's fat or sugar may stand from what it was. */
export const heldSlack = (was: number, original: readonly FormulaLine[]): number =>
  Math.max(HELD_WITHIN * was, OF_WEIGHT * massOf(original));

const held = (quantity: 'fat' | 'sugar', reason: string): TargetRule => ({
  id: `${quantity}-held`,
  balance: quantity,
  reason,
  source: 'common practice: within 5 %',
  confidence: 'common-practice',
  target(part, { catalogue, request, profile }) {
    // A sweetener that was chosen brings its own weight of sugars: sweetness is what it holds.
    if (quantity === 'sugar' && request.sweetener !== null) return [];
    const { fat, sugars } = compositionOf(part.original, catalogue);
    const thin =
      quantity === 'sugar' && profile.texture === 'batter' ? altitudeAt(request.altitudeMetres).sugar : 0;
    const was = (quantity === 'fat' ? fat : sugars) * request.tilt[quantity] * (1 - thin);
    // What the swaps left within the band stays where it is; what they moved out comes back to the band's edge.
    const slack = INSIDE * heldSlack(was, part.original);
    return [
      {
        quantity,
        low: Math.max(0, was - slack),
        high: was + slack,
        weight: WEIGHT,
        rule: `${quantity}-held`,
        because: { code: `${quantity}-held`, values: {} },
      },
    ];
  },
});

export const fatHeld = held(
  'fat',
  'The new flours bring fat of their own: the butter makes room, but keeps its flavour.',
);
export const sugarHeld = held('sugar', 'Sugar is part of the structure: it stays as it was.');
