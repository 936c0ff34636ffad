import type { Table } from '../types';
import { binders } from './binders';
import { chocolate } from './chocolate';
import { dried } from './dried';
import { eggsDairy } from './eggsDairy';
import { fats } from './fats';
import { flavours } from './flavours';
import { flours } from './flours';
import { inclusions } from './inclusions';
import { leaveners } from './leaveners';
import { liquids } from './liquids';
import { moreFlours } from './moreFlours';
import { pantry } from './pantry';
import { produce } from './produce';
import { starches } from './starches';
import { sugars } from './sugars';
import { wheat } from './wheat';

export const TABLES: readonly Table[] = [
  wheat, flours, moreFlours, starches, binders, sugars, fats, eggsDairy, liquids, leaveners, flavours, inclusions, dried, produce, chocolate, pantry,
];
