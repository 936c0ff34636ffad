import { isAway } from './away';

type Read = (...asked: never[]) => Promise<unknown>;

/** Reads on a copy of the database that may lag a little behind, and on the database itself where the copy is away. */
export function readingFrom<S extends Readonly<Record<string, Read>>>(copy: S, itself: S): S {
  const reads = Object.entries(copy).map(([name, read]): [string, Read] => [
    name,
    async (...asked) => {
      try {
        return await read(...asked);
      } catch (error) {
        if (!isAway(error)) throw error;
        return itself[name]!(...asked);
      }
    },
  ]);
  return Object.fromEntries(reads) as S;
}
