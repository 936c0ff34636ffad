import type { Stored } from '../../kitchen';

const worded = (text: unknown) => ({ code: 'as-worded', values: { text } });
const ESTIMATED: Readonly<Record<string, string>> = {
  'clearly less': 'clearly-less',
  'a little less': 'little-less',
  'much the same': 'same',
  'a little more': 'little-more',
  'clearly more': 'clearly-more',
  'no idea': 'unknown',
};
const each = (list: unknown, of: (one: Stored) => Stored) => (list as readonly Stored[]).map(of);
const asked = (one: Stored): Stored => ({ ...one, ask: worded(one['ask']) });

function bowlOf(bowl: Stored | null): Stored | null {
  if (bowl === null) return null;
  const pilot = bowl['pilot'] === null ? null : worded(bowl['pilot']);
  return { ...bowl, mixed: worded(bowl['mixed']), rested: worded(bowl['rested']), pilot };
}

/** Version 7 keeps codes and values where it kept sentences: what was said then is said as it was worded. */
export function docket6to7(docket: Stored): Stored {
  const guard = docket['guard'] as Stored;
  return {
    ...docket,
    schema: 7,
    shifts: each(docket['shifts'], (one) => ({
      ...one,
      from: worded(one['from']),
      to: worded(one['to']),
      because: worded(one['because']),
    })),
    warnings: (docket['warnings'] as readonly string[]).map(worded),
    bowl: bowlOf(docket['bowl'] as Stored | null),
    texture: each(docket['texture'], (one) => ({
      ...one,
      says: { code: ESTIMATED[one['says'] as string] ?? 'unknown', values: {} },
      because: (one['because'] as readonly string[]).map(worded),
    })),
    guard: {
      ...guard,
      lines: each(guard['lines'], (one) => ({
        ...one,
        reason: one['reason'] === '' ? null : worded(one['reason']),
      })),
      open: each(guard['open'], asked),
      answered: each(guard['answered'], asked),
    },
  };
}
