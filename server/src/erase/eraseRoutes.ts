import type { Express } from 'express';
import { PATHS } from '@omniarton/contracts';
import { giveScope } from '../http/enter';
import { scopeOf } from '../http/scope';
import { idOf } from '../http/uuid';
import type { Services } from '../services';

export function eraseRoutes(app: Express, services: Services): void {
  const { erase } = services;
  const scoped = giveScope(services);
  app.get(PATHS.personTouches, scoped, async (req, res) => {
    res.setHeader('Cache-Control', 'no-store');
    res.json(await erase.touches(scopeOf(res), idOf(req, 'person')));
  });
  app.post(PATHS.personErase, scoped, async (req, res) => {
    res.json(await erase.person(scopeOf(res), idOf(req, 'person')));
  });
  app.post(PATHS.recipeErase, scoped, async (req, res) => {
    res.json(await erase.recipe(scopeOf(res), idOf(req, 'recipe')));
  });
  app.post(PATHS.householdErase, scoped, async (_req, res) => {
    res.json(await erase.household(scopeOf(res)));
  });
}
