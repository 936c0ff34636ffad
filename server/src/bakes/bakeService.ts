import { isDeepStrictEqual } from 'node:util';
import { INGREDIENT_ID, LIMITS, type BakeAnswer, type BakeDto, type FlourUse } from '@omniarton/contracts';
import { undoMove, type CupboardStores } from '../cupboard/cupboardService';
import type { Expectation } from '../http/conditional';
import { ConflictError, InvalidError, NotFoundError } from '../http/errors';
import type { Scope } from '../http/scope';
import type { BakeStore } from './bakeStore';

const plain = ({ notes }: BakeDto): unknown => JSON.parse(JSON.stringify(notes));
/** JSONB keeps no order of keys, and a checked class is no plain object. */
const sameNotes = (a: BakeDto, b: BakeDto) => isDeepStrictEqual(plain(a), plain(b));

/** What a flour's page shows of the log. */
const MOST_USES = 20;

type Transaction = <T>(work: (bakes: BakeStore, cupboard: CupboardStores) => Promise<T>) => Promise<T>;

type FlourUses = (scope: Scope, flour: string, limit: number) => Promise<FlourUse[]>;

export const bakeService = (store: BakeStore, withFlour: FlourUses, inTransaction: Transaction) => ({
  list: (scope: Scope, recipeId: string): Promise<BakeAnswer[]> =>
    store.list(scope, recipeId, LIMITS.pageSize),

  withFlour: (scope: Scope, flour: string): Promise<FlourUse[]> => {
    if (!INGREDIENT_ID.test(flour)) throw new InvalidError('That is no name of a flour.');
    return withFlour(scope, flour, MOST_USES);
  },

  /** Writes a bake down, or corrects it. Sending the same new one again, after a lost answer, changes nothing. */
  async save(
    scope: Scope,
    recipeId: string,
    id: string,
    expected: Expectation,
    doc: BakeDto,
  ): Promise<BakeAnswer> {
    if (!(await store.hasDocket(scope, recipeId, doc.docket)))
      throw new InvalidError(
        'That bake names a docket that this recipe doesn’t have: keep the docket first.',
      );
    const saved =
      expected.kind === 'new'
        ? await store.create(scope, recipeId, id, doc)
        : await store.replace(scope, recipeId, id, expected.version, doc);
    if (saved) return saved;
    const stored = await store.find(scope, recipeId, id);
    if (!stored) throw new NotFoundError('That bake is no longer here.');
    if (expected.kind === 'new' && sameNotes(stored.doc, doc)) return stored;
    throw new ConflictError('That bake was changed elsewhere in between.', { stored });
  },

  /** Takes a bake off the log, and puts back into the cupboard what it had taken. */
  remove: (scope: Scope, recipeId: string, id: string): Promise<void> =>
    inTransaction(async (bakes, cupboard) => {
      if (!(await bakes.remove(scope, recipeId, id)))
        throw new NotFoundError('There is no such bake on this recipe.');
      for (const move of await cupboard.movements.movesOfBake(scope, id))
        await undoMove(cupboard, scope, move);
    }),
});
