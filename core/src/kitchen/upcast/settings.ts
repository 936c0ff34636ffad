import { upcast, type Stored } from './chain';
import { settings1to2 } from './settings1to2';

const CURRENT = 2;

/** The same of a household's settings. */
export const upcastSettings = <Settings = Stored>(stored: object): Settings =>
  upcast<Settings>(stored, { 1: settings1to2 }, CURRENT);
