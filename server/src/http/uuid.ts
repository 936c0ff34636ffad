import { validate } from 'uuid';
import { NotFoundError } from './errors';

export const isUuid = (value: string): boolean => validate(value);

/** An id out of an address; one that can't be an id names nothing. */
export function uuidOr404(value: string): string {
  if (!isUuid(value)) throw new NotFoundError('There is no such address.');
  return value.toLowerCase();
}
