import type { Knex } from 'knex';
import { DEFAULT_SETTINGS, type SettingsDto } from '@omniarton/contracts';
import { EMPTY_DAY, upcastDay, type DayDocument } from '@omniarton/core/clock';
import { EMPTY_KITCHEN, upcastKitchen, upcastSettings, type KitchenDocument } from '@omniarton/core/kitchen';
import { bakeService } from './bakes/bakeService';
import { bakeStore } from './bakes/bakeStore';
import { flourUseStore } from './bakes/flourUses';
import { binService } from './bin/binService';
import { binStore } from './bin/binStore';
import { bagStore } from './cupboard/bagStore';
import { cupboardService } from './cupboard/cupboardService';
import { movementStore } from './cupboard/movementStore';
import { readingFrom } from './db/replica';
import { codeStore } from './devices/codeStore';
import { deviceService } from './devices/deviceService';
import { deviceStore } from './devices/deviceStore';
import { doorService } from './devices/doorService';
import { triesAt } from './devices/letIn';
import { memberService } from './devices/memberService';
import { memberStore } from './devices/memberStore';
import { recoveryService } from './devices/recoveryService';
import type { DeviceStores, Together } from './devices/stores';
import { tryStore } from './devices/tryStore';
import { docketService } from './dockets/docketService';
import { docketStore } from './dockets/docketStore';
import { backupsIn } from './erase/backups';
import { eraseService } from './erase/eraseService';
import { eraseStore } from './erase/eraseStore';
import { everythingService } from './everything/everythingService';
import { everythingStore } from './everything/everythingStore';
import { findingService } from './finding/findingService';
import { findingStore } from './finding/findingStore';
import { markStore } from './finding/markStore';
import { healthService } from './health/healthService';
import { healthStore } from './health/healthStore';
import { householdService } from './households/householdService';
import { householdStore } from './households/householdStore';
import { learningService } from './learning/learningService';
import { learningStore } from './learning/learningStore';
import { passkeyDoor } from './passkeys/passkeyDoor';
import { passkeyService } from './passkeys/passkeyService';
import { passkeyStore } from './passkeys/passkeyStore';
import { photoService } from './photos/photoService';
import { photoStore } from './photos/photoStore';
import { recipeService } from './recipes/recipeService';
import { recipeStore } from './recipes/recipeStore';
import { requestStore } from './recipes/requestStore';
import { shelfService } from './shelf/shelfService';
import { shelfStore } from './shelf/shelfStore';
import { tastingService } from './tastings/tastingService';
import { tastingStore } from './tastings/tastingStore';

const cupboardOn = (db: Knex) => ({ bags: bagStore(db), movements: movementStore(db) });

const bakesOn = (db: Knex) => ({ bakes: bakeStore(db), uses: flourUseStore(db), cupboard: cupboardOn(db) });

const devicesOn = (db: Knex): DeviceStores => ({
  codes: codeStore(db),
  devices: deviceStore(db),
  members: memberStore(db),
  tries: tryStore(db),
});

const kitchensOn = (db: Knex) => shelfStore<KitchenDocument>(db, 'kitchens', upcastKitchen);
const settingsOn = (db: Knex) => shelfStore<SettingsDto>(db, 'settings', upcastSettings);
const daysOn = (db: Knex) => shelfStore<DayDocument>(db, 'days', upcastDay);
const everythingOn = (db: Knex) => ({
  ...bakesOn(db),
  everything: everythingStore(db),
  recipes: recipeStore(db),
  marks: markStore(db),
  dockets: docketStore(db),
  settings: settingsOn(db),
  kitchens: kitchensOn(db),
  days: daysOn(db),
  photos: photoStore(db),
  tastings: tastingStore(db),
});
const eraseOn = (db: Knex) => ({ erase: eraseStore(db), kitchens: kitchensOn(db), days: daysOn(db) });

/** Where a household's data lie beside the database; nothing is known of a database of one's own. */
export interface Folders {
  readonly data?: string;
  readonly backups?: string;
}

/**
 * The composition root: every service over one database handle, which may be a transaction. `lists`: a copy of the database that the
 * work list may be read from.
 */
export function servicesOn(db: Knex, folders: Folders = {}, lists?: Knex) {
  const found = findingStore(db);
  const backups = backupsIn(folders.backups);
  const households = householdService(householdStore(db));
  const localPerson = () => households.localPerson();
  const inDevices: Together = (work) => db.transaction((inside) => work(devicesOn(inside)));
  return {
    health: healthService(healthStore(db), folders.data),
    households,
    devices: deviceService(devicesOn(db), localPerson),
    door: doorService(devicesOn(db), inDevices),
    passkeys: passkeyService(passkeyStore(db), devicesOn(db)),
    passkeyDoor: passkeyDoor(passkeyStore(db), devicesOn(db), triesAt(devicesOn(db))),
    members: memberService(devicesOn(db), localPerson, inDevices),
    recovery: recoveryService(devicesOn(db), inDevices),
    finding: findingService(lists ? readingFrom(findingStore(lists), found) : found, markStore(db)),
    recipes: recipeService(recipeStore(db), (work) =>
      db.transaction((inside) => work(recipeStore(inside), requestStore(inside))),
    ),
    bakes: bakeService(bakesOn(db), (work) => db.transaction((inside) => work(bakesOn(inside)))),
    photos: photoService(photoStore(db)),
    tastings: tastingService(tastingStore(db)),
    cupboard: cupboardService(cupboardOn(db), (work) => db.transaction((inside) => work(cupboardOn(inside)))),
    dockets: docketService(docketStore(db)),
    settings: shelfService<SettingsDto>(settingsOn(db), DEFAULT_SETTINGS, 'settings page'),
    kitchen: shelfService<KitchenDocument>(kitchensOn(db), EMPTY_KITCHEN, 'kitchen'),
    day: shelfService<DayDocument>(daysOn(db), EMPTY_DAY, 'bake day'),
    learning: learningService(learningStore(db), kitchensOn(db)),
    bin: binService(binStore(db), backups),
    erase: eraseService(eraseOn(db), backups, (work) => db.transaction((inside) => work(eraseOn(inside)))),
    everything: everythingService(everythingOn(db), (work) =>
      db.transaction((inside) => work(everythingOn(inside))),
    ),
  };
}

export type Services = ReturnType<typeof servicesOn>;
