import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { takeIn } from '@omniarton/core/exchange';
import {
  BUILT_IN_KITCHEN,
  EMPTY_KITCHEN,
  UnreadableDocumentError,
  upcastKitchen,
  type BagOnHand,
  type Kitchen,
  type KitchenDocument,
  type OwnPan,
} from '@omniarton/core/kitchen';
import { layOut } from '@omniarton/core/larder';
import { UsageError } from './usageError';

const MOST_BYTES = 10 * 1024 * 1024;
const STANDARD_INPUT = 0;

export function textOf(file: string, folder: string): string {
  let bytes: Buffer;
  try {
    bytes = readFileSync(file === '-' ? STANDARD_INPUT : resolve(folder, file));
  } catch (error) {
    throw new UsageError(
      `${file}: ${(error as NodeJS.ErrnoException).code === 'ENOENT' ? 'there is no such file' : (error as Error).message}`,
    );
  }
  if (bytes.length > MOST_BYTES) throw new UsageError(`${file}: larger than 10 MB, which no recipe is`);
  if (bytes.includes(0)) throw new UsageError(`${file}: this is not text`);
  return bytes.toString('utf8').replace(/^\uFEFF/, '');
}

/** Files that hold recipes in other forms than plain lines. */
const PACKED = /\.(?:html?|jsonld?|md|markdown|csv)$/i;

/** The recipes in a file as text: one in plain lines, perhaps several in a page or in data. */
export function textsOf(file: string, folder: string): string[] {
  const text = textOf(file, folder);
  if (!PACKED.test(file)) return [text];
  const { recipes, notes } = takeIn(file, text);
  if (recipes.length === 0) throw new UsageError(`${file}: ${notes.join(' ') || 'there is no recipe in it'}`);
  return recipes.map((one) => one.text);
}

/** A kitchen as a file has it: any part of its document, and the bags in the cupboard. */
type KitchenFile = Partial<KitchenDocument> & { readonly bags?: readonly BagOnHand[] };

/** A kitchen's document of whatever version; a part that it doesn't have is as in an empty one. */
function kitchenFrom(own: Partial<KitchenDocument>, file: string): KitchenDocument {
  try {
    return upcastKitchen({ ingredients: [], ...own });
  } catch (error) {
    if (!(error instanceof UnreadableDocumentError)) throw error;
    throw new UsageError(`${file}: this is no kitchen (schema ${EMPTY_KITCHEN.schema})`);
  }
}

/** A household's kitchen, and the tins in it. */
export interface Home {
  readonly kitchen: Kitchen;
  readonly tins: readonly OwnPan[];
}

export const kitchenOf = (file: string | null, folder: string): Kitchen => homeOf(file, folder).kitchen;

/** A household's kitchen out of a file, without the recipes that stand in other lists. */
export function homeOf(file: string | null, folder: string): Home {
  if (file === null) return { kitchen: BUILT_IN_KITCHEN, tins: [] };
  let doc: KitchenFile;
  try {
    doc = JSON.parse(textOf(file, folder)) as KitchenFile;
  } catch (error) {
    if (error instanceof UsageError) throw error;
    throw new UsageError(`${file}: this is no JSON`);
  }
  const { bags = [], ...own } = doc;
  const home = bags.map((one) => ({ ...one, bag: { ...one.bag, label: one.bag.label ?? null } }));
  const kitchen = { ...EMPTY_KITCHEN, ...kitchenFrom(own, file), recipes: [] };
  return { kitchen: layOut(kitchen, {}, 'cli', home).kitchen, tins: kitchen.pans };
}
