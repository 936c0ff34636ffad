import type { ClassConstructor } from 'class-transformer';
import type { Express } from 'express';
import type { DayDocument } from '@omniarton/core/clock';
import type { KitchenDocument } from '@omniarton/core/kitchen';
import { DayDto, KitchenDocumentDto, PATHS, SettingsDto } from '@omniarton/contracts';
import { checked } from '../http/body';
import { answerVersion, expectationOf } from '../http/conditional';
import { giveScope } from '../http/enter';
import { scopeOf } from '../http/scope';
import type { Services } from '../services';
import type { ShelfService } from './shelfService';

function shelf<D extends { readonly schema: number }>(
  app: Express,
  services: Services,
  path: string,
  dto: ClassConstructor<D & object>,
  service: ShelfService<D>,
): void {
  const scoped = giveScope(services);
  app.get(path, scoped, async (_req, res) => {
    const found = await service.get(scopeOf(res));
    answerVersion(res, found.version);
    res.json(found);
  });
  app.put(path, scoped, async (req, res) => {
    const saved = await service.save(scopeOf(res), expectationOf(req), await checked(dto, req.body));
    answerVersion(res, saved.version);
    res.json(saved);
  });
}

/** What a household keeps as one document each: its settings, what its recipes share, and its bake day. */
export function shelfRoutes(app: Express, services: Services): void {
  shelf(app, services, PATHS.settings, SettingsDto, services.settings);
  shelf<KitchenDocument>(app, services, PATHS.kitchen, KitchenDocumentDto, services.kitchen);
  shelf<DayDocument>(app, services, PATHS.day, DayDto, services.day);
}
