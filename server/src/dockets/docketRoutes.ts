import type { Express, Request } from 'express';
import { KeptDocketDto, PATHS } from '@omniarton/contracts';
import { checked } from '../http/body';
import { giveScope } from '../http/enter';
import { scopeOf } from '../http/scope';
import { parameter } from '../http/security';
import { uuidOr404 } from '../http/uuid';
import type { Services } from '../services';

const recipeOf = (req: Request) => uuidOr404(parameter(req, 'recipe'));
const docketOf = (req: Request) => uuidOr404(parameter(req, 'docket'));

export function docketRoutes(app: Express, services: Services): void {
  const { dockets } = services;
  const scoped = giveScope(services);

  app.get(PATHS.dockets, scoped, async (req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(await dockets.list(scopeOf(res), recipeOf(req)));
  });

  app.get(PATHS.docket, scoped, async (req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(await dockets.get(scopeOf(res), recipeOf(req), docketOf(req)));
  });

  app.put(PATHS.docket, scoped, async (req, res) => {
    const doc = await checked(KeptDocketDto, req.body);
    res.status(201).json(await dockets.keep(scopeOf(res), recipeOf(req), docketOf(req), doc));
  });
}
