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
import type { BagStore } from './bagStore';
import type { MovementStore } from './movementStore';

/** Both stores over one handle. */
export interface CupboardStores {
  readonly bags: BagStore;
  readonly movements: MovementStore;
}
type Transaction = <T>(work: (stores: CupboardStores) => Promise<T>) => Promise<T>;
const HUNDREDTH = 100;
const rounded = (grams: number) => Math.round(grams * HUNDREDTH) / HUNDREDTH;

/** Puts back what a movement did, as far as the bags still have it. Twice is once. */
export async function undoMove(stores: CupboardStores, scope: Scope, id: string): Promise<void> {
  const { bags, movements } = stores;
  const move = await movements.move(scope, id);
  if (!move) throw new NotFoundError('There is no such movement in this cupboard.');
  if (move.undone) return;
  const named = move.entries.map(({ bag }) => bag);
  await bags.hold(scope, named);
  const left = await movements.left(scope, named);
  const entries = move.entries.map(({ bag, grams }) => ({
    bag,
    grams: rounded(Math.max(-grams, -(left.get(bag) ?? 0))),
  }));
  await movements.write(scope, { id: newId(), why: 'undone', bake: null, undoes: id, entries });
}

async function stored(from: CupboardStores, scope: Scope, id: string): Promise<BagAnswer> {
  const found = await from.bags.find(scope, id);
  if (!found) throw new NotFoundError('That bag is no longer in this cupboard.');
  return { ...found, grams: (await from.movements.left(scope, [id])).get(id) ?? 0 };
}

/** The bags themselves. */
function shelving(stores: CupboardStores, inTransaction: Transaction) {
  const { bags, movements } = stores;
  return {
    async list(scope: Scope): Promise<CupboardAnswer> {
      const found = await bags.list(scope, MOST_BAGS);
      const left = await movements.left(
        scope,
        found.map(({ id }) => id),
      );
      return { bags: found.map((bag) => ({ ...bag, grams: left.get(bag.id) ?? 0 })) };
    },

    /** A new bag with what is in it. Sending it again, after a lost answer, changes nothing. */
    add: (scope: Scope, id: string, { bag, grams }: NewBagDto): Promise<BagAnswer> =>
      inTransaction(async (inside) => {
        if ((await inside.bags.count(scope)) >= MOST_BAGS)
          throw new InvalidError(`A cupboard holds at most ${MOST_BAGS} bags: throw out an empty one first.`);
        if (await inside.bags.create(scope, id, bag))
          await inside.movements.write(scope, {
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
      if (await bags.replace(scope, id, expected.version, doc)) return stored(stores, scope, id);
      throw new ConflictError('Somebody else has changed that bag in between.', {
        stored: await stored(stores, scope, id),
      });
    },

    async remove(scope: Scope, id: string, version: number): Promise<void> {
      if (await bags.remove(scope, id, version)) return;
      throw new ConflictError('Somebody else has changed that bag in between.', {
        stored: await stored(stores, scope, id),
      });
    },

    async restore(scope: Scope, id: string): Promise<void> {
      if (!(await bags.restore(scope, id)))
        throw new NotFoundError('That bag is no longer in this cupboard.');
    },
  };
}

/** What goes in and out of them. */
function moving({ movements }: CupboardStores, inTransaction: Transaction) {
  return {
    moves: (scope: Scope): Promise<MoveAnswer[]> => movements.moves(scope, LIMITS.pageSize),

    /** Moves grams in and out of bags, all or nothing. No bag gives more than it has; a repeat changes nothing. */
    move: (scope: Scope, id: string, { why, bake, entries }: MoveDto): Promise<MoveAnswer> =>
      inTransaction(async (inside) => {
        const named = entries.map(({ bag }) => bag);
        if (new Set(named).size < named.length) throw new InvalidError('A movement names each bag once.');
        const held = await inside.bags.hold(scope, named);
        const earlier = await inside.movements.move(scope, id);
        if (earlier) return earlier;
        if (named.some((bag) => !held.has(bag)))
          throw new InvalidError('That movement names a bag that isn’t in this cupboard.');
        const left = await inside.movements.left(scope, named);
        const made = entries.map(({ bag, grams, to }) => {
          const now = left.get(bag) ?? 0;
          if ((grams === undefined) === (to === undefined))
            throw new InvalidError('An entry says either by how much, or to what.');
          return { bag, grams: rounded(to === undefined ? Math.max(grams!, -now) : to - now) };
        });
        await inside.movements.write(scope, { id, why, bake: bake ?? null, undoes: null, entries: made });
        return (await inside.movements.move(scope, id))!;
      }),

    undo: (scope: Scope, id: string): Promise<void> => inTransaction((inside) => undoMove(inside, scope, id)),
  };
}

export const cupboardService = (stores: CupboardStores, inTransaction: Transaction) => ({
  ...shelving(stores, inTransaction),
  ...moving(stores, inTransaction),
});
