import { getIngredient, type Catalogue } from '../../catalogue';
import { readAmount } from '../amount';
import { cleanLine, MAX_LINE } from '../clean';
import { matchIngredient } from '../match';
import { numbersFromWords } from '../numberWords';
import { UNIT, type Seen } from './alone';

const AMOUNT_FIRST = new RegExp(
  `^(?:(?:about|approx\\.?|ca\\.?|circa|scant|heaped|heaping|rounded|level|generous|good|full)\\s+)*(?:\\d|an? (?=${UNIT}\\b|pinch|little|few|good)|one\\b|two\\b|three\\b|four\\b|five\\b|six\\b|half\\b|quarter\\b|pinch|dash|handful|knob|splash|juice|zest|some\\b|a little)`,
  'i',
);
const UNIT_FIRST = new RegExp(`^[\\d./ x×,½¼¾-]+\\s*${UNIT}(?![\\p{L}])`, 'iu');
const UNIT_WITHIN = new RegExp(`\\d\\s*${UNIT}(?![\\p{L}])`, 'iu');
const UNIT_LAST = new RegExp(`\\d\\s*${UNIT}\\.?\\s*(?:\\([^)]*\\))?$`, 'iu');

const amountWords = (clean: string) => readAmount(numbersFromWords(clean.slice(0, 80)));

/** What a catalogue and the quantity parser say of a line. */
export function saidOfFood(line: Seen, catalogue: Catalogue): string[] {
  const { clean, words } = line;
  const out: string[] = [];
  if (AMOUNT_FIRST.test(clean)) out.push('amount first');
  if (UNIT_FIRST.test(clean)) out.push('unit first');
  else if (UNIT_WITHIN.test(clean)) out.push('unit within');
  if (UNIT_LAST.test(clean) && !UNIT_FIRST.test(clean)) out.push('amount last');
  if (/\d$/.test(clean)) out.push('number last');
  if (!/\d/.test(clean)) out.push('no digit');
  if ((clean.match(new RegExp(UNIT_WITHIN, 'giu')) ?? []).length > 2) out.push('many amounts');
  if (clean.length > MAX_LINE) return out;
  const said = amountWords(clean);
  const name = (said.words || clean)
    .replace(/\(.*?\)/g, ' ')
    .split(/,/)[0]!
    .replace(/\s[\d/.½¼¾ ]+\s*(?:g|gr|kg|ml|dl|l|oz|lb|cups?|tbsp|tsp)?\.?\s*$/i, '')
    .trim();
  if (name !== '' && words < 22) {
    const match = matchIngredient(name, catalogue);
    if (match) out.push(match.match === 'exact' ? 'food whole' : 'food near');
    else out.push('food none');
    if (match && said.quantity) out.push('amount of food');
    if (match && !said.quantity && words <= 3) {
      out.push('food alone');
      if (match.match === 'exact') out.push(`alone: ${getIngredient(catalogue, match.ingredient).role}`);
    }
  }
  return out;
}

/** Cells of a row of a table: by tabs, strokes or wide gaps. */
const cellsOf = (raw: string): string[] =>
  raw
    .trim()
    .split(/\t|\s*\|\s*| {3,}/)
    .map((cell) => cleanLine(cell.slice(0, MAX_LINE)))
    .filter((cell) => cell !== '');

export function saidOfRow({ raw }: Seen, catalogue: Catalogue): string[] {
  const cells = cellsOf(raw);
  if (cells.length < 2 || cells.length > 6) return [];
  const foods = cells.some((cell) => matchIngredient(cell.split(/[,(]/)[0]!, catalogue)?.match === 'exact');
  const amounts = cells.some((cell) => cell.length < 24 && readAmount(cell).quantity !== null);
  return [
    'row',
    ...(foods ? ['row with food'] : []),
    ...(amounts ? ['row with amount'] : []),
    ...(foods && amounts ? ['row of both'] : []),
  ];
}
