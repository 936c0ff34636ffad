import { v7 as newId } from 'uuid';
import {
  LIMITS,
  MOST_BAGS,
  type BagAnswer,
  type BagDto,
  type CupboardAnswer,
  type MoveAnswer,
  type MoveDto,
  type NewBagDto,
} from '@omniarton/contracts';
import type { Expectation } from '../http/conditional';
import { ConflictError, InvalidError, NotFoundError } from '../http/errors';
import type { Scope } from '../http/scope';
import type { CupboardStore } from './cupboardStore';

type Transaction = <T>(work: (store: CupboardStore) => Promise<T>) => Promise<T>;
const HUNDREDTH = 100;
const rounded = (grams: number) => Math.round(grams * HUNDREDTH) / HUNDREDTH;

/** Puts back what a movement did, as far as the bags still have it. Twice is once. */
export async function undoMove(store: CupboardStore, scope: Scope, id: string): Promise<void> {
  const move = await store.move(scope, id);
  if (!move) throw new NotFoundError('There is no such movement in this cupboard.');
  if (move.undone) return;
  const bags = move.entries.map(({ bag }) => bag);
  await store.hold(scope, bags);
  const left = await store.left(scope, bags);
  const entries = move.entries.map(({ bag, grams }) => ({
    bag,
    grams: rounded(Math.max(-grams, -(left.get(bag) ?? 0))),
  }));
  await store.write(scope, { id: newId(), why: 'undone', bake: null, undoes: id, entries });
}

export function cupboardService(store: CupboardStore, inTransaction: Transaction) {
  async function stored(from: CupboardStore, scope: Scope, id: string): Promise<BagAnswer> {
    const found = await from.find(scope, id);
    if (!found) throw new NotFoundError('That bag is no longer in this cupboard.');
    return found;
  }

  return {
    list: async (scope: Scope): Promise<CupboardAnswer> => ({ bags: await store.list(scope, MOST_BAGS) }),

    /** A new bag with what is in it. Sending it again, after a lost answer, changes nothing. */
    add: (scope: Scope, id: string, { bag, grams }: NewBagDto): Promise<BagAnswer> =>
      inTransaction(async (inside) => {
        if ((await inside.count(scope)) >= MOST_BAGS)
          throw new InvalidError(`A cupboard holds at most ${MOST_BAGS} bags: throw out an empty one first.`);
        if (await inside.create(scope, id, bag))
          await inside.write(scope, {
            id,
            why: 'new',
            bake: null,
            undoes: null,
            entries: [{ bag: id, grams: rounded(grams) }],
          });
        return stored(inside, scope, id);
      }),

    /** Changes what is written on a bag. What is in it changes by movements alone, so neither loses the other. */
    async change(scope: Scope, id: string, expected: Expectation, doc: BagDto): Promise<BagAnswer> {
      if (expected.kind === 'new') throw new InvalidError('A new bag comes with what is in it.');
      if (await store.replace(scope, id, expected.version, doc)) return stored(store, scope, id);
      throw new ConflictError('Somebody else has changed that bag in between.', {
        stored: await stored(store, scope, id),
      });
    },

    async setRemoved(scope: Scope, id: string, removed: boolean): Promise<void> {
      if (!(await store.setRemoved(scope, id, removed)))
        throw new NotFoundError('That bag is no longer in this cupboard.');
    },

    moves: (scope: Scope): Promise<MoveAnswer[]> => store.moves(scope, LIMITS.pageSize),

    /** Moves grams in and out of bags, all or nothing. No bag gives more than it has; a repeat changes nothing. */
    move: (scope: Scope, id: string, { why, bake, entries }: MoveDto): Promise<MoveAnswer> =>
      inTransaction(async (inside) => {
        const bags = entries.map(({ bag }) => bag);
        if (new Set(bags).size < bags.length) throw new InvalidError('A movement names each bag once.');
        const held = await inside.hold(scope, bags);
        const earlier = await inside.move(scope, id);
        if (earlier) return earlier;
        if (bags.some((bag) => !held.has(bag)))
          throw new InvalidError('That movement names a bag that isn’t in this cupboard.');
        const left = await inside.left(scope, bags);
        const made = entries.map(({ bag, grams, to }) => {
          const now = left.get(bag) ?? 0;
          if ((grams === undefined) === (to === undefined))
            throw new InvalidError('An entry says either by how much, or to what.');
          return { bag, grams: rounded(to === undefined ? Math.max(grams!, -now) : to - now) };
        });
        await inside.write(scope, { id, why, bake: bake ?? null, undoes: null, entries: made });
        return (await inside.move(scope, id))!;
      }),

    undo: (scope: Scope, id: string): Promise<void> => inTransaction((inside) => undoMove(inside, scope, id)),
  };
}
