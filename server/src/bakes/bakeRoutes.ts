import type { Express } from 'express';
import { BakeDto, PATHS, PageQuery } from '@omniarton/contracts';
import { checked } from '../http/body';
import { answerVersion, expectationOf, versionOf } from '../http/conditional';
import { giveScope } from '../http/enter';
import { scopeOf } from '../http/scope';
import { idOf } from '../http/uuid';
import type { Services } from '../services';

export function bakeRoutes(app: Express, services: Services): void {
  const { bakes } = services;
  const scoped = giveScope(services);

  app.get(PATHS.bakes, scoped, async (req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    const query = await checked(PageQuery, { ...req.query });
    res.json(await bakes.list(scopeOf(res), idOf(req, 'recipe'), query));
  });

  app.get(PATHS.flourUses, scoped, async (req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(await bakes.withFlour(scopeOf(res), String(req.params['flour'])));
  });
  app.put(PATHS.bake, scoped, async (req, res) => {
    const expected = expectationOf(req);
    const doc = await checked(BakeDto, req.body);
    const saved = await bakes.save(scopeOf(res), idOf(req, 'recipe'), idOf(req, 'bake'), expected, doc);
    answerVersion(res, saved.version);
    res.status(expected.kind === 'new' ? 201 : 200).json(saved);
  });

  app.delete(PATHS.bake, scoped, async (req, res) => {
    await bakes.remove(scopeOf(res), idOf(req, 'recipe'), idOf(req, 'bake'), versionOf(req));
    res.status(204).end();
  });

  app.post(PATHS.bakeRestore, scoped, async (req, res) => {
    await bakes.restore(scopeOf(res), idOf(req, 'recipe'), idOf(req, 'bake'));
    res.status(204).end();
  });
}
