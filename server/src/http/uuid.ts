import type { Request } from 'express';
import { validate } from 'uuid';
import { NotFoundError } from './errors';
import { parameter } from './security';

export const isUuid = (value: string): boolean => validate(value);

/** An id out of an address; one that can't be an id names nothing. */
function uuidOr404(value: string): string {
  if (!isUuid(value)) throw new NotFoundError('There is no such address.');
  return value.toLowerCase();
}

/** The id that an address has in a parameter's place. */
export const idOf = (req: Request, name: string): string => uuidOr404(parameter(req, name));
