import type { Catalogue } from '../../catalogue';
import type { FamilyRecord } from '../../family';
import type { ConversionRequest, Kitchen } from '../../kitchen';
import type { BoundStep, Bowl } from '../../method';
import type { Recipe } from '../../read';
import type { Docket, DocketBake, DocketPart, DocketTin } from '../types';

/** Everything that a written method is made from. */
export interface Facts {
  readonly recipe: Recipe;
  readonly kitchen: Kitchen;
  readonly request: ConversionRequest;
  readonly catalogue: Catalogue;
  readonly steps: readonly BoundStep[];
  readonly bowl: Bowl;
  readonly parts: readonly DocketPart[];
  readonly tins: readonly DocketTin[];
  readonly rest: Docket['rest'];
  readonly bake: DocketBake;
  readonly profile: FamilyRecord;
}
