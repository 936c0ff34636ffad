import type { SettingsDto } from '@omniarton/contracts';
import type { DayDocument } from '@omniarton/core/clock';
import type { KitchenDocument } from '@omniarton/core/kitchen';
import type { BakeStores } from '../bakes/bakeService';
import type { DocketStore } from '../dockets/docketStore';
import type { MarkStore } from '../finding/markStore';
import type { PhotoStore } from '../photos/photoStore';
import type { TastingStore } from '../tastings/tastingStore';
import type { RecipeStore } from '../recipes/recipeStore';
import type { ShelfStore } from '../shelf/shelfStore';
import type { EverythingStore } from './everythingStore';

/** All that a household's file of everything is made of and goes into. */
export interface EverythingStores extends BakeStores {
  readonly everything: EverythingStore;
  readonly recipes: RecipeStore;
  readonly marks: MarkStore;
  readonly dockets: DocketStore;
  readonly settings: ShelfStore<SettingsDto>;
  readonly kitchens: ShelfStore<KitchenDocument>;
  readonly days: ShelfStore<DayDocument>;
  readonly photos: PhotoStore;
  readonly tastings: TastingStore;
}
