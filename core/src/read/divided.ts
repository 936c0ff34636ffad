import type { Range } from '../quantity';
import { readAmount } from './amount';
import { cleanLine } from './clean';
import { weigh, type Scales } from './grams';
import { tokensOf } from './names';
import { numbersFromWords } from './numberWords';
import type { Line, Step, Use } from './types';

const DIVIDED = /\bdivided\b|\bin two (?:goes|batches|parts)\b|\bused separately\b/i;
const REST = /\b(?:remaining|rest of(?: the)?|other|leftover|reserved)\s+$/i;
const FRACTION = /\b(half|a third|one third|two thirds|a quarter|three quarters|all)(?: of)?(?: the)?\s+$/i;
const FRACTIONS: Readonly<Record<string, number>> = {
  half: 0.5,
  'a third': 1 / 3,
  'one third': 1 / 3,
  'two thirds': 2 / 3,
  'a quarter': 0.25,
  'three quarters': 0.75,
  all: 1,
};
/** How far before a name its amount may stand, characters. */
const REACH = 40;
const AMOUNT = /(\d[\d./ ]*\s*[a-z]+\.?)(?: of)?(?: the)?\s+$/i;

function gramsOf(before: string, line: Line, whole: Range, scales: Scales): Range | null {
  const share = FRACTIONS[FRACTION.exec(before)?.[1]?.toLowerCase() ?? ''];
  if (share !== undefined)
    return { central: whole.central * share, low: whole.low * share, high: whole.high * share };
  const said = AMOUNT.exec(numbersFromWords(before))?.[1] ?? AMOUNT.exec(before)?.[1];
  const id = line.items[0]?.ingredient;
  if (!said || !id) return null;
  const { quantity, unit } = readAmount(said);
  return quantity ? (weigh(quantity, unit, id, line.source, scales)?.grams ?? null) : null;
}

/**
 * Ties a line that is "divided" to the steps that use its parts. A step that takes what remains gets what the steps with
 * an amount have left. A line that isn't divided has no uses.
 */
export function usesOf(line: Line, steps: readonly Step[], scales: Scales): Use[] {
  const item = line.items[0];
  if (!item?.ingredient || !item.grams || !DIVIDED.test(line.source)) return [];
  const whole = item.grams;
  const noun = tokensOf(item.name).at(-1)!;
  const shortest =
    tokensOf(item.words)
      .filter((token) => tokensOf(item.name).includes(token))
      .at(-1) ?? noun;
  const found = steps.flatMap((step) => {
    const text = cleanLine(step.source);
    return [...text.matchAll(new RegExp(`\\b${shortest}s?\\b`, 'gi'))].map((match) => {
      const before = text.slice(Math.max(0, match.index - REACH), match.index);
      return { step: step.id, rest: REST.test(before), grams: gramsOf(before, line, whole, scales) };
    });
  });
  const measured = found.filter(({ grams, rest }) => grams && !rest);
  const used = measured.reduce((sum, { grams }) => sum + grams!.central, 0);
  const left = Math.max(0, whole.central - used) / whole.central;
  const rest: Range = { central: whole.central * left, low: whole.low * left, high: whole.high * left };
  return found
    .filter(({ grams, rest: remaining }) => grams ?? remaining)
    .map(({ step, grams, rest: remaining }) => ({ step, grams: remaining ? rest : grams!, rest: remaining }));
}
