import type { Stored } from '../../kitchen';

/** Version 3 says of each step whether anything was bound to it, what to look for, and how the bake is likely to turn out. */
export const docket2to3 = (docket: Stored): Stored => ({
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
