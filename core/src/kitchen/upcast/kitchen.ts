import type { KitchenDocument } from '../household';
import { upcast } from './chain';
import { kitchen1to2 } from './kitchen1to2';
import { kitchen2to3 } from './kitchen2to3';
import { kitchen3to4 } from './kitchen3to4';

const CURRENT = 4;

/** The same of a household's kitchen. */
export const upcastKitchen = (stored: object): KitchenDocument =>
  upcast<KitchenDocument>(stored, { 1: kitchen1to2, 2: kitchen2to3, 3: kitchen3to4 }, CURRENT);
