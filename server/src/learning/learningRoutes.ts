import type { Express } from 'express';
import { PATHS } from '@omniarton/contracts';
import { giveScope } from '../http/enter';
import { scopeOf } from '../http/scope';
import type { Services } from '../services';

export function learningRoutes(app: Express, services: Services): void {
  app.get(PATHS.learning, giveScope(services), async (_, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(await services.learning.learnt(scopeOf(res)));
  });
}
