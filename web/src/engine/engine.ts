import * as Comlink from 'comlink';
import type { EngineDoor } from './engine.worker';

/** A silent engine is replaced after so long; a conversion takes well under a second. */
const SILENT_MS = 20_000;

let worker: Worker | undefined;
let door: Comlink.Remote<EngineDoor> | undefined;

function open(): Comlink.Remote<EngineDoor> {
  if (door) return door;
  worker = new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module' });
  door = Comlink.wrap<EngineDoor>(worker);
  return door;
}

function close(): void {
  worker?.terminate();
  worker = undefined;
  door = undefined;
}

const late = () =>
  new Promise<never>((_, fail) => setTimeout(() => fail(new Error('The engine is silent.')), SILENT_MS));

function crashed(): Promise<never> {
  return new Promise((_, fail) =>
    worker?.addEventListener('error', () => fail(new Error('The engine has stopped.')), { once: true }),
  );
}

/** Asks the engine; a crashed or silent one is replaced and asked once more. */
export async function askEngine<T>(question: (engine: Comlink.Remote<EngineDoor>) => Promise<T>): Promise<T> {
  try {
    return await Promise.race([question(open()), late(), crashed()]);
  } catch {
    close();
    return Promise.race([question(open()), late(), crashed()]);
  }
}
