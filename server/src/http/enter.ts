import type { RequestHandler } from 'express';
import type { Services } from '../services';
import type { Scope } from './scope';
import { idOf } from './uuid';

/** The one place that makes a scope: the local person, in a household they belong to. Another's doesn't exist. */
export function giveScope({ households }: Services): RequestHandler {
  return async (req, res, next) => {
    const householdId = idOf(req, 'household');
    (res.locals as { scope: Scope }).scope = await households.enter(householdId);
    next();
  };
}
