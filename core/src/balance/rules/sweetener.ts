import { getIngredient, type Catalogue } from '../../catalogue';
import { liftLedger, linesThat, sodaMmol, type FormulaLine } from '../../formula';
import { SWEETENERS } from '../data/sweeteners';
import { heaviest, inPlaceOf, withMore } from '../lines';
import { isSweet } from '../sweetening';
import type { PartState, SwapRule } from '../types';
import { weightsOf } from '../weight';

/** Less acid than this, mmol, isn't worth a pinch. */
const WORTH_IT = 4;

/**
 * The acid that a sweetener brings is met with soda, where soda raises the part: else it would take the lift's. Soda that was
 * left over before meets it first: more of it would taste of soap.
 */
function metWithSoda(part: PartState, acid: number, catalogue: Catalogue): readonly FormulaLine[] {
  const [soda] = linesThat('soda', part.lines, catalogue);
  const unmet = acid - liftLedger(part.lines, catalogue).sodaOver;
  return soda && unmet >= WORTH_IT
    ? withMore(part, soda.ingredient, unmet / sodaMmol(1), catalogue).lines
    : part.lines;
}

/** The main sugar gives way to what was asked for, as sweet as it was; its water is taken out of the liquid by the balances. */
export const sweetener: SwapRule = {
  id: 'sweetener',
  balance: 'sugar',
  reason: 'As sweet as before: its water comes out of the liquid, its acid is met with soda.',
  source: SWEETENERS.source,
  confidence: SWEETENERS.confidence,
  swap(part: PartState, { request, catalogue }) {
    const to = request.sweetener === null ? undefined : SWEETENERS.rows[request.sweetener];
    const main = heaviest(part.lines.filter(isSweet));
    if (!to || request.sweetener === null || !main || main.ingredient === request.sweetener) return part;
    const was = SWEETENERS.rows[main.ingredient]?.sweetness ?? 1;
    const now = inPlaceOf(main, request.sweetener, was / to.sweetness, catalogue);
    const brought = (now.grams * getIngredient(catalogue, request.sweetener).acid) / 100;
    const lines = part.lines.map((line) => (line === main ? now : line));
    return {
      ...part,
      lines: metWithSoda({ ...part, lines }, brought, catalogue),
      shifts: [
        ...part.shifts,
        {
          id: `sweetener:${main.line}`,
          rule: 'sweetener',
          line: main.line,
          from: weightsOf(main),
          to: weightsOf(now),
          because: {
            code: 'as-sweet',
            values: {
              sweetness: to.sweetness,
              reducing: to.reducing,
              acid: brought >= WORTH_IT ? Math.round(brought) : null,
            },
          },
          source: SWEETENERS.source,
          confidence: SWEETENERS.confidence,
        },
      ],
    };
  },
};
