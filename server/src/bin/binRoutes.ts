import type { Express } from 'express';
import { PATHS } from '@omniarton/contracts';
import { giveScope } from '../http/enter';
import { scopeOf } from '../http/scope';
import { parameter } from '../http/security';
import { idOf } from '../http/uuid';
import type { Services } from '../services';

export function binRoutes(app: Express, services: Services): void {
  const scoped = giveScope(services);
  app.get(PATHS.bin, scoped, async (_req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(await services.bin.list(scopeOf(res)));
  });
  app.post(PATHS.binErase, scoped, async (req, res) => {
    await services.bin.erase(scopeOf(res), parameter(req, 'kind'), idOf(req, 'id'));
    res.status(204).end();
  });
}
