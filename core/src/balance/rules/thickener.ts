import { doesIt, getIngredient, unfold } from '../../catalogue';
import { linesThat, massOf } from '../../formula';
import { STARCH_FOR } from '../data/broughtIn';
import { flourGrams, wheatGrams, wheatLines } from '../flour';
import { inPlaceOf } from '../lines';
import type { PartState, Setting, Shift, SwapRule } from '../types';
import { weightsOf } from '../weight';

/** Up to this share of a part, flour thickens; above it, it builds. */
const MOST_SHARE = 0.12;
const MOST_GRAMS = 45;
/** Pure starch thickens as twice its weight of wheat flour. Common practice. */
const STARCH_FOR_FLOUR = 0.5;

function starchFor({ request, catalogue }: Setting): string {
  const barred = (id: string) =>
    request.withoutFlours.includes(id) ||
    getIngredient(catalogue, id).allergens.some((one) => request.without.includes(one));
  const { thickens } = STARCH_FOR[request.diet];
  return thickens.find((id) => !barred(id)) ?? thickens[thickens.length - 1]!;
}

/** What is raised is built of its flour, however little of it there is: a mug's cake. */
const isRaised = ({ lines }: PartState, { catalogue }: Setting): boolean =>
  linesThat('powder', lines, catalogue).length > 0 ||
  lines.some(({ ingredient }) =>
    unfold(catalogue, ingredient).some((one) => doesIt(getIngredient(catalogue, one.ingredient), 'powder')),
  );

export const thickener: SwapRule = {
  id: 'thickener',
  balance: null,
  reason: 'A spoon of flour in a filling or custard thickens: half as much pure starch does the same.',
  source: 'common practice: 1 tbsp starch thickens as 2 tbsp wheat flour',
  confidence: 'common-practice',
  swap(part, setting) {
    const grams = wheatGrams(part.lines, setting.catalogue);
    // In a foam the little flour there is holds the whites up; beside ground nuts it builds with them.
    const all = flourGrams(part.lines, setting.catalogue);
    const little =
      !setting.profile.foam &&
      !isRaised(part, setting) &&
      all <= MOST_GRAMS &&
      all <= MOST_SHARE * massOf(part.lines);
    if (grams === 0 || !(little || setting.thickens)) return part;
    const wheat = wheatLines(part.lines, setting.catalogue);
    const ingredient = starchFor(setting);
    const lines = part.lines.map((line) =>
      wheat.includes(line) ? inPlaceOf(line, ingredient, STARCH_FOR_FLOUR, setting.catalogue) : line,
    );
    const shifts = wheat.map((line): Shift => ({
      id: `thickener:${line.line}`,
      rule: 'thickener',
      line: line.line,
      from: weightsOf(line),
      to: weightsOf(inPlaceOf(line, ingredient, STARCH_FOR_FLOUR, setting.catalogue)),
      because: { code: 'thickens', values: {} },
      source: thickener.source,
      confidence: thickener.confidence,
    }));
    return { ...part, lines, shifts: [...part.shifts, ...shifts] };
  },
};
