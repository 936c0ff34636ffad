import { liftLedger, massOf } from '../../formula';
import type { TargetRule } from '../types';

const WEIGHT = 2;
const TOLERANCE = 0.03;

export const lift: TargetRule = {
  id: 'lift',
  reason:
    'A crumb without gluten is heavier and holds gas less well: up to a quarter more lift, never over the family’s most.',
  source: 'common practice',
  confidence: 'common-practice',
  target(part, { profile, bands, catalogue }) {
    if (part.replaced === 0) return [];
    const was = liftLedger(part.original, catalogue).released;
    const most = (bands.lift[1] * massOf(part.lines)) / 100;
    const wanted = Math.max(Math.min(was * (1 + profile.moreLift), most), Math.min(was, most));
    return [
      {
        quantity: 'lift',
        low: wanted * (1 - TOLERANCE),
        high: wanted * (1 + TOLERANCE),
        weight: WEIGHT,
        rule: 'lift',
        because: lift.reason,
      },
    ];
  },
};
