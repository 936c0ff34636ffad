import { upcast, type Stored } from './chain';

const CURRENT = 1;

/** The same of a bake that was written down: there is one version of it so far. */
export const upcastBake = (stored: object): Stored => upcast(stored, {}, CURRENT);
