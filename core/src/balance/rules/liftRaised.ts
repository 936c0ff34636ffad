import { familyOf } from '../../family';
import { liftLedger, massOf } from '../../formula';
import { altitudeAt } from '../altitude';
import { flourGrams } from '../flour';
import type { TargetRule } from '../types';

const WEIGHT = 2;
const TOLERANCE = 0.03;
/** mmol CO₂ for 100 g of flour: a teaspoon of powder for a cup, and a half. Common practice. */
const MOST_UNDER_NUTS = 16;

export const lift: TargetRule = {
  id: 'lift',
  balance: 'lift',
  reason:
    'A crumb without gluten is heavier and holds gas less well: up to a quarter more lift, never over the family’s most.',
  source: 'common practice',
  confidence: 'common-practice',
  target(part, { profile, bands, catalogue, request, family, route }) {
    if (part.replaced === 0) return [];
    const was = liftLedger(part.original, catalogue).released;
    const most = (bands.lift[1] * massOf(part.lines)) / 100;
    // The family's most holds back what is added, and takes nothing away: the recipe rose with what it had.
    // What is led by nuts is as light with less: there its own most holds for all of it.
    const raised = Math.min(was * (1 + profile.moreLift), most);
    const bearable = (MOST_UNDER_NUTS * flourGrams(part.lines, catalogue)) / 100;
    const below =
      familyOf(family).bandsBy[route] === undefined ? Math.max(raised, was) : Math.min(raised, bearable);
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
