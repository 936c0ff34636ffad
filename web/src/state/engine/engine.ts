import * as Comlink from 'comlink';
import type { EngineDoor } from './door';
import { EngineGoneError } from './gone';

/** A silent engine is replaced after so long; a conversion takes under a second, on a starved phone ten. */
const SILENT_MS = 60_000;
/** A day of forty bakes is given up after so long. */
const DAY_MS = 120_000;
/** Any file that is taken is read in under a second, on a starved phone in ten. */
const FILE_MS = 20_000;

type Door = Comlink.Remote<EngineDoor>;

interface Patience {
  /** A worker that says nothing for so long is replaced, ms. */
  readonly silentMs: number;
  /** One that has gone is asked once more. */
  readonly again: boolean;
}

/**
 * A worker behind one typed door. A crashed or silent one is replaced and asked once more; what it throws itself is an answer,
 * and the same a second time.
 */
function makeEngine(name: string, { silentMs, again }: Patience) {
  let open: { worker: Worker; door: Door } | undefined;

  function get() {
    if (!open) {
      const worker = new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module', name });
      open = { worker, door: Comlink.wrap<EngineDoor>(worker) };
    }
    return open;
  }

  async function once<T>(question: (door: Door) => Promise<T>): Promise<T> {
    const { worker, door } = get();
    const over = new AbortController();
    const trouble = new Promise<never>((_, fail) => {
      const timer = setTimeout(() => fail(new EngineGoneError('The engine is silent.')), silentMs);
      over.signal.addEventListener('abort', () => clearTimeout(timer));
      worker.addEventListener(
        'error',
        ({ message }) => fail(new EngineGoneError(`The engine has stopped. ${message}`)),
        { signal: over.signal },
      );
    });
    try {
      return await Promise.race([question(door), trouble]);
    } catch (error) {
      if (error instanceof EngineGoneError) {
        worker.terminate();
        if (open?.worker === worker) open = undefined;
      }
      throw error;
    } finally {
      over.abort();
    }
  }

  return async <T>(question: (door: Door) => Promise<T>): Promise<T> => {
    try {
      return await once(question);
    } catch (error) {
      if (!again || !(error instanceof EngineGoneError)) throw error;
      return once(question);
    }
  };
}

/** Reads, guards and balances with the last blend; never waits for the other. */
export const askQuick = makeEngine('quick', { silentMs: SILENT_MS, again: true });
/** Designs the blend and simulates the bake. */
export const askSlow = makeEngine('slow', { silentMs: SILENT_MS, again: true });
/** Plans bake days: it may look for a while, and is told to stop by the next question. */
export const askDay = makeEngine('day', { silentMs: DAY_MS, again: true });
/** Reads files: one that takes it too long is given up, and the worker with it. */
export const askIntake = makeEngine('intake', { silentMs: FILE_MS, again: false });
