import { upcast, type Stored } from './chain';

const CURRENT = 1;

/** The same of a bake that was written down: there is one version of it so far. */
export const upcastBake = <Bake = Stored>(stored: object): Bake => upcast<Bake>(stored, {}, CURRENT);
