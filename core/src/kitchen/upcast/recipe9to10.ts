import type { Stored } from './chain';

/** Version 10 keeps a study that is being planned. */
export const recipe9to10 = (document: Stored): Stored => ({ ...document, schema: 10, study: null });
