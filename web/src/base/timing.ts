type Work = () => void | Promise<void>;
type ByKey = (key: string, work: Work) => void;

/** Runs the newest work of a key once it has been quiet for so long. Keys don't wait for each other. */
export function quiet(ms: number): ByKey {
  const timers = new Map<string, ReturnType<typeof setTimeout>>();
  return (key, work) => {
    clearTimeout(timers.get(key));
    timers.set(
      key,
      setTimeout(() => {
        timers.delete(key);
        void work();
      }, ms),
    );
  };
}

/** Runs work of a key within so long, at most that often, however fast it is asked for. */
export function atMostEvery(ms: number): ByKey {
  const waiting = new Set<string>();
  return (key, work) => {
    if (waiting.has(key)) return;
    waiting.add(key);
    setTimeout(() => {
      waiting.delete(key);
      void work();
    }, ms);
  };
}
