import { compositionOf } from '../../formula';
import { ledgerOf } from '../ledger';
import type { TargetRule } from '../types';

/** Total fat and total sugar of a part may move by this share before they are put right. */
export const HELD_WITHIN = 0.05;
const WEIGHT = 3;

const held = (quantity: 'fat' | 'sugar', reason: string): TargetRule => ({
  id: `${quantity}-held`,
  reason,
  source: 'common practice: within 5 %',
  confidence: 'common-practice',
  target(part, { catalogue }) {
    const { fat, sugars } = compositionOf(part.original, catalogue);
    const was = quantity === 'fat' ? fat : sugars;
    // What the swaps left within the band stays where it is; what they moved out comes back to the band's edge.
    const now = ledgerOf(part.lines, catalogue)[quantity];
    const held = Math.min(was * (1 + HELD_WITHIN), Math.max(was * (1 - HELD_WITHIN), now));
    return [{ quantity, low: held, high: held, weight: WEIGHT, rule: `${quantity}-held`, because: reason }];
  },
});

export const fatHeld = held(
  'fat',
  'The new flours bring fat of their own: the butter makes room, but keeps its flavour.',
);
export const sugarHeld = held('sugar', 'Sugar is part of the structure: it stays as it was.');
