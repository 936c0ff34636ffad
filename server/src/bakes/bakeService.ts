import { isDeepStrictEqual } from 'node:util';
import {
  INGREDIENT_ID,
  LIMITS,
  type BakeAnswer,
  type BakeDto,
  type FlourUse,
  type PageOf,
  type PageQuery,
} from '@omniarton/contracts';
import { undoMove, type CupboardStores } from '../cupboard/cupboardService';
import type { Expectation } from '../http/conditional';
import { ConflictError, InvalidError, NotFoundError } from '../http/errors';
import type { Scope } from '../http/scope';
import { cursorOf, readCursor } from '../http/cursor';
import type { BakeStore } from './bakeStore';
import type { FlourUseStore } from './flourUses';

const plain = ({ notes }: BakeDto): unknown => JSON.parse(JSON.stringify(notes));
/** JSONB keeps no order of keys, and a checked class is no plain object. */
const sameNotes = (a: BakeDto, b: BakeDto) => isDeepStrictEqual(plain(a), plain(b));

/** What a flour's page shows of the log. */
const MOST_USES = 20;

/** What a bake touches: the log, what it used of its flours, and the cupboard. */
export interface BakeStores {
  readonly bakes: BakeStore;
  readonly uses: FlourUseStore;
  readonly cupboard: CupboardStores;
}
type Transaction = <T>(work: (stores: BakeStores) => Promise<T>) => Promise<T>;

export const bakeService = ({ bakes: store, uses }: BakeStores, inTransaction: Transaction) => ({
  async list(scope: Scope, recipeId: string, { cursor, limit }: PageQuery): Promise<PageOf<BakeAnswer>> {
    const from = cursor === undefined ? undefined : readCursor(cursor, 2);
    const { items, last } = await store.list(scope, recipeId, limit ?? LIMITS.pageSize, from);
    return { items, next: last ? cursorOf(last) : null };
  },

  withFlour: (scope: Scope, flour: string): Promise<FlourUse[]> => {
    if (!INGREDIENT_ID.test(flour)) throw new InvalidError('That is no name of a flour.');
    return uses.newest(scope, flour, MOST_USES);
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
    const saved = await inTransaction(async (inside) => {
      const written =
        expected.kind === 'new'
          ? await inside.bakes.create(scope, recipeId, id, doc)
          : await inside.bakes.replace(scope, recipeId, id, expected.version, doc);
      if (written) await inside.uses.write(scope, id);
      return written;
    });
    if (saved) return saved;
    const stored = await store.find(scope, recipeId, id);
    if (!stored) throw new NotFoundError('That bake is no longer here.');
    if (expected.kind === 'new' && sameNotes(stored.doc, doc)) return stored;
    throw new ConflictError('That bake was changed elsewhere in between.', { stored });
  },

  /** Takes a bake off the log, and puts back into the cupboard what it had taken. */
  remove: (scope: Scope, recipeId: string, id: string, version: number): Promise<void> =>
    inTransaction(async ({ bakes, cupboard }) => {
      if (!(await bakes.remove(scope, recipeId, id, version))) {
        const stored = await bakes.find(scope, recipeId, id);
        if (!stored) throw new NotFoundError('There is no such bake on this recipe.');
        throw new ConflictError('That bake was changed elsewhere in between.', { stored });
      }
      for (const move of await cupboard.movements.movesOfBake(scope, id))
        await undoMove(cupboard, scope, move);
    }),

  /** Back on the log. What it took of the cupboard stays put back: the bags have gone on without it. */
  async restore(scope: Scope, recipeId: string, id: string): Promise<void> {
    if (!(await store.restore(scope, recipeId, id)))
      throw new NotFoundError('There is no such bake on this recipe.');
  },
});
