import type { Express } from 'express';
import { PATHS, RecipeDocumentDto } from '@omniarton/contracts';
import { checked } from '../http/body';
import { answerVersion, expectationOf, requestIdOf, versionOf } from '../http/conditional';
import { giveScope } from '../http/enter';
import { scopeOf } from '../http/scope';
import { idOf } from '../http/uuid';
import type { Services } from '../services';

export function recipeRoutes(app: Express, services: Services): void {
  const { recipes } = services;
  const scoped = giveScope(services);

  app.get(PATHS.recipe, scoped, async (req, res) => {
    const found = await recipes.get(scopeOf(res), idOf(req, 'recipe'));
    answerVersion(res, found.version);
    res.json(found);
  });

  app.put(PATHS.recipe, scoped, async (req, res) => {
    const id = idOf(req, 'recipe');
    const expected = expectationOf(req);
    const doc = await checked(RecipeDocumentDto, req.body);
    const saved = await recipes.save(scopeOf(res), id, expected, doc, requestIdOf(req));
    answerVersion(res, saved.version);
    res.status(expected.kind === 'new' ? 201 : 200).json(saved);
  });

  app.delete(PATHS.recipe, scoped, async (req, res) => {
    await recipes.remove(scopeOf(res), idOf(req, 'recipe'), versionOf(req));
    res.status(204).end();
  });

  app.post(PATHS.recipeRestore, scoped, async (req, res) => {
    const back = await recipes.restore(scopeOf(res), idOf(req, 'recipe'));
    answerVersion(res, back.version);
    res.json(back);
  });
}
