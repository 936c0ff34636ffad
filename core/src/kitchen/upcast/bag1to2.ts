import type { Stored } from './chain';

/** Version 2 says when a bag's label was read, and for what. */
export const bag1to2 = (document: Stored): Stored => ({ ...document, schema: 2, label: null });
