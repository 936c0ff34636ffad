/**
 * A long computation: it yields its progress (0–1) about every 8 ms of work, so that a worker can drop it for a newer
 * question, and returns its result.
 */
export type Steps<T> = Generator<number, T, void>;

/** Runs a long computation to its end in one go, as the server and the command line do. */
export function toEnd<T>(steps: Steps<T>): T {
  for (;;) {
    const next = steps.next();
    if (next.done) return next.value;
  }
}
