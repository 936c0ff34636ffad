import type { Express } from 'express';
import { HandInDto, PATHS, TastingDto } from '@omniarton/contracts';
import { checked } from '../http/body';
import { answerVersion, expectationOf } from '../http/conditional';
import { giveScope } from '../http/enter';
import { scopeOf } from '../http/scope';
import { idOf } from '../http/uuid';
import type { Services } from '../services';

export function tastingRoutes(app: Express, services: Services): void {
  const { tastings } = services;
  const scoped = giveScope(services);
  app.get(PATHS.tastings, scoped, async (req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(await tastings.list(scopeOf(res), idOf(req, 'recipe')));
  });
  app.put(PATHS.tasting, scoped, async (req, res) => {
    const expected = expectationOf(req);
    const doc = await checked(TastingDto, req.body);
    const saved = await tastings.save(scopeOf(res), idOf(req, 'recipe'), idOf(req, 'tasting'), expected, doc);
    answerVersion(res, saved.version);
    res.status(expected.kind === 'new' ? 201 : 200).json(saved);
  });
  app.get(PATHS.trays, scoped, async (_req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(await tastings.trays(scopeOf(res)));
  });
  app.post(PATHS.ballots, scoped, async (req, res) => {
    const { ballot } = await checked(HandInDto, req.body);
    await tastings.handIn(scopeOf(res), idOf(req, 'recipe'), idOf(req, 'tasting'), ballot);
    res.status(204).end();
  });
  app.delete(PATHS.tasting, scoped, async (req, res) => {
    await tastings.remove(scopeOf(res), idOf(req, 'recipe'), idOf(req, 'tasting'));
    res.status(204).end();
  });
}
