import { NO_TILT, NO_WISHES, USUAL_START, type RecipeDocument } from '../kitchen';
import type { Docket } from './types';

/** A stored document that no step here can read: it was written by a newer program. */
export class UnreadableDocumentError extends Error {
  constructor(readonly schema: unknown) {
    super(
      `This document has schema ${String(schema)}, and this program reads up to ${CURRENT}. Update Omniarton.`,
    );
    this.name = 'UnreadableDocumentError';
  }
}

const CURRENT = 5;
type Stored = { readonly schema?: unknown } & Readonly<Record<string, unknown>>;

/**
 * Version 2 knows people, strictness by person, labels and scale. Answers of version 1 don't say what they were given to,
 * so they can't hold: what they settled is asked again.
 */
function toVersion2(document: Stored): Stored {
  const { coeliac, ...request } = document['request'] as Stored & { readonly coeliac?: boolean };
  return {
    ...document,
    schema: 2,
    asWritten: [],
    foreign: null,
    request: {
      ...request,
      pins: (request['pins'] as readonly object[]).map((pin) => ({ ...pin, held: true })),
      mild: [],
      gluten: coeliac === false ? 'label' : 'certified',
      blend: NO_WISHES,
      pseudocereals: false,
      grainDerived: false,
      people: [],
      answers: [],
      labels: [],
      scale: null,
    },
  };
}

/** Version 3 can be tilted, sweetened otherwise and baked on a mountain: nothing of it was asked before. */
const toVersion3 = (document: Stored): Stored => ({
  ...document,
  schema: 3,
  request: { ...(document['request'] as Stored), tilt: NO_TILT, sweetener: null, altitudeMetres: 0 },
});

/** Version 4 may fold something into some of the tins, and knows which shifts were taken. */
const toVersion4 = (document: Stored): Stored => ({
  ...document,
  schema: 4,
  taken: [],
  request: { ...(document['request'] as Stored), folded: null },
});
const docketToVersion4 = (docket: Stored): Stored => ({
  ...docket,
  schema: 4,
  tins: [],
  bake: { ...(docket['bake'] as Stored), crust: [], doneBy: null },
  shifts: (docket['shifts'] as readonly object[]).map((shift) => ({ ...shift, balance: null })),
});

/** Version 5 knows how a bake comes to the oven, into which one, and what a bake of one's own has taken. */
const toVersion5 = (document: Stored): Stored => ({
  ...document,
  schema: 5,
  request: {
    ...(document['request'] as Stored),
    start: USUAL_START,
    ovenId: null,
    microwave: false,
    timed: null,
  },
});
function docketToVersion5(docket: Stored): Stored {
  const bake = docket['bake'] as Stored & { readonly anchor: number | null };
  return {
    ...docket,
    schema: 5,
    rest: { ...(docket['rest'] as Stored), chilled: null, frozen: null },
    bake: {
      ...bake,
      edge: [],
      anchored: bake.anchor === null ? 'nothing' : 'recipe',
      stretch: bake.anchor ?? 1,
      startCelsius: 20,
      startWords: null,
      setCelsius: null,
      browning: null,
      cooling: null,
      piece: null,
      watts: null,
      oven: null,
    },
  };
}

/** Version 3 says of each step whether anything was bound to it, what to look for, and how the bake is likely to turn out. */
const docketToVersion3 = (docket: Stored): Stored => ({
  ...docket,
  schema: 3,
  parts: (docket['parts'] as readonly object[]).map((part) => ({
    ...part,
    family: (docket['family'] as { readonly id: unknown }).id,
    accounts: [],
  })),
  method: (docket['method'] as readonly object[]).map((step) => ({ ...step, bound: true, because: [] })),
  bowl: null,
  texture: [],
});

/** Version 2 tells for whom it was guarded, what its method names, and how its lines are measured by volume. */
function docketToVersion2(docket: Stored): Stored {
  const { coeliac, ...guard } = docket['guard'] as Stored & { readonly coeliac?: boolean };
  const asked = (questions: unknown) =>
    (questions as readonly object[]).map((one) => ({ ...one, key: '', facts: [] }));
  return {
    ...docket,
    schema: 2,
    parts: (docket['parts'] as readonly { lines: readonly object[] }[]).map((part) => ({
      ...part,
      lines: part.lines.map((line) => ({ ...line, cupGrams: null })),
    })),
    guard: {
      ...guard,
      open: asked(guard['open']),
      answered: asked(guard['answered']),
      lines: (guard['lines'] as readonly object[]).map((line) => ({ ...line, lookFor: null })),
      method: [],
      people: [],
      crossContact: [],
      checkedOn: null,
      gluten: coeliac === false ? 'label' : 'certified',
      forWhom: [],
    },
  };
}

/** One step a version: `STEPS[n]` makes version n + 1 out of version n. */
type Steps = Readonly<Record<number, (document: Stored) => Stored>>;
const RECIPE_STEPS: Steps = { 1: toVersion2, 2: toVersion3, 3: toVersion4, 4: toVersion5 };
const DOCKET_STEPS: Steps = {
  1: docketToVersion2,
  2: docketToVersion3,
  3: docketToVersion4,
  4: docketToVersion5,
};

function upcast(stored: object, steps: Steps): Stored {
  let document = stored as Stored;
  while (document.schema !== CURRENT) {
    const step = typeof document.schema === 'number' ? steps[document.schema] : undefined;
    if (!step) throw new UnreadableDocumentError(document.schema);
    document = step(document);
  }
  return document;
}

/** Brings a stored recipe up to this program's schema, a version at a time. Throws UnreadableDocumentError for a newer one. */
export const upcastRecipe = (stored: object): RecipeDocument =>
  upcast(stored, RECIPE_STEPS) as unknown as RecipeDocument;

/** The same of a kept docket: its numbers stay as they were. */
export const upcastDocket = (stored: object): Docket => upcast(stored, DOCKET_STEPS) as unknown as Docket;
