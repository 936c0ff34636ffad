import type { ClassConstructor } from 'class-transformer';
import {
  BagDto,
  BakeDto,
  DayDto,
  KeptDocketDto,
  KitchenDocumentDto,
  LONGEST_TAG,
  RecipeDocumentDto,
  SettingsDto,
  TastingDto,
  PHOTO_OF,
  type EverythingFile,
  type Marks,
  type MovedOut,
  type MoveReason,
  type TakenInAnswer,
} from '@omniarton/contracts';
import { upcastDay } from '@omniarton/core/clock';
import { upcastDocket } from '@omniarton/core/docket';
import {
  NOTHING_LEARNT,
  UnreadableDocumentError,
  upcastBag,
  upcastBake,
  upcastKitchen,
  upcastRecipe,
  upcastSettings,
  type KitchenDocument,
} from '@omniarton/core/kitchen';
import { upcastTasting } from '@omniarton/core/taste';
import { checked } from '../http/body';
import { InvalidError } from '../http/errors';
import type { Scope } from '../http/scope';
import { isUuid } from '../http/uuid';
import { seenPhoto } from '../photos/seenPhoto';
import type { EverythingStores } from './stores';
import { mergedKitchen } from './mergedKitchen';

type Listed = 'recipes' | 'dockets' | 'bakes' | 'bags' | 'photos' | 'tastings';
const MOST_REFUSED = 20;

/** Counts what a file brings, and says of what it can't use why. */
class Tally {
  readonly counts = { recipes: 0, dockets: 0, bakes: 0, bags: 0, photos: 0, tastings: 0, known: 0 };
  readonly refused: string[] = [];
  took(what: Listed, taken: boolean): void {
    this.counts[taken ? what : 'known'] += 1;
  }
  refuse(what: string, error: unknown): void {
    if (!(
      error instanceof InvalidError ||
      error instanceof UnreadableDocumentError ||
      error instanceof TypeError
    ))
      throw error;
    if (this.refused.length < MOST_REFUSED) this.refused.push(`${what}: ${error.message}`);
  }
}

/** A document of a file, brought up to date and checked as if it had come from the page. */
async function read<T extends object>(type: ClassConstructor<T>, id: unknown, doc: () => object): Promise<T> {
  if (typeof id !== 'string' || !isUuid(id)) throw new InvalidError('its id is none');
  return checked(type, doc());
}

const listOf = <One = Record<string, unknown>>(file: object, name: string): readonly One[] => {
  const list: unknown = (file as Readonly<Record<string, unknown>>)[name];
  return Array.isArray(list) ? (list as One[]) : [];
};

const keptDocket = (doc: object): object => {
  const { from, docket, ...rest } = doc as { from: object; docket: object };
  return { ...rest, from: upcastRecipe(from), docket: upcastDocket(docket) };
};

/** The marks that a file gives a recipe; what is none is left out. */
function marksOf(said: unknown): Marks {
  const { favourite, tags } = said as { readonly favourite?: unknown; readonly tags?: unknown };
  const words = Array.isArray(tags) ? (tags as unknown[]).filter((one) => typeof one === 'string') : [];
  return {
    favourite: favourite === true,
    tags: words.filter((one) => one !== '' && one.length <= LONGEST_TAG),
  };
}

type Taker = (one: Record<string, unknown>) => Promise<boolean>;

