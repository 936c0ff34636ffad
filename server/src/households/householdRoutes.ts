import type { Express } from 'express';
import { PATHS } from '@omniarton/contracts';
import { giveScope } from '../http/enter';
import { callerOf, scopeOf } from '../http/scope';
import type { Services } from '../services';

export function householdRoutes(app: Express, services: Services): void {
  app.get(PATHS.households, async (_req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(await services.households.list(callerOf(res).personId));
  });
  app.delete(PATHS.household, giveScope(services), async (_req, res) => {
    await services.households.removeDemo(scopeOf(res));
    res.status(204).end();
  });
}
