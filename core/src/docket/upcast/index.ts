import { upcast, type Steps } from '../../kitchen';
import type { Docket } from '../types';
import { docket1to2 } from './docket1to2';
import { docket2to3 } from './docket2to3';
import { docket3to4 } from './docket3to4';
import { docket4to5 } from './docket4to5';
import { docket5to6 } from './docket5to6';
import { docket6to7 } from './docket6to7';

const STEPS: Steps = {
  1: docket1to2,
  2: docket2to3,
  3: docket3to4,
  4: docket4to5,
  5: docket5to6,
  6: docket6to7,
};
const CURRENT = 7;

/** Brings a kept docket up to this program's schema: its numbers stay as they were. Throws UnreadableDocumentError for a newer one. */
export const upcastDocket = (stored: object): Docket => upcast<Docket>(stored, STEPS, CURRENT);
