import type { Steps } from '@omniarton/core/quantity';

/** A turn for what has come in meanwhile. */
const breath = () => new Promise<void>((done) => setTimeout(done, 0));

/** Runs a long computation, and drops it as soon as a newer question has come in. */
export async function drive<T>(
  steps: Steps<T>,
  overtaken: () => boolean,
  onProgress: (done: number) => void = () => undefined,
): Promise<T | null> {
  for (;;) {
    const next = steps.next();
    if (next.done) return next.value;
    onProgress(next.value);
    await breath();
    if (overtaken()) return null;
  }
}
