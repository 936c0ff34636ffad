import { upcast, type Stored } from './chain';
import { settings1to2 } from './settings1to2';
import { settings2to3 } from './settings2to3';

const CURRENT = 3;

/** The same of a household's settings. */
export const upcastSettings = <Settings = Stored>(stored: object): Settings =>
  upcast<Settings>(stored, { 1: settings1to2, 2: settings2to3 }, CURRENT);
