import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { judge } from '@omniarton/core/docket';
import { VesselError } from '@omniarton/core/heat';
import { takeIn } from '@omniarton/core/exchange';
import {
  BUILT_IN_KITCHEN,
  EMPTY_KITCHEN,
  UnreadableDocumentError,
  upcastKitchen,
  type BagOnHand,
  type Kitchen,
  type KitchenDocument,
} from '@omniarton/core/kitchen';
import { layOut } from '@omniarton/core/larder';
import { readRecipe } from '@omniarton/core/read';
import { engineVersion } from '../../scripts/lib/engine.mjs';
import { readOptions, UsageError, type Options } from './options';
import { convertShape, guardShape, heatShape, readShape, waysShape } from './shapes';

export interface Surroundings {
  readonly out: (text: string) => void;
  readonly err: (text: string) => void;
  /** Files resolve against the caller's folder. */
  readonly folder: string;
}

const MOST_BYTES = 10 * 1024 * 1024;
const STANDARD_INPUT = 0;

function textOf(file: string, folder: string): string {
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
function textsOf(file: string, folder: string): string[] {
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

/** A household's kitchen out of a file, without the recipes that stand in other lists. */
function kitchenOf({ kitchen: file }: Options, folder: string): Kitchen {
  if (file === null) return BUILT_IN_KITCHEN;
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
  return layOut(kitchen, {}, 'cli', home).kitchen;
}

function answer({ verb, request, trial }: Options, kitchen: Kitchen, text: string): unknown {
  let count = 0;
  const { recipe } = readRecipe(text, { kitchen, newId: () => `l${(count += 1)}` });
  switch (verb) {
    case 'read':
      return readShape(recipe, request, kitchen);
    case 'guard':
      return guardShape(recipe, request, kitchen);
    case 'diagnose':
      return judge(recipe, request, kitchen);
    case 'ways':
      return waysShape(recipe, request, kitchen);
    case 'heat':
      return heatShape(recipe, request, kitchen, trial!);
    case 'convert':
      return convertShape(recipe, request, kitchen, engineVersion());
  }
}

/** Runs one command. One JSON document on standard output and 0, or one line on standard error and 2. */
export function run(args: readonly string[], { out, err, folder }: Surroundings): number {
  try {
    const options = readOptions(args);
    const kitchen = kitchenOf(options, folder);
    for (const { id } of options.request.seats)
      if (!kitchen.people.some((one) => one.id === id))
        throw new UsageError(`--people: nobody in the kitchen is "${id}"`);
    const answers = options.files.flatMap((file) =>
      textsOf(file, folder).map((text) => answer(options, kitchen, text)),
    );
    out(JSON.stringify(answers.length === 1 ? answers[0] : answers, null, 2));
    return 0;
  } catch (error) {
    if (!(error instanceof UsageError || error instanceof VesselError)) throw error;
    err(error.message);
    return 2;
  }
}
