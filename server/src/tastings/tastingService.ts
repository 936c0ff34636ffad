import type { TastingAnswer, TastingDto } from '@omniarton/contracts';
import { clashesOf, refusalOf, type TastingDocument } from '@omniarton/core/taste';
import type { Expectation } from '../http/conditional';
import { ConflictError, InvalidError, NotFoundError } from '../http/errors';
import type { Scope } from '../http/scope';
import type { TastingStore } from './tastingStore';

/** What a recipe's page shows. */
const MOST = 100;

/** No code is shown while somebody would be given what they avoid. */
function checkClashes({ stage, tasters, withdrawn, samples }: TastingDocument): void {
  if (stage === 'set up') return;
  const here = tasters.filter(({ id }) => !withdrawn.includes(id));
  const [clash] = clashesOf(here, samples).filter(({ certain }) => certain);
  if (clash)
    throw new InvalidError(
      `${clash.taster.name || 'Somebody'} avoids ${clash.what}, and "${clash.sample.name}" holds it.`,
    );
}

/** Ballots that are new must be such as the core would take, the earlier ones as they were. */
function checkBallots(doc: TastingDocument, before: readonly { readonly id: string }[]): void {
  const known = new Set(before.map(({ id }) => id));
  const earlier = doc.ballots.filter(({ id }) => known.has(id));
  let now: TastingDocument = { ...doc, stage: 'tasting', ballots: earlier };
  for (const ballot of doc.ballots.filter(({ id }) => !known.has(id))) {
    const why = refusalOf(now, ballot);
    if (why) throw new InvalidError(`A ballot can’t be taken: ${why}.`);
    now = { ...now, ballots: [...now.ballots, ballot] };
  }
}

export const tastingService = (store: TastingStore) => ({
  list: (scope: Scope, recipe: string): Promise<TastingAnswer[]> => store.list(scope, recipe, MOST),

  async save(
    scope: Scope,
    recipe: string,
    id: string,
    expected: Expectation,
    doc: TastingDto,
  ): Promise<TastingAnswer> {
    const stored = await store.find(scope, recipe, id);
    checkClashes(doc);
    checkBallots(doc, stored?.doc.ballots ?? []);
    const saved =
      expected.kind === 'new'
        ? await store.create(scope, recipe, id, doc)
        : await store.replace(scope, recipe, id, expected.version, doc);
    if (saved) return saved;
    if (!stored) throw new NotFoundError('That tasting, or its recipe, is no longer here.');
    throw new ConflictError('That tasting was changed elsewhere in between.', { stored });
  },

  async remove(scope: Scope, recipe: string, id: string): Promise<void> {
    if (!(await store.remove(scope, recipe, id))) throw new NotFoundError('There is no such tasting.');
  },
});
