import type { Stored } from '../../kitchen';

/** Version 2 tells for whom it was guarded, what its method names, and how its lines are measured by volume. */
export function docket1to2(docket: Stored): Stored {
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
