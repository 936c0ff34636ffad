import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { PAGE_KINDS, type PageKind } from '../../../vocabulary';

/*
 * Pages whose lines a person has labelled. pages.json: given ones, with what they weigh and make; own.txt: further ones in other
 * forms, with the letter of its kind before each line, and of another that is as defensible. Used by tests, the bench and the fitter alone.
 */

/** A line with its kind, as a number of PAGE_KINDS, and other defensible ones. */
export interface LabelledLine {
  readonly line: string;
  readonly kind: number;
  readonly also: readonly number[];
  /** A blank line stands above it. */
  readonly gap: boolean;
}

export interface LabelledRows {
  readonly id: string;
  readonly rows: readonly LabelledLine[];
}

export interface LabelledPage extends LabelledRows {
  /** Not one of ours. */
  readonly given: boolean;
}

/** What a given page says, beside its kinds. Lines by their number in the text, from 0; a range is what is defensible. */
export interface PageFacts {
  readonly id: string;
  readonly text: string;
  readonly title: readonly (string | null)[];
  readonly family: readonly string[];
  readonly grams?: {
    readonly all: readonly [number, number];
    readonly line: Readonly<Record<string, readonly [number, number]>>;
  };
  readonly pieces?: readonly [number, number];
  /** Lines with wheat, barley, rye or oats. */
  readonly gluten?: readonly number[];
}

interface Labelled {
  readonly id: string;
  readonly text: string;
  readonly kinds: readonly string[];
  readonly also?: Readonly<Record<string, readonly string[]>>;
}

export const numberOf = (kind: string): number => PAGE_KINDS.indexOf(kind as PageKind);

const LETTERS: Readonly<Record<string, PageKind>> = {
  T: 'title',
  Y: 'yield',
  M: 'time',
  H: 'heading',
  I: 'ingredient',
  S: 'step',
  P: 'prose',
  N: 'note',
  J: 'junk',
};

function ofLabelled({ id, text, kinds, also = {} }: Labelled, given: boolean): LabelledPage {
  const lines = text.split('\n');
  const rows = lines.map((line, at): LabelledLine => ({
    line,
    kind: numberOf(kinds[at]!),
    also: (also[String(at)] ?? []).map(numberOf),
    gap: at > 0 && lines[at - 1]!.trim() === '',
  }));
  return { id, given, rows: rows.filter(({ line }) => line.trim() !== '') };
}

const ofLetters = (text: string): LabelledPage[] =>
  text
    .split(/^=== /m)
    .slice(1)
    .map((page) => {
      const [id = '', ...rows] = page.replace(/\n+$/, '').split('\n');
      const labels = rows.map((row) => (row === '' ? '' : row.slice(0, row.indexOf(' '))));
      const named = labels.map((letters) => [...letters].map((letter) => LETTERS[letter]));
      const unlabelled = labels.findIndex(
        (letters, at) => rows[at] !== '' && !/^[TYMHISPNJ]+$/.test(letters),
      );
      if (unlabelled >= 0) throw new Error(`Page ${id}: no kind before “${rows[unlabelled]}”.`);
      const labelled = {
        id,
        text: rows.map((row, at) => row.slice(labels[at]!.length + 1)).join('\n'),
        kinds: named.map(([kind]) => kind ?? 'blank'),
        also: Object.fromEntries(named.map(([, ...also], at) => [at, also.map((kind) => kind!)])),
      };
      return ofLabelled(labelled, false);
    });

/** FNV-1a, 32 bits. */
export function hash(text: string): number {
  let sum = 2166136261;
  for (const char of text) sum = Math.imul(sum ^ char.codePointAt(0)!, 16777619) >>> 0;
  return sum;
}

export interface LabelledPages {
  /** A fifth of the pages, by a hash of their ids, is never fitted on. */
  readonly held: readonly LabelledPage[];
  readonly train: readonly LabelledPage[];
  readonly facts: readonly PageFacts[];
}

export const isHeld = ({ id }: { readonly id: string }): boolean => hash(id) % 5 === 0;

/** The labelled pages of this folder, whose path the caller knows by its own means. */
export function labelledIn(folder: string): LabelledPages {
  const read = (name: string) => readFileSync(join(folder, name), 'utf8');
  const facts = JSON.parse(read('pages.json')) as readonly (Labelled & PageFacts)[];
  const all = [...facts.map((one) => ofLabelled(one, true)), ...ofLetters(read('own.txt'))];
  return { held: all.filter(isHeld), train: all.filter((page) => !isHeld(page)), facts };
}
