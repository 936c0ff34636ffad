import {
  applyPatches,
  castDraft,
  enablePatches,
  produceWithPatches,
  type Draft as Drafting,
  type Patch,
} from 'immer';
import { shiftOf } from '@omniarton/core/balance';
import type {
  BakeNotes,
  ConversionRequest,
  LineCorrection,
  PlannedStudy,
  PlannedTrial,
  RecipeDocument,
  Serving,
} from '@omniarton/core/kitchen';
import type { Locale } from '@omniarton/core/vocabulary';

enablePatches();

/** What a person may do to a recipe. */
export type Edit =
  | { readonly kind: 'text'; readonly text: string }
  /** A recipe out of a file: its words, and the fields of its linked data that aren't ours. */
  | { readonly kind: 'taken'; readonly text: string; readonly foreign: string | null }
  /** One line in other words. */
  | { readonly kind: 'line'; readonly line: string; readonly to: string }
  /** A line goes on with the one above it, or with so many above it. */
  | { readonly kind: 'join'; readonly line: string; readonly above: number }
  /** The text ends before a line. */
  | { readonly kind: 'end-before'; readonly line: string }
  /** A doubt of the reader that is let stand. */
  | { readonly kind: 'asWritten'; readonly doubt: string }
  /** A shift that was read and taken, or is open again. */
  | { readonly kind: 'taken-shift'; readonly key: string; readonly taken: boolean }
  | { readonly kind: 'locale'; readonly locale: Locale | null }
  | { readonly kind: 'request'; readonly request: Partial<ConversionRequest> }
  /** What is known better of a line, beside what is known of it already, less `without`. */
  | {
      readonly kind: 'correction';
      readonly correction: LineCorrection;
      readonly without?: readonly Exclude<keyof LineCorrection, 'line'>[];
    }
  /** Which heat of a step is the one that the bake is known by. */
  | { readonly kind: 'the-bake'; readonly step: string; readonly heat: number }
  | { readonly kind: 'uncorrect'; readonly line: string }
  | { readonly kind: 'serving'; readonly serving: Serving | null }
  | { readonly kind: 'bakeSheet'; readonly sheet: BakeNotes | null }
  | { readonly kind: 'study'; readonly study: PlannedStudy | null }
  | { readonly kind: 'trial'; readonly trial: PlannedTrial | null };

/** One step of the history: how to do it again and how to undo it. */
export interface Step {
  readonly field: string;
  readonly at: number;
  readonly forward: readonly Patch[];
  readonly back: readonly Patch[];
}

/** Edits of one field that follow each other this fast are one step. */
const RUN_MS = 1000;

/** The field that an edit is about, so that a run of keys in it is undone as one. */
function fieldOf(edit: Edit): string {
  switch (edit.kind) {
    case 'request':
      return `request.${Object.keys(edit.request).sort().join('.')}`;
    case 'correction':
      return `correction.${edit.correction.line}`;
    case 'uncorrect':
      return `correction.${edit.line}`;
    case 'line':
    case 'join':
    case 'end-before':
      return `${edit.kind}.${edit.line}`;
    default:
      return edit.kind;
  }
}

type Text = Pick<RecipeDocument, 'text' | 'lines'>;

/** Where a line stands in the text: by its place among the lines, or by what it says; -1 where it has gone. */
function rowOf({ text, lines }: Text, id: string): number {
  const at = lines.findIndex((line) => line.id === id);
  const source = lines[at]?.source;
  if (source === undefined) return -1;
  const rows = text.split('\n');
  const filled = rows.flatMap((row, index) => (row.trim() === '' ? [] : [index]));
  return rows[filled[at] ?? -1] === source ? filled[at]! : rows.indexOf(source);
}

/** The text with one line in other words. */
function withLine(doc: Text, id: string, to: string): string {
  const place = rowOf(doc, id);
  return place < 0
    ? doc.text
    : doc.text
        .split('\n')
        .map((row, index) => (index === place ? to : row))
        .join('\n');
}

/** The text with a line joined to so many above it that aren't blank. */
function withJoined(doc: Text, id: string, above: number): string {
  const place = rowOf(doc, id);
  const rows = doc.text.split('\n');
  const filled = rows.flatMap((row, index) => (index < place && row.trim() !== '' ? [index] : []));
  const first = filled.slice(-above)[0];
  if (place < 0 || first === undefined) return doc.text;
  const joined = rows
    .slice(first, place + 1)
    .filter((row) => row.trim() !== '')
    .map((row, n) => (n === 0 ? row.trimEnd() : row.trim()));
  return [...rows.slice(0, first), joined.join(' '), ...rows.slice(place + 1)].join('\n');
}

