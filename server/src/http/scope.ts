import type { Response } from 'express';

/** Whose data a request may touch. Every store function takes it first. */
export interface Scope {
  readonly householdId: string;
  readonly personId: string;
}

export const scopeOf = (res: Response): Scope => (res.locals as { scope: Scope }).scope;
