import { getIngredient } from '../../catalogue';
import { sodaMmol, type FormulaLine } from '../../formula';
import { SWEETENERS } from '../data/sweeteners';
import type { PartState, SwapRule } from '../types';
import { lineWords } from '../words';

const SUGARS = (line: FormulaLine) => line.role === 'sugar' || line.role === 'syrup';
/** Less acid than this, mmol, isn't worth a pinch. */
const WORTH_IT = 4;

/** The acid that a sweetener brings is met with soda, where powder or soda raises the part: else it would take the lift's soda. */
function metWithSoda(lines: readonly FormulaLine[], acid: number): readonly FormulaLine[] {
  const soda = lines.find(({ ingredient }) => ingredient === 'baking-soda');
  if (!soda || acid < WORTH_IT) return lines;
  const more = acid / sodaMmol(1);
  return lines.map((line) =>
    line === soda
      ? { ...line, grams: line.grams + more, low: line.low + more, high: line.high + more }
      : line,
  );
}

/** The main sugar gives way to what was asked for, as sweet as it was; its water is taken out of the liquid by the balances. */
export const sweetener: SwapRule = {
  id: 'sweetener',
  reason: 'As sweet as before: its water comes out of the liquid, its acid is met with soda.',
  source: SWEETENERS.source,
  confidence: SWEETENERS.confidence,
  swap(part: PartState, { request, catalogue }) {
    const to = request.sweetener === null ? undefined : SWEETENERS.rows[request.sweetener];
    const main = [...part.lines.filter(SUGARS)].sort((a, b) => b.grams - a.grams)[0];
    if (!to || request.sweetener === null || !main || main.ingredient === request.sweetener) return part;
    const was = SWEETENERS.rows[main.ingredient]?.sweetness ?? 1;
    const ratio = was / to.sweetness;
    const { name, role, acid } = getIngredient(catalogue, request.sweetener);
    const now = {
      ...main,
      ingredient: request.sweetener,
      name,
      role,
      grams: main.grams * ratio,
      low: main.low * ratio,
      high: main.high * ratio,
    };
    const brought = (now.grams * acid) / 100;
    const lines = part.lines.map((line) => (line === main ? now : line));
    return {
      ...part,
      lines: metWithSoda(lines, brought),
      shifts: [
        ...part.shifts,
        {
          id: `sweetener:${main.line}`,
          rule: 'sweetener',
          line: main.line,
          from: lineWords(main),
          to: lineWords(now),
          because: `as sweet as before (${to.sweetness} beside sugar’s 1)${to.reducing ? '; it browns early, so the oven goes down' : ''}${brought >= WORTH_IT ? `; it brings ${brought.toFixed(0)} mmol of acid` : ''}`,
          source: SWEETENERS.source,
          confidence: SWEETENERS.confidence,
        },
      ],
    };
  },
};
