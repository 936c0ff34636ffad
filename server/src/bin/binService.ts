import { BIN_DAYS, LIMITS, type BinAnswer, type Binned } from '@omniarton/contracts';
import type { Backups } from '../erase/backups';
import { NotFoundError } from '../http/errors';
import type { Scope } from '../http/scope';
import type { BinStore } from './binStore';

const KINDS: readonly Binned['kind'][] = ['recipe', 'bag', 'bake'];

/** What was removed and can be brought back for thirty days; after that it is gone by itself. */
export const binService = (store: BinStore, backups: Backups) => ({
  async list(scope: Scope): Promise<BinAnswer> {
    await store.purge(BIN_DAYS);
    return { items: await store.list(scope, LIMITS.pageSize), backups: backups() };
  },

  async erase(scope: Scope, kind: string, id: string): Promise<void> {
    const known = KINDS.find((one) => one === kind);
    if (!known || !(await store.erase(scope, known, id))) throw new NotFoundError('That is not in the bin.');
  },

  purge: () => store.purge(BIN_DAYS),
});