/** A text in two: what stands before a line, and what begins with it. */
export function textAround(doc: Text, id: string): { readonly before: string; readonly from: string } {
  const place = rowOf(doc, id);
  const rows = doc.text.split('\n');
  return place < 0
    ? { before: doc.text, from: '' }
    : { before: rows.slice(0, place).join('\n').trimEnd(), from: rows.slice(place).join('\n') };
}

/** Lays a correction over what is known of its line; one that says nothing more is none. */
function correct(
  doc: Drafting<RecipeDocument>,
  correction: LineCorrection,
  without: readonly (keyof LineCorrection)[] = [],
): void {
  const { line } = correction;
  const at = doc.corrections.findIndex((one) => one.line === line);
  const now: Drafting<LineCorrection> = {
    ...doc.corrections[at],
    ...(correction as Drafting<LineCorrection>),
  };
  for (const field of without) if (field !== 'line') delete now[field];
  doc.corrections = [
    ...doc.corrections.filter((one) => one.line !== line),
    ...(Object.keys(now).length > 1 ? [now] : []),
  ];
}

function change(doc: Drafting<RecipeDocument>, edit: Edit): void {
  const others = (line: string) => doc.corrections.filter((one) => one.line !== line);
  switch (edit.kind) {
    case 'text':
      doc.text = edit.text;
      break;
    case 'taken':
      doc.text = edit.text;
      doc.foreign = edit.foreign;
      break;
    case 'line':
      doc.text = withLine(doc, edit.line, edit.to);
      break;
    case 'join':
      doc.text = withJoined(doc, edit.line, edit.above);
      break;
    case 'end-before':
      doc.text = textAround(doc, edit.line).before;
      break;
    case 'asWritten':
      doc.asWritten = [...doc.asWritten.filter((one) => one !== edit.doubt), edit.doubt];
      break;
    case 'taken-shift': {
      const others = doc.taken.filter((one) => shiftOf(one) !== shiftOf(edit.key));
      doc.taken = edit.taken ? [...others, edit.key] : others;
      break;
    }
    case 'locale':
      doc.locale = edit.locale;
      break;
    case 'request':
      Object.assign(doc.request, edit.request);
      break;
    case 'correction':
      correct(doc, edit.correction, edit.without);
      break;
    case 'the-bake':
      for (const { line } of [...doc.corrections]) correct(doc, { line }, ['bake']);
      correct(doc, { line: edit.step, bake: edit.heat });
      break;
    case 'uncorrect':
      doc.corrections = others(edit.line);
      break;
    case 'serving':
      doc.serving = edit.serving;
      break;
    case 'bakeSheet':
      doc.bakeSheet = castDraft(edit.sheet);
      break;
    case 'trial':
      doc.trial = castDraft(edit.trial);
      break;
    case 'study':
      doc.study = castDraft(edit.study);
      break;
  }
}

/** Lays an edit over a document. No step when nothing changes. */
export function makeStep(
  doc: RecipeDocument,
  edit: Edit,
  at: number,
): { doc: RecipeDocument; step: Step | null } {
  const [next, forward, back] = produceWithPatches(doc, (drafting) => change(drafting, edit));
  return { doc: next, step: forward.length > 0 ? { field: fieldOf(edit), at, forward, back } : null };
}

/** Two steps of one run as one; null when they aren't one. */
export function joined(earlier: Step | undefined, later: Step): Step | null {
  if (!earlier || earlier.field !== later.field || later.at - earlier.at > RUN_MS) return null;
  const samePlace =
    earlier.forward.length === 1 &&
    later.forward.length === 1 &&
    earlier.forward[0]!.op === 'replace' &&
    earlier.forward[0]!.path.join('/') === later.forward[0]!.path.join('/');
  return {
    field: later.field,
    at: later.at,
    forward: samePlace ? later.forward : [...earlier.forward, ...later.forward],
    back: samePlace ? earlier.back : [...later.back, ...earlier.back],
  };
}

export const applied = (doc: RecipeDocument, patches: readonly Patch[]): RecipeDocument =>
  applyPatches(doc, [...patches]);
