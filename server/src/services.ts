import type { Knex } from 'knex';
import { DEFAULT_SETTINGS, type SettingsDto } from '@omniarton/contracts';
import { EMPTY_KITCHEN, type KitchenDocument } from '@omniarton/core/kitchen';
import { bakeService } from './bakes/bakeService';
import { bakeStore } from './bakes/bakeStore';
import { bakesWithFlour } from './bakes/flourUses';
import { bagStore } from './cupboard/bagStore';
import { cupboardService } from './cupboard/cupboardService';
import { movementStore } from './cupboard/movementStore';
import { docketService } from './dockets/docketService';
import { docketStore } from './dockets/docketStore';
import { healthService } from './health/healthService';
import { healthStore } from './health/healthStore';
import { householdService } from './households/householdService';
import { householdStore } from './households/householdStore';
import { recipeService } from './recipes/recipeService';
import { recipeStore } from './recipes/recipeStore';
import { requestStore } from './recipes/requestStore';
import { shelfService } from './shelf/shelfService';
import { shelfStore } from './shelf/shelfStore';

const cupboardOn = (db: Knex) => ({ bags: bagStore(db), movements: movementStore(db) });

/** The composition root: every service over one database handle, which may be a transaction. */
export function servicesOn(db: Knex) {
  return {
    health: healthService(healthStore(db)),
    households: householdService(householdStore(db)),
    recipes: recipeService(recipeStore(db), (work) =>
      db.transaction((inside) => work(recipeStore(inside), requestStore(inside))),
    ),
    bakes: bakeService(
      bakeStore(db),
      (...asked) => bakesWithFlour(db, ...asked),
      (work) => db.transaction((inside) => work(bakeStore(inside), cupboardOn(inside))),
    ),
    cupboard: cupboardService(cupboardOn(db), (work) => db.transaction((inside) => work(cupboardOn(inside)))),
    dockets: docketService(docketStore(db)),
    settings: shelfService<SettingsDto>(shelfStore(db, 'settings'), DEFAULT_SETTINGS, 'settings page'),
    kitchen: shelfService<KitchenDocument>(shelfStore(db, 'kitchens'), EMPTY_KITCHEN, 'kitchen'),
  };
}

export type Services = ReturnType<typeof servicesOn>;
