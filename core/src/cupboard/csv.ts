import Papa from 'papaparse';
import { getIngredient, type Catalogue } from '../catalogue';
import { bareCell } from '../exchange';
import type { Bag, BagOnHand } from '../kitchen';
import { matchIngredient } from '../read';
import { AVOIDANCES } from '../vocabulary';

/** The columns of a cupboard's file, in its order. `flour` and `grams` must be there. */
export const CUPBOARD_COLUMNS = [
  'flour',
  'note',
  'grams',
  'pack grams',
  'price',
  'opened',
  'best before',
  'certified',
  'place',
  'label read',
  'label names no',
] as const;
type Column = (typeof CUPBOARD_COLUMNS)[number];

/** A row that can't be taken, counted from the first below the head, and why. */
export interface RowFault {
  readonly row: number;
  readonly why: string;
}

export interface CupboardFile {
  readonly bags: readonly { readonly bag: Bag; readonly grams: number }[];
  readonly faults: readonly RowFault[];
  /** Why the file as a whole isn't a cupboard; null where it is. */
  readonly refused: string | null;
}

const MOST_ROWS = 300;
const MOST_CHARS = 500_000;
const MOST_GRAMS = 100_000;
const MOST_PRICE = 100_000;
const NOTE = 80;
const DAY = /^\d{4}-(?:0[1-9]|1[0-2])-(?:0[1-9]|[12]\d|3[01])$/;
const YES = /^(?:yes|y|true|1|x)$/i;

class Fault extends Error {}

function numberIn(cell: string, what: string, most: number): number | null {
  if (cell === '') return null;
  const value = Number(cell.replace(',', '.').replace(/\s*(?:g|grams?)$/i, ''));
  if (!Number.isFinite(value)) throw new Fault(`“${cell}” is no number of ${what}`);
  if (value < 0) throw new Fault(`${what} can’t be negative (${cell})`);
  if (value > most) throw new Fault(`${what} of ${cell} is too much to be meant`);
  return value;
}

function dayIn(cell: string, what: string): string | null {
  if (cell === '') return null;
  if (!DAY.test(cell)) throw new Fault(`“${cell}” is no day for ${what}: write YYYY-MM-DD`);
  return cell;
}

/** A label that was read: the day, and what it names none of, with semicolons. */
function labelIn(day: string, without: string): Bag['label'] {
  const on = dayIn(day, 'label read');
  if (on === null) return null;
  const named = without.split(';').map((one) => one.trim().toLowerCase());
  return { on, without: AVOIDANCES.filter((one) => named.includes(one)) };
}

function bagIn(row: Readonly<Record<string, string>>, catalogue: Catalogue) {
  const cell = (column: Column) => bareCell((row[column] ?? '').trim());
  const name = cell('flour');
  if (name === '') throw new Fault('it names no flour');
  const match = matchIngredient(name, catalogue);
  if (!match) throw new Fault(`“${name}” isn’t in the catalogue: add it as your own first`);
  if (match.match !== 'exact')
    throw new Fault(
      `“${name}” could be ${getIngredient(catalogue, match.ingredient).name}: write that if it is`,
    );
  const grams = numberIn(cell('grams'), 'grams', MOST_GRAMS);
  if (grams === null) throw new Fault('it has no grams');
  const bag: Bag = {
    ingredient: match.ingredient,
    note: cell('note').slice(0, NOTE),
    packGrams: numberIn(cell('pack grams'), 'pack grams', MOST_GRAMS) || null,
    price: numberIn(cell('price'), 'the price', MOST_PRICE),
    opened: dayIn(cell('opened'), 'opened'),
    bestBefore: dayIn(cell('best before'), 'best before'),
    certified: YES.test(cell('certified')),
    label: labelIn(cell('label read'), cell('label names no')),
    place: /^(?:cold|fridge|freezer)$/i.test(cell('place')) ? 'cold' : 'cupboard',
  };
  return { bag, grams };
}

/** Reads a cupboard out of a CSV file (RFC 4180): each row that can't be taken is named with its fault, the good ones stand by. */
export function readCupboard(text: string, catalogue: Catalogue): CupboardFile {
  if (text.length > MOST_CHARS)
    return { bags: [], faults: [], refused: `That is more than a cupboard of ${MOST_ROWS} bags has to say.` };
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (head) => head.trim().toLowerCase(),
  });
  const columns = meta.fields ?? [];
  const missing = (['flour', 'grams'] as const).filter((column) => !columns.includes(column));
  const none = { bags: [], faults: [] };
  if (missing.length > 0)
    return {
      ...none,
      refused: `The first row must name the columns; “${missing.join('” and “')}” is missing. Known are: ${CUPBOARD_COLUMNS.join(', ')}.`,
    };
  if (data.length > MOST_ROWS) return { ...none, refused: `More than ${MOST_ROWS} rows: split the file.` };
  const bags: { bag: Bag; grams: number }[] = [];
  const faults: RowFault[] = [];
  data.forEach((row, at) => {
    try {
      bags.push(bagIn(row, catalogue));
    } catch (error) {
      if (!(error instanceof Fault)) throw error;
      faults.push({ row: at + 1, why: error.message });
    }
  });
  return { bags, faults, refused: null };
}

/** The cupboard as a CSV file that `readCupboard` takes in again. */
export function cupboardToCsv(bags: readonly BagOnHand[], catalogue: Catalogue): string {
  const rows = bags.map(({ grams, bag }): Record<Column, string> => ({
    flour: getIngredient(catalogue, bag.ingredient).name,
    note: bag.note,
    grams: String(Math.round(grams * 10) / 10),
    'pack grams': bag.packGrams === null ? '' : String(bag.packGrams),
    price: bag.price === null ? '' : String(bag.price),
    opened: bag.opened ?? '',
    'best before': bag.bestBefore ?? '',
    certified: bag.certified ? 'yes' : '',
    place: bag.place,
    'label read': bag.label?.on ?? '',
    'label names no': bag.label?.without.join('; ') ?? '',
  }));
  return `${Papa.unparse({ fields: [...CUPBOARD_COLUMNS], data: rows.map((row) => CUPBOARD_COLUMNS.map((column) => row[column])) }, { newline: '\n', escapeFormulae: true })}\n`;
}
