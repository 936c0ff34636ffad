import type { FoundAnswer, TagCount } from './finding';
import type { HouseholdAnswer } from './household';
import type { KitchenAnswer } from './kitchen';
import type { SettingsAnswer } from './settings';

/** A kitchen as the work list shows it first: its first recipes, their tags, and whose they are. */
export interface FirstKitchen {
  readonly household: HouseholdAnswer;
  readonly found: FoundAnswer;
  readonly tags: readonly TagCount[];
  readonly kitchen: KitchenAnswer;
}

/** All that the work list is written from. `settings`: those of one's own kitchen. */
export interface FirstPage {
  readonly kitchens: readonly FirstKitchen[];
  readonly settings: { readonly household: string; readonly answer: SettingsAnswer } | null;
}

/** The element of the page in which what it was written from stands, as JSON. */
export const FIRST_PAGE_ID = 'written-from';
/** The style of what was written, until the page has its own. */
export const FIRST_STYLE_ID = 'written-style';

/** A first page as HTML and its style. */
export interface WrittenPage {
  readonly html: string;
  readonly css: string;
}

/** What the built page brings along to be written by a server: `dist/written/written.js`. */
export interface WritesFirstPage {
  readonly writeFirstPage: (from: FirstPage) => Promise<WrittenPage>;
}
