import { upcast, type Stored } from './chain';
import { bag1to2 } from './bag1to2';

const CURRENT = 2;

/** The same of a bag. */
export const upcastBag = (stored: object): Stored => upcast(stored, { 1: bag1to2 }, CURRENT);
