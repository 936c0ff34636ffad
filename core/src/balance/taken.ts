import type { Shift } from './types';

const LONGEST = 300;

/** What a person takes of a shift: which one, and what it says. */
export const shiftKey = ({ id, to }: Pick<Shift, 'id' | 'to'>): string => `${id}=${to}`.slice(0, LONGEST);

/** Which shift a key is about. */
export const shiftOf = (key: string): string => key.slice(0, key.indexOf('='));
