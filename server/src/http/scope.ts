import type { Response } from 'express';

/** Who asks, and from which device; null: from the machine itself. */
export interface Caller {
  readonly personId: string;
  readonly deviceId: string | null;
}

export const callerOf = (res: Response): Caller => (res.locals as { caller: Caller }).caller;

/** Whose data a request may touch. Every store function takes it first. */
export interface Scope {
  readonly householdId: string;
  readonly personId: string;
}

export const scopeOf = (res: Response): Scope => (res.locals as { scope: Scope }).scope;
