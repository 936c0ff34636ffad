import type { Shift } from './types';

const LONGEST = 300;

/** What a person takes of a shift: which one, and what it comes to. It holds no names: they may be called otherwise one day. */
export function shiftKey({ id, to }: Pick<Shift, 'id' | 'to'>): string {
  const values = JSON.stringify(to.values, (key, value: unknown) => (key === 'name' ? undefined : value));
  return `${id}=${to.code}${values}`.slice(0, LONGEST);
}

/** Which shift a key is about. */
export const shiftOf = (key: string): string => key.slice(0, key.indexOf('='));