/** How a thing of each list is put in; false where it was there already. */
const takers = (
  inside: EverythingStores,
  scope: Scope,
  newBags: Set<string>,
  own: boolean,
): Readonly<Record<Listed, Taker>> => ({
  recipes: async ({ id, doc, marks }) => {
    const recipe = await read(RecipeDocumentDto, id, () => upcastRecipe(doc as object));
    const made = await inside.recipes.create(scope, id as string, recipe);
    if (made && marks) await inside.marks.keep(scope, id as string, marksOf(marks));
    return made !== undefined;
  },
  dockets: async ({ id, recipe, at, doc }) => {
    const kept = await read(KeptDocketDto, id, () => keptDocket(doc as object));
    return inside.dockets.create(scope, String(recipe), id as string, kept, new Date(String(at)));
  },
  bakes: async ({ id, recipe, doc }) => {
    const bake = await read(BakeDto, id, () => upcastBake(doc as object));
    if (!(await inside.bakes.hasDocket(scope, String(recipe), bake.docket)))
      throw new InvalidError('it names a docket that isn’t there');
    const imported = bake.imported || !own;
    const made = await inside.bakes.create(scope, String(recipe), id as string, { ...bake, imported });
    if (made) await inside.uses.write(scope, id as string);
    return made !== undefined;
  },
  bags: async ({ id, doc }) => {
    const bag = await read(BagDto, id, () => upcastBag(doc as object));
    const made = await inside.cupboard.bags.create(scope, id as string, bag);
    if (made) newBags.add(id as string);
    return made;
  },
  tastings: async ({ id, recipe, doc }) => {
    const tasting = await read(TastingDto, id, () => upcastTasting(doc as object));
    return (await inside.tastings.create(scope, String(recipe), id as string, tasting)) !== undefined;
  },
  photos: async ({ id, bake, of, bytes }) => {
    if (typeof id !== 'string' || !isUuid(id) || !isUuid(String(bake)))
      throw new InvalidError('its id is none');
    const what = PHOTO_OF.find((one) => one === of);
    if (!what || typeof bytes !== 'string') throw new InvalidError('it is no picture of a bake');
    const raw = Buffer.from(bytes, 'base64');
    return inside.photos.create(scope, String(bake), { id, of: what, ...seenPhoto(raw), bytes: raw });
  },
});

/** In the order in which they stand on each other. */
const ORDER: readonly Listed[] = ['recipes', 'dockets', 'bakes', 'bags', 'photos', 'tastings'];

/** What came in and went out of the bags that the file has brought: of others the cupboard knows more. */
async function takeMoves(
  { cupboard }: EverythingStores,
  scope: Scope,
  moves: readonly MovedOut[],
  bags: ReadonlySet<string>,
): Promise<void> {
  for (const { move, bag, grams, why, bake, undoes, at } of moves)
    if (bags.has(bag) && isUuid(move) && Number.isFinite(grams))
      await cupboard.movements.write(scope, {
        id: move,
        why: why as MoveReason,
        bake,
        undoes,
        entries: [{ bag, grams }],
        at: new Date(at),
      });
}

/** What another kitchen's oven, tasters and open bags taught says nothing of this one. */
const withoutItsTemper = (theirs: KitchenDocument): KitchenDocument => ({
  ...theirs,
  learning: NOTHING_LEARNT,
  weighed: theirs.weighed.map((cup) => ({ ...cup, inUse: false })),
});

async function takeShelves(
  inside: EverythingStores,
  scope: Scope,
  file: Partial<EverythingFile>,
  own: boolean,
): Promise<void> {
  if (file.kitchen) {
    const theirs = await checked(KitchenDocumentDto, upcastKitchen(file.kitchen));
    const kitchen = own ? theirs : withoutItsTemper(theirs);
    const here = await inside.kitchens.find(scope);
    await inside.kitchens.write(scope, here?.version ?? 0, here ? mergedKitchen(here.doc, kitchen) : kitchen);
  }
  if (file.day && (await inside.days.find(scope)) === undefined)
    await inside.days.write(scope, 0, await checked(DayDto, upcastDay(file.day)));
  if (file.settings && (await inside.settings.find(scope)) === undefined)
    await inside.settings.write(scope, 0, await checked(SettingsDto, upcastSettings(file.settings)));
}

/** Takes all that is new in a file in: what is there already stays as it is. Unless it is this kitchen's `own`, its bakes teach nothing. */
export async function takeFileIn(
  inside: EverythingStores,
  scope: Scope,
  file: Partial<EverythingFile>,
  own: boolean,
): Promise<TakenInAnswer> {
  const tally = new Tally();
  const newBags = new Set<string>();
  const take = takers(inside, scope, newBags, own);
  await takeShelves(inside, scope, file, own);
  for (const name of ORDER)
    for (const one of listOf(file, name))
      try {
        tally.took(name, await take[name](one));
      } catch (error) {
        tally.refuse(`${name} ${String(one['id'])}`, error);
      }
  await takeMoves(inside, scope, listOf<MovedOut>(file, 'moves'), newBags);
  return { ...tally.counts, refused: tally.refused };
}
