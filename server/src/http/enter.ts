import type { Request, RequestHandler, Response } from 'express';
import type { HouseRole } from '@omniarton/contracts';
import type { Services } from '../services';
import { NotAllowedError } from './errors';
import { mayDo, ROLE_NAMES } from './rights';
import { callerOf, type Scope } from './scope';
import { idOf } from './uuid';

interface Entered {
  scope: Scope;
  role: HouseRole;
}

/** What whoever asks may do in the household of the address. */
export const roleOf = (res: Response): HouseRole => (res.locals as Entered).role;

/** The address as it stands in the paths, with its parameters' names. */
const pathOf = (req: Request): string => String((req.route as { path?: unknown } | undefined)?.path);

/** The one place that makes a scope: whoever asks, in a household they belong to, doing what their role may. Another's doesn't exist. */
export function giveScope({ households }: Services): RequestHandler {
  return async (req, res, next) => {
    const householdId = idOf(req, 'household');
    const { scope, role } = await households.enter(callerOf(res).personId, householdId);
    if (!mayDo(role, req.method, pathOf(req)))
      throw new NotAllowedError(`${ROLE_NAMES[role]} may not do that here. An owner of the kitchen may.`);
    Object.assign(res.locals as Entered, { scope, role });
    next();
  };
}
