import type { RequestHandler, Response } from 'express';
import type { Services } from '../services';
import { parameter } from './security';
import { uuidOr404 } from './uuid';

/** Whose data a request may touch. Every store function takes it first. */
export interface Scope {
  readonly householdId: string;
  readonly personId: string;
}

export const scopeOf = (res: Response): Scope => (res.locals as { scope: Scope }).scope;

/** The one place that makes a scope: the local person, in a household they belong to. Another's doesn't exist. */
export function giveScope({ households }: Services): RequestHandler {
  return async (req, res, next) => {
    const householdId = uuidOr404(parameter(req, 'household'));
    (res.locals as { scope: Scope }).scope = await households.enter(householdId);
    next();
  };
}
