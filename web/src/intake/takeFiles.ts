import type { RecipeAnswer } from '@omniarton/contracts';
import { LIMITS, pathTo } from '@omniarton/contracts/paths-and-errors';
import type { Found, Intake } from '@omniarton/core/exchange';
import { v7 as newId } from 'uuid';
import { api, ifVersion } from '../api/api';
import { request } from '../api/http';
import { failureWords } from '../api/words';
import type { AppDispatch } from '../state/state';
import { askIntake, askQuick } from '../state/engine/engine';
import { EngineGoneError } from '../state/engine/gone';

/** Files larger than this are no recipes; saved pages with pictures in them come near it. */
export const MOST_BYTES = 10 * 1024 * 1024;

/** What came of a file. */
export interface FileReport {
  readonly name: string;
  /** What it was taken for, in a word or two; null where it could not be read. */
  readonly kind: string | null;
  readonly recipes: readonly Found[];
  readonly notes: readonly string[];
}

/** A recipe that was kept, or why it was not. */
export interface KeptReport {
  readonly title: string;
  readonly id: string | null;
  readonly words: string;
}

/** Why a text is too much to be one recipe; null when it isn't. */
export function tooMuch(text: string): string | null {
  if (text.length > LIMITS.textChars)
    return `That is ${Math.round(text.length / 1000)} thousand characters; a recipe has at most ${LIMITS.textChars / 1000} thousand.`;
  if (text.split('\n').length > LIMITS.lines)
    return `That is more than ${LIMITS.lines} lines, which no recipe has.`;
  return null;
}

const refused = (name: string, why: string): FileReport => ({ name, kind: null, recipes: [], notes: [why] });

/** Reads one file in the engine. Never throws; nothing in it is run or fetched. */
export async function readFile(file: File): Promise<FileReport> {
  const { name } = file;
  if (file.size > MOST_BYTES) return refused(name, `It is larger than ${MOST_BYTES / 1024 / 1024} MB.`);
  try {
    const bytes = new Uint8Array(await file.arrayBuffer());
    if (bytes.subarray(0, 4096).includes(0)) return refused(name, 'It is not text.');
    const text = new TextDecoder().decode(bytes);
    const { kind, recipes, notes }: Intake = await askIntake((engine) => engine.takeIn(name, text));
    const fitting = recipes.filter((one) => tooMuch(one.text) === null);
    const over = recipes.filter((one) => tooMuch(one.text) !== null);
    return {
      name,
      kind,
      recipes: fitting,
      notes: [...notes, ...over.map((one) => `“${one.title.slice(0, 60)}”: ${tooMuch(one.text)}`)],
    };
  } catch (error) {
    return refused(
      name,
      error instanceof EngineGoneError
        ? 'It takes too long to read: it is not made like a recipe. Copy the recipe’s own words and paste them.'
        : 'It could not be read.',
    );
  }
}

/** Keeps a recipe out of a file: read once, so that lists and lines have their facts, and saved as a new one. */
export async function keepRecipe(found: Found, household: string): Promise<KeptReport> {
  const { doc, unplaced, doubts } = await askQuick((engine) => engine.file(found.text, found.foreign));
  const id = newId();
  const title = doc.asRead.title || found.title || 'Untitled';
  const reply = await request<RecipeAnswer>(pathTo('recipe', { household, recipe: id }), {
    method: 'PUT',
    body: doc,
    headers: ifVersion(0),
  });
  if (!reply.ok) return { title, id: null, words: failureWords(reply.failure) };
  const facts = [
    doc.asRead.batchGrams === null ? 'no line has a weight' : `${Math.round(doc.asRead.batchGrams)} g`,
    ...(unplaced > 0 ? [`${unplaced} ${unplaced === 1 ? 'line' : 'lines'} to be placed`] : []),
    ...(doubts > 0 ? [`${doubts} odd ${doubts === 1 ? 'thing' : 'things'}`] : []),
  ];
  return { title, id, words: facts.join(', ') };
}

export const listAnew = (dispatch: AppDispatch): void => void dispatch(api.util.invalidateTags(['recipes']));
