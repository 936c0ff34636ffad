import { flourGrams, judgePart, type Finding } from '../balance';
import { thirstGrams } from '../formula';
import { judgeLine } from '../guard';
import type { ConversionRequest, Kitchen } from '../kitchen';
import { settle } from '../quantity';
import { ingredientLines, type Recipe } from '../read';
import { reasonWords } from '../words';
import { ovenFinding } from './ovenFinding';
import { familyOfPart, onlyThickens } from './partFamily';
import { workOf, type Work } from './plan';
import type { Judgement } from './types';

/**
 * Whether a recipe's balances stand in the bands of its family, and what would be likely to go wrong. It changes nothing, and
 * says nothing of what is inside the bands.
 */
export const judge = (recipe: Recipe, request: ConversionRequest, kitchen: Kitchen): Judgement =>
  judgeWork(workOf(recipe, request, kitchen));

/** What holds gluten comes before all else, flour or not: the guard's own word, line by line. */
const glutenIn = ({ recipe, catalogue }: Work): Finding[] =>
  ingredientLines(recipe).flatMap((line) => {
    const { gluten, reason } = judgeLine(line, catalogue);
    if (gluten !== 'contains') return [];
    const why = reasonWords(reason) || 'wheat, or another cereal with gluten';
    return [
      {
        id: 'holds-gluten',
        because: { code: 'holds-gluten', values: { line: line.source.trim(), why } },
        likelihood: 1,
      },
    ];
  });

export function judgeWork(work: Work): Judgement {
  const { parts, catalogue, family } = work;
  const drinks = parts.filter((part) => thirstGrams(part.lines, catalogue) > 0 && !onlyThickens(part, work));
  const judged = drinks.map((part) => {
    const own = familyOfPart(part, family, work);
    return { name: part.name, lines: part.lines, family: own, ...judgePart(part.lines, own, catalogue) };
  });
  const [main] = [...judged].sort((a, b) => flourGrams(b.lines, catalogue) - flourGrams(a.lines, catalogue));
  const oven = main && ovenFinding(main.family, work);
  const ofMain = [...(oven ? [oven] : []), ...(main?.findings ?? [])].sort(
    (a, b) => b.likelihood - a.likelihood,
  );
  return {
    family,
    parts: judged.map(({ name, family: own, route, balances }) => ({
      name,
      family: own,
      route,
      balances: balances.map(({ id, value, band, verdict }) => ({
        id,
        value: settle(value),
        band: [settle(band[0]), settle(band[1])] as const,
        verdict,
      })),
    })),
    findings: [...glutenIn(work), ...ofMain].map((one) => ({
      ...one,
      likelihood: settle(one.likelihood),
    })),
  };
}
