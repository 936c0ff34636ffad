import { getIngredient, type Catalogue } from '../../catalogue';
import { readAmount, readAmounts } from '../amount';
import { cleanLine, MAX_LINE } from '../clean';
import { matchIngredient, namesFood } from '../match';
import { namedIn } from '../named';
import { numbersFromWords } from '../numberWords';
import { inEnglish } from '../otherLanguages';
import { UNIT, type Seen } from './alone';

const AMOUNT_FIRST = new RegExp(
  `^(?:(?:about|approx\\.?|ca\\.?|circa|scant|heaped|heaping|rounded|level|generous|good|full)\\s+)*(?:\\d|an? (?=${UNIT}\\b|pinch|little|few|good)|one\\b|two\\b|three\\b|four\\b|five\\b|six\\b|half\\b|quarter\\b|pinch|dash|handful|knob|splash|juice|zest|some\\b|a little)`,
  'i',
);
const UNIT_FIRST = new RegExp(`^[\\d./ x×,½¼¾-]+\\s*${UNIT}(?![\\p{L}])`, 'iu');
const UNIT_WITHIN = new RegExp(`\\d\\s*${UNIT}(?![\\p{L}])`, 'iu');
const UNITS_WITHIN = new RegExp(UNIT_WITHIN, 'giu');
const UNIT_LAST = new RegExp(`\\d\\s*${UNIT}\\.?\\s*(?:\\([^)]*\\))?$`, 'iu');

/** A line of so many is no name of food. */
const MOST_WORDS = 22;

const LABEL = /^(?:(?:for|to) )?(?:the )?\p{L}[\p{L} ]{1,24}:\s+/iu;
const PIECES = /\s*(?:[,;|•·]|\s\/)\s+/;
const STARTS_WITH_AMOUNT = /^(?:about |approx\.? |ca\.? )?(?:[\d½¼¾⅓⅔⅛]|an? |pinch|juice|zest|half )/iu;
/** So much of a row are amounts where it is a list. */
const MOSTLY = 0.6;

/** "Topping: 1/2 c. sugar, 1 tsp. cinnamon": a list on one line, behind a name of its own or without. */
function saidOfListing(clean: string): string[] {
  const label = LABEL.exec(clean)?.[0] ?? '';
  const pieces = clean.slice(label.length).split(PIECES);
  const amounts = pieces.filter((piece) => STARTS_WITH_AMOUNT.test(piece)).length;
  if (amounts < 2 || amounts < MOSTLY * pieces.length) return [];
  return [label === '' ? 'row of amounts' : 'labelled row of amounts'];
}

/** How its amount stands in a line. A line without a figure has none that a unit follows. */
function saidOfAmount(clean: string): string[] {
  const out = AMOUNT_FIRST.test(clean) ? ['amount first'] : [];
  if (!/\d/.test(clean)) return [...out, 'no digit'];
  const first = UNIT_FIRST.test(clean);
  const within = clean.match(UNITS_WITHIN)?.length ?? 0;
  if (first) out.push('unit first');
  else if (within > 0) out.push('unit within');
  if (!first && within > 0 && UNIT_LAST.test(clean)) out.push('amount last');
  if (/\d$/.test(clean)) out.push('number last');
  if (within > 2) out.push('many amounts');
  return [...out, ...saidOfListing(clean)];
}

/** A sentence is looked at by its other features. */
const mayBeFood = ({ clean, words }: Seen) => clean.length <= MAX_LINE && words < MOST_WORDS;

/** The stretch with the amount, as the line itself is going to be read: a text is parsed once. */
function amountWords(clean: string): string {
  const plain = clean
    .replace(/\(.*?\)/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  const [head = ''] = plain.split(', ');
  return numbersFromWords((/\d/.test(head) ? head : plain).slice(0, 80));
}

/** Asks for the amounts of a page at one go: `saidOfFood` is going to. */
export const learnAmounts = (lines: readonly Seen[]): void =>
  readAmounts(lines.filter(mayBeFood).map(({ clean }) => amountWords(clean)));

/** What a catalogue and the quantity parser say of a line. */
export function saidOfFood(line: Seen, catalogue: Catalogue): string[] {
  const { clean, words } = line;
  const out = saidOfAmount(clean);
  if (!mayBeFood(line)) return out;
  const foods = namedIn(clean, catalogue).length;
  out.push(`${foods > 2 ? 'many' : foods} foods within`);
  const said = readAmount(amountWords(clean));
  const name = (said.words || clean)
    .replace(/\(.*?\)/g, ' ')
    .split(/,/)[0]!
    .replace(/\s[\d/.½¼¾ ]+\s*(?:g|gr|kg|ml|dl|l|oz|lb|cups?|tbsp|tsp)?\.?\s*$/i, '')
    .trim();
  if (name !== '') {
    const match = matchIngredient(
      inEnglish(name, (words) => namesFood(words, catalogue)),
      catalogue,
    );
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
  const foods = cells.some((cell) => namesFood(cell.split(/[,(]/)[0]!, catalogue));
  const amounts = cells.some((cell) => cell.length < 24 && readAmount(cell).quantity !== null);
  return [
    'row',
    ...(foods ? ['row with food'] : []),
    ...(amounts ? ['row with amount'] : []),
    ...(foods && amounts ? ['row of both'] : []),
  ];
}
