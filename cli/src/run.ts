import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { BUILT_IN_KITCHEN } from '@omniarton/core/kitchen';
import { readRecipe } from '@omniarton/core/read';
import { engineVersion } from '../../scripts/lib/engine.mjs';
import { readOptions, UsageError, type Options } from './options';
import { convertShape, guardShape, readShape } from './shapes';

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

function answer({ verb, request }: Options, text: string): unknown {
  let count = 0;
  const { recipe } = readRecipe(text, { kitchen: BUILT_IN_KITCHEN, newId: () => `l${(count += 1)}` });
  switch (verb) {
    case 'read':
      return readShape(recipe, request);
    case 'guard':
      return guardShape(recipe, request);
    case 'convert':
      return convertShape(recipe, request, engineVersion());
  }
}

/** Runs one command. One JSON document on standard output and 0, or one line on standard error and 2. */
export function run(args: readonly string[], { out, err, folder }: Surroundings): number {
  try {
    const options = readOptions(args);
    const answers = options.files.map((file) => answer(options, textOf(file, folder)));
    out(JSON.stringify(answers.length === 1 ? answers[0] : answers, null, 2));
    return 0;
  } catch (error) {
    if (!(error instanceof UsageError)) throw error;
    err(error.message);
    return 2;
  }
}
