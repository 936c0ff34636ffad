import type { BakeNotes } from '@omniarton/core/kitchen';
import { attempt } from '../../base/attempt';

/** What of a bake was written down and not sent. */
type Part = Partial<BakeNotes>;

const keyOf = (id: string) => `omniarton.bake.${id}`;

/** Keeps what was written down of a bake in this browser until the server has it; null: it has. */
export const keepPart = (id: string, part: Part | null): void =>
  attempt(() =>
    part === null
      ? localStorage.removeItem(keyOf(id))
      : localStorage.setItem(keyOf(id), JSON.stringify(part)),
  );

/** What an earlier visit left unsent of a bake. */
export const findPart = (id: string): Part | null =>
  attempt(() => JSON.parse(localStorage.getItem(keyOf(id)) ?? 'null') as Part | null) ?? null;
