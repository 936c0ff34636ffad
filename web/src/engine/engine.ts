import * as Comlink from 'comlink';
import type { EngineDoor } from './engine.worker';

/** A silent engine is replaced after so long; a conversion takes well under a second. */
const SILENT_MS = 20_000;

type Door = Comlink.Remote<EngineDoor>;

/** A worker behind one typed door. A crashed or silent one is replaced and asked once more. */
function makeEngine(name: string) {
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
      const timer = setTimeout(() => fail(new Error('The engine is silent.')), SILENT_MS);
      over.signal.addEventListener('abort', () => clearTimeout(timer));
      worker.addEventListener('error', () => fail(new Error('The engine has stopped.')), {
        signal: over.signal,
      });
    });
    try {
      return await Promise.race([question(door), trouble]);
    } catch (error) {
      worker.terminate();
      if (open?.worker === worker) open = undefined;
      throw error;
    } finally {
      over.abort();
    }
  }

  return async <T>(question: (door: Door) => Promise<T>): Promise<T> => {
    try {
      return await once(question);
    } catch {
      return once(question);
    }
  };
}

/** Reads, guards and balances with the last blend; never waits for the other. */
export const askQuick = makeEngine('quick');
/** Designs the blend and simulates the bake. */
export const askSlow = makeEngine('slow');
