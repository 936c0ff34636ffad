import { liftLedger, massOf } from '../../formula';
import { altitudeAt } from '../altitude';
import type { TargetRule } from '../types';

const WEIGHT = 2;
const TOLERANCE = 0.03;

export const lift: TargetRule = {
  id: 'lift',
  balance: 'lift',
  reason:
    'A crumb without gluten is heavier and holds gas less well: up to a quarter more lift, never over the family’s most.',
  source: 'common practice',
  confidence: 'common-practice',
  target(part, { profile, bands, catalogue, request }) {
    if (part.replaced === 0) return [];
    const was = liftLedger(part.original, catalogue).released;
    const most = (bands.lift[1] * massOf(part.lines)) / 100;
    // The family's most holds back what is added, and takes nothing away: the recipe rose with what it had.
    const below = Math.max(Math.min(was * (1 + profile.moreLift), most), was);
    // Gas grows larger in thin air.
    const wanted = below * (1 - altitudeAt(request.altitudeMetres).powder);
    return [
      {
        quantity: 'lift',
        low: wanted * (1 - TOLERANCE),
        high: wanted * (1 + TOLERANCE),
        weight: WEIGHT,
        rule: 'lift',
        because: { code: 'lift-raised', values: {} },
      },
    ];
  },
};
