import type { KitchenDocument } from '../household';
import { upcast } from './chain';
import { kitchen1to2 } from './kitchen1to2';

const CURRENT = 2;

/** The same of a household's kitchen. */
export const upcastKitchen = (stored: object): KitchenDocument =>
  upcast<KitchenDocument>(stored, { 1: kitchen1to2 }, CURRENT);
