import type { Express } from 'express';
import { PATHS, SettingsDto } from '@omniarton/contracts';
import { checked } from '../http/body';
import { answerVersion, expectationOf } from '../http/conditional';
import { giveScope } from '../http/enter';
import { scopeOf } from '../http/scope';
import type { Services } from '../services';

export function settingsRoutes(app: Express, services: Services): void {
  const scoped = giveScope(services);

  app.get(PATHS.settings, scoped, async (_req, res) => {
    const found = await services.settings.get(scopeOf(res));
    answerVersion(res, found.version);
    res.json(found);
  });

  app.put(PATHS.settings, scoped, async (req, res) => {
    const doc = await checked(SettingsDto, req.body);
    const saved = await services.settings.save(scopeOf(res), expectationOf(req), doc);
    answerVersion(res, saved.version);
    res.json(saved);
  });
}
