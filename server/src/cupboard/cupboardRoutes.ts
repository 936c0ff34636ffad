import type { Express } from 'express';
import { BagDto, MoveDto, NewBagDto, PATHS } from '@omniarton/contracts';
import { checked } from '../http/body';
import { answerVersion, expectationOf, versionOf } from '../http/conditional';
import { giveScope } from '../http/enter';
import { scopeOf } from '../http/scope';
import { idOf } from '../http/uuid';
import type { Services } from '../services';

export function cupboardRoutes(app: Express, services: Services): void {
  const { cupboard } = services;
  const scoped = giveScope(services);
  app.get(PATHS.cupboard, scoped, async (_req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(await cupboard.list(scopeOf(res)));
  });
  app.put(PATHS.bag, scoped, async (req, res) => {
    const expected = expectationOf(req);
    const id = idOf(req, 'bag');
    const saved =
      expected.kind === 'new'
        ? await cupboard.add(scopeOf(res), id, await checked(NewBagDto, req.body))
        : await cupboard.change(scopeOf(res), id, expected, await checked(BagDto, req.body));
    answerVersion(res, saved.version);
    res.status(expected.kind === 'new' ? 201 : 200).json(saved);
  });
  app.delete(PATHS.bag, scoped, async (req, res) => {
    await cupboard.remove(scopeOf(res), idOf(req, 'bag'), versionOf(req));
    res.status(204).end();
  });
  app.post(PATHS.bagRestore, scoped, async (req, res) => {
    await cupboard.restore(scopeOf(res), idOf(req, 'bag'));
    res.status(204).end();
  });
  app.get(PATHS.moves, scoped, async (_req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(await cupboard.moves(scopeOf(res)));
  });
  app.put(PATHS.move, scoped, async (req, res) => {
    const move = await checked(MoveDto, req.body);
    res.status(201).json(await cupboard.move(scopeOf(res), idOf(req, 'move'), move));
  });
  app.delete(PATHS.move, scoped, async (req, res) => {
    await cupboard.undo(scopeOf(res), idOf(req, 'move'));
    res.status(204).end();
  });
}
