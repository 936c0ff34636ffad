import type { FamilyTable } from '../types';
import { cakes } from './cakes';
import { cookies } from './cookies';
import { doughs } from './doughs';

/** Every family. One whose id has no record, or the other way round, doesn't compile. */
export const FAMILY_RECORDS: FamilyTable = { ...cookies, ...cakes, ...doughs } satisfies FamilyTable;
