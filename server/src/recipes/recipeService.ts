import { createHash } from 'node:crypto';
import type { RecipeAnswer } from '@omniarton/contracts';
import type { RecipeDocument } from '@omniarton/core/kitchen';
import type { Expectation } from '../http/conditional';
import { ConflictError, InvalidError, NotFoundError } from '../http/errors';
import type { Scope } from '../http/scope';
import type { RecipeStore } from './recipeStore';
import type { RequestStore } from './requestStore';

type Transaction = <T>(work: (recipes: RecipeStore, requests: RequestStore) => Promise<T>) => Promise<T>;

async function write(
  recipes: RecipeStore,
  scope: Scope,
  id: string,
  expected: Expectation,
  doc: RecipeDocument,
) {
  const saved =
    expected.kind === 'new'
      ? await recipes.create(scope, id, doc)
      : await recipes.replace(scope, id, expected.version, doc);
  if (saved) return saved;
  const stored = await recipes.find(scope, id);
  if (!stored) throw new NotFoundError('That recipe is no longer here.');
  throw new ConflictError('Another tab or device has saved this recipe in between.', { stored });
}

export function recipeService(store: RecipeStore, inTransaction: Transaction) {
  return {
    async get(scope: Scope, id: string): Promise<RecipeAnswer> {
      const found = await store.find(scope, id);
      if (!found) throw new NotFoundError('There is no such recipe in this kitchen.');
      return found;
    },

    /** Saves; a repeat of the same request is given the first answer and changes nothing. */
    save(
      scope: Scope,
      id: string,
      expected: Expectation,
      doc: RecipeDocument,
      requestId?: string,
    ): Promise<RecipeAnswer> {
      const fingerprint = createHash('sha256')
        .update(JSON.stringify([id, expected, doc]))
        .digest('hex');
      return inTransaction(async (recipes, requests) => {
        const earlier = requestId && (await requests.findOrHold(scope, requestId));
        if (earlier && earlier.fingerprint !== fingerprint)
          throw new InvalidError('That request id was used for something else.');
        if (earlier) return earlier.answer as RecipeAnswer;
        const saved = await write(recipes, scope, id, expected, doc);
        if (requestId) await requests.keep(scope, requestId, fingerprint, saved);
        return saved;
      });
    },

    async remove(scope: Scope, id: string, version: number): Promise<void> {
      if (await store.remove(scope, id, version)) return;
      const stored = await store.find(scope, id);
      if (!stored) throw new NotFoundError('There is no such recipe in this kitchen.');
      throw new ConflictError('This recipe was changed in between: look at it again before it goes.', {
        stored,
      });
    },

    async restore(scope: Scope, id: string): Promise<RecipeAnswer> {
      await store.restore(scope, id);
      return this.get(scope, id);
    },
  };
}
