import type { Express } from 'express';
import { FindQuery, MarkDto, PATHS, SeveralDto } from '@omniarton/contracts';
import { checked } from '../http/body';
import { giveScope } from '../http/enter';
import { scopeOf } from '../http/scope';
import type { Services } from '../services';

export function findingRoutes(app: Express, services: Services): void {
  const { finding } = services;
  const scoped = giveScope(services);

  app.get(PATHS.recipes, scoped, async (req, res) => {
    const query = await checked(FindQuery, { ...req.query });
    res.setHeader('Cache-Control', 'no-store');
    res.json(await finding.find(scopeOf(res), query));
  });
  app.get(PATHS.tags, scoped, async (_req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(await finding.tags(scopeOf(res)));
  });
  app.post(PATHS.marks, scoped, async (req, res) => {
    res.json(await finding.mark(scopeOf(res), await checked(MarkDto, req.body)));
  });
  app.post(PATHS.recipesAway, scoped, async (req, res) => {
    const { ids } = await checked(SeveralDto, req.body);
    res.json(await finding.away(scopeOf(res), ids));
  });
  app.post(PATHS.recipesBack, scoped, async (req, res) => {
    const { ids } = await checked(SeveralDto, req.body);
    res.json(await finding.back(scopeOf(res), ids));
  });
}
