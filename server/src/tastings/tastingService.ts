import type { TastingAnswer, TastingDto, TraysAnswer } from '@omniarton/contracts';
import {
  blind,
  clashesOf,
  openTrays,
  refusalOf,
  withBallot,
  type Ballot,
  type TastingDocument,
} from '@omniarton/core/taste';
import type { Expectation } from '../http/conditional';
import { ConflictError, InvalidError, NotFoundError } from '../http/errors';
import type { Scope } from '../http/scope';
import type { TastingStore } from './tastingStore';

/** Ballots that may come in beside one that is handed in. */
const MOST_AT_ONCE = 20;
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

  /** What is tasted now, as whoever tastes may see it. */
  async trays(scope: Scope): Promise<TraysAnswer[]> {
    return (await store.goingOn(scope, MOST)).map(({ recipe, id, doc }) => {
      const names = new Map(doc.tasters.map((one) => [one.id, one.name]));
      return {
        ...{ recipe, tasting: id, test: doc.test, about: doc.about, rounds: doc.rounds },
        trays: openTrays(doc).map((tray) => ({ ...blind(tray), name: names.get(tray.taster) ?? '' })),
      };
    });
  },

  /** Takes one ballot; where another came in between, once more beside that. */
  async handIn(scope: Scope, recipe: string, id: string, ballot: Ballot): Promise<void> {
    for (let again = 0; again < MOST_AT_ONCE; again += 1) {
      const stored = await store.find(scope, recipe, id);
      if (!stored) throw new NotFoundError('That tasting is no longer here.');
      const doc = withBallot(stored.doc, ballot);
      if (typeof doc === 'string') throw new InvalidError(`The ballot can’t be taken: ${doc}.`);
      if (doc === stored.doc) return;
      if (
        await store.replace(scope, recipe, id, stored.version, { ...stored.doc, ballots: [...doc.ballots] })
      )
        return;
    }
    throw new ConflictError('Many ballots came at once. Hand it in again.');
  },

  async remove(scope: Scope, recipe: string, id: string): Promise<void> {
    if (!(await store.remove(scope, recipe, id))) throw new NotFoundError('There is no such tasting.');
  },
});
