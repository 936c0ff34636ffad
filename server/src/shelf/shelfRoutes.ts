import type { ClassConstructor } from 'class-transformer';
import type { Express } from 'express';
import type { DayDocument } from '@omniarton/core/clock';
import type { KitchenDocument } from '@omniarton/core/kitchen';
import { DayDto, KitchenDocumentDto, PATHS, SettingsDto, type HouseRole } from '@omniarton/contracts';
import { checked } from '../http/body';
import { answerVersion, expectationOf } from '../http/conditional';
import { giveScope, roleOf } from '../http/enter';
import { NotAllowedError } from '../http/errors';
import { scopeOf } from '../http/scope';
import type { Services } from '../services';
import { onlyHelps } from './helped';
import type { ShelfService } from './shelfService';

function shelf<D extends { readonly schema: number }>(
  app: Express,
  services: Services,
  path: string,
  dto: ClassConstructor<D & object>,
  service: ShelfService<D>,
  /** Refuses what whoever sends it may not change. */
  check: (role: HouseRole, before: () => Promise<D>, after: D) => Promise<void> = () => Promise.resolve(),
): void {
  const scoped = giveScope(services);
  app.get(path, scoped, async (_req, res) => {
    const found = await service.get(scopeOf(res));
    answerVersion(res, found.version);
    res.json(found);
  });
  app.put(path, scoped, async (req, res) => {
    const doc = await checked(dto, req.body);
    const stored = async () => (await service.get(scopeOf(res))).doc;
    await check(roleOf(res), stored, doc);
    const saved = await service.save(scopeOf(res), expectationOf(req), doc);
    answerVersion(res, saved.version);
    res.json(saved);
  });
}

/** A helper ticks and times a day that others plan. */
async function helping(
  role: HouseRole,
  before: () => Promise<DayDocument>,
  after: DayDocument,
): Promise<void> {
  if (role === 'helper' && !onlyHelps(await before(), after))
    throw new NotAllowedError('A helper ticks and times; the day is planned by who bakes.');
}

/** What a household keeps as one document each: its settings, what its recipes share, and its bake day. */
export function shelfRoutes(app: Express, services: Services): void {
  shelf(app, services, PATHS.settings, SettingsDto, services.settings);
  shelf<KitchenDocument>(app, services, PATHS.kitchen, KitchenDocumentDto, services.kitchen);
  shelf<DayDocument>(app, services, PATHS.day, DayDto, services.day, helping);
}
