import { bake1to2 } from './bake1to2';
import { bake2to3 } from './bake2to3';
import { upcast, type Stored } from './chain';

const CURRENT = 3;

/** The same of a bake that was written down. */
export const upcastBake = <Bake = Stored>(stored: object): Bake =>
  upcast<Bake>(stored, { 1: bake1to2, 2: bake2to3 }, CURRENT);
