import type { DocketAnswer, DocketSummary, KeptDocketDto } from '@omniarton/contracts';
import { LIMITS } from '@omniarton/contracts';
import { NotFoundError } from '../http/errors';
import type { Scope } from '../http/scope';
import type { DocketStore } from './docketStore';

export const docketService = (store: DocketStore) => ({
  list: (scope: Scope, recipeId: string): Promise<DocketSummary[]> =>
    store.list(scope, recipeId, LIMITS.pageSize),

  async get(scope: Scope, recipeId: string, id: string): Promise<DocketAnswer> {
    const found = await store.find(scope, recipeId, id);
    if (!found) throw new NotFoundError('There is no such docket on this recipe.');
    return found;
  },

  async keep(scope: Scope, recipeId: string, id: string, doc: KeptDocketDto): Promise<DocketAnswer> {
    await store.create(scope, recipeId, id, doc);
    return this.get(scope, recipeId, id);
  },
});
