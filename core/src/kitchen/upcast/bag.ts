import { upcast, type Stored } from './chain';
import { bag1to2 } from './bag1to2';

const CURRENT = 2;

/** The same of a bag. */
export const upcastBag = <Bag = Stored>(stored: object): Bag => upcast<Bag>(stored, { 1: bag1to2 }, CURRENT);
