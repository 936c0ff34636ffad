import type { Express } from 'express';
import { KeptDocketDto, PATHS } from '@omniarton/contracts';
import { checked } from '../http/body';
import { giveScope } from '../http/enter';
import { scopeOf } from '../http/scope';
import { idOf } from '../http/uuid';
import type { Services } from '../services';

export function docketRoutes(app: Express, services: Services): void {
  const { dockets } = services;
  const scoped = giveScope(services);

  app.get(PATHS.dockets, scoped, async (req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(await dockets.list(scopeOf(res), idOf(req, 'recipe')));
  });

  app.get(PATHS.docket, scoped, async (req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(await dockets.get(scopeOf(res), idOf(req, 'recipe'), idOf(req, 'docket')));
  });

  app.put(PATHS.docket, scoped, async (req, res) => {
    const doc = await checked(KeptDocketDto, req.body);
    res.status(201).json(await dockets.keep(scopeOf(res), idOf(req, 'recipe'), idOf(req, 'docket'), doc));
  });
}
