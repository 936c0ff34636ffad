import {
  EVERYTHING_FORMAT,
  EVERYTHING_VERSION,
  type EverythingFile,
  type TakenInAnswer,
} from '@omniarton/contracts';
import { InvalidError } from '../http/errors';
import type { Scope } from '../http/scope';
import type { EverythingStores } from './stores';
import { takeFileIn } from './takeFileIn';

type Transaction = <T>(work: (stores: EverythingStores) => Promise<T>) => Promise<T>;
type Write = (text: string) => Promise<void>;

const LISTS = ['recipes', 'dockets', 'bakes', 'bags', 'photos', 'tastings'] as const;
export const everythingService = (stores: EverythingStores, inTransaction: Transaction) => ({
  /** Writes everything of a household that isn't in the bin as one JSON document, a page at a time. */
  async giveOut(scope: Scope, household: string, now: Date, write: Write): Promise<void> {
    const { everything, settings, kitchens, days } = stores;
    const head = {
      format: EVERYTHING_FORMAT,
      version: EVERYTHING_VERSION,
      writtenAt: now.toISOString(),
      household,
      settings: (await settings.find(scope))?.doc ?? null,
      kitchen: (await kitchens.find(scope))?.doc ?? null,
      day: (await days.find(scope))?.doc ?? null,
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

  /** Takes a file of everything in: all that is new, in one transaction; what is there already stays as it is. `own`: it is of this very kitchen. */
  takeIn(scope: Scope, file: unknown, { own }: { readonly own: boolean }): Promise<TakenInAnswer> {
    const { format, version } = (file ?? {}) as Partial<EverythingFile>;
    if (format !== EVERYTHING_FORMAT) throw new InvalidError('That is no file of everything from Omniarton.');
    if (version !== EVERYTHING_VERSION)
      throw new InvalidError(
        `That file was written by a newer Omniarton (version ${String(version)}): update first.`,
      );
    return inTransaction((inside) => takeFileIn(inside, scope, file as Partial<EverythingFile>, own));
  },
});
