import type { ClassConstructor } from 'class-transformer';
import {
  BagDto,
  BakeDto,
  EVERYTHING_FORMAT,
  EVERYTHING_VERSION,
  KeptDocketDto,
  KitchenDocumentDto,
  RecipeDocumentDto,
  SettingsDto,
  type EverythingFile,
  type MovedOut,
  type MoveReason,
  type TakenInAnswer,
} from '@omniarton/contracts';
import { upcastDocket } from '@omniarton/core/docket';
import {
  UnreadableDocumentError,
  upcastBag,
  upcastBake,
  upcastKitchen,
  upcastRecipe,
  upcastSettings,
  type KitchenDocument,
} from '@omniarton/core/kitchen';
import type { BakeStores } from '../bakes/bakeService';
import type { DocketStore } from '../dockets/docketStore';
import { checked } from '../http/body';
import { InvalidError } from '../http/errors';
import type { Scope } from '../http/scope';
import { isUuid } from '../http/uuid';
import type { RecipeStore } from '../recipes/recipeStore';
import type { ShelfStore } from '../shelf/shelfStore';
import type { EverythingStore } from './everythingStore';
import { mergedKitchen } from './mergedKitchen';

export interface EverythingStores extends BakeStores {
  readonly everything: EverythingStore;
  readonly recipes: RecipeStore;
  readonly dockets: DocketStore;
  readonly settings: ShelfStore<SettingsDto>;
  readonly kitchens: ShelfStore<KitchenDocument>;
}
type Transaction = <T>(work: (stores: EverythingStores) => Promise<T>) => Promise<T>;
type Write = (text: string) => Promise<void>;

const LISTS = ['recipes', 'dockets', 'bakes', 'bags'] as const;
const MOST_REFUSED = 20;

/** Counts what a file brings, and says of what it can't use why. */
class Tally {
  readonly counts = { recipes: 0, dockets: 0, bakes: 0, bags: 0, known: 0 };
  readonly refused: string[] = [];
  took(what: (typeof LISTS)[number], taken: boolean): void {
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

const listOf = (file: object, name: string): readonly Record<string, unknown>[] => {
  const list: unknown = (file as Readonly<Record<string, unknown>>)[name];
  return Array.isArray(list) ? (list as Record<string, unknown>[]) : [];
};

const keptDocket = (doc: object): object => {
  const { from, docket, ...rest } = doc as { from: object; docket: object };
  return { ...rest, from: upcastRecipe(from), docket: upcastDocket(docket) };
};

export function everythingService(stores: EverythingStores, inTransaction: Transaction) {
  async function takeLists(
    inside: EverythingStores,
    scope: Scope,
    file: object,
    tally: Tally,
  ): Promise<void> {
    const each = async (
      name: (typeof LISTS)[number],
      take: (one: Record<string, unknown>) => Promise<boolean>,
    ): Promise<void> => {
      for (const one of listOf(file, name))
        try {
          tally.took(name, await take(one));
        } catch (error) {
          tally.refuse(`${name} ${String(one['id'])}`, error);
        }
    };
    await each('recipes', async ({ id, doc }) => {
      const recipe = await read(RecipeDocumentDto, id, () => upcastRecipe(doc as object));
      return (await inside.recipes.create(scope, id as string, recipe)) !== undefined;
    });
    await each('dockets', async ({ id, recipe, at, doc }) => {
      const kept = await read(KeptDocketDto, id, () => keptDocket(doc as object));
      return inside.dockets.create(scope, String(recipe), id as string, kept, new Date(String(at)));
    });
    await each('bakes', async ({ id, recipe, doc }) => {
      const bake = await read(BakeDto, id, () => upcastBake(doc as object));
      if (!(await inside.bakes.hasDocket(scope, String(recipe), bake.docket)))
        throw new InvalidError('it names a docket that isn’t there');
      const made = await inside.bakes.create(scope, String(recipe), id as string, bake);
      if (made) await inside.uses.write(scope, id as string);
      return made !== undefined;
    });
    const bags = new Set<string>();
    await each('bags', async ({ id, doc }) => {
      const bag = await read(BagDto, id, () => upcastBag(doc as object));
      const made = await inside.cupboard.bags.create(scope, id as string, bag);
      if (made) bags.add(id as string);
      return made;
    });
    await takeMoves(inside, scope, listOf(file, 'moves') as unknown as readonly MovedOut[], bags);
  }

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

  async function takeShelves(
    inside: EverythingStores,
    scope: Scope,
    file: Partial<EverythingFile>,
  ): Promise<void> {
    if (file.kitchen) {
      const kitchen = await checked(KitchenDocumentDto, upcastKitchen(file.kitchen));
      const here = await inside.kitchens.find(scope);
      await inside.kitchens.write(
        scope,
        here?.version ?? 0,
        here ? mergedKitchen(here.doc, kitchen) : kitchen,
      );
    }
    if (file.settings && (await inside.settings.find(scope)) === undefined)
      await inside.settings.write(scope, 0, await checked(SettingsDto, upcastSettings(file.settings)));
  }

  return {
    /** Writes everything of a household that isn't in the bin as one JSON document, a page at a time. */
    async giveOut(scope: Scope, household: string, now: Date, write: Write): Promise<void> {
      const { everything, settings, kitchens } = stores;
      const head = {
        format: EVERYTHING_FORMAT,
        version: EVERYTHING_VERSION,
        writtenAt: now.toISOString(),
        household,
        settings: (await settings.find(scope))?.doc ?? null,
        kitchen: (await kitchens.find(scope))?.doc ?? null,
      };
      await write(JSON.stringify(head).slice(0, -1));
      for (const name of LISTS) {
        await write(`,\n"${name}":[`);
        let first = true;
        for await (const items of everything.list(scope, name)) {
          if (items.length > 0)
            await write(`${first ? '' : ','}\n${items.map((one) => JSON.stringify(one)).join(',\n')}`);
          first &&= items.length === 0;
        }
        await write(']');
      }
      await write(`,\n"moves":${JSON.stringify(await everything.moves(scope))}}\n`);
    },

    /** Takes a file of everything in: all that is new, in one transaction; what is there already stays as it is. */
    takeIn(scope: Scope, file: unknown): Promise<TakenInAnswer> {
      const { format, version } = (file ?? {}) as Partial<EverythingFile>;
      if (format !== EVERYTHING_FORMAT)
        throw new InvalidError('That is no file of everything from Omniarton.');
      if (version !== EVERYTHING_VERSION)
        throw new InvalidError(
          `That file was written by a newer Omniarton (version ${String(version)}): update first.`,
        );
      return inTransaction(async (inside) => {
        const tally = new Tally();
        await takeShelves(inside, scope, file as Partial<EverythingFile>);
        await takeLists(inside, scope, file as object, tally);
        return { ...tally.counts, refused: tally.refused };
      });
    },
  };
}
