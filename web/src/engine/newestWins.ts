/** Runs one job at a time; of those that come in meanwhile only the newest waits. `run` must not throw. */
export function newestWins<J>(run: (job: J) => Promise<void>): (job: J) => void {
  let busy = false;
  let waiting: { job: J } | undefined;
  async function work(job: J) {
    busy = true;
    for (let next: { job: J } | undefined = { job }; next;) {
      waiting = undefined;
      await run(next.job);
      next = waiting as { job: J } | undefined;
    }
    busy = false;
  }
  return (job) => {
    if (busy) waiting = { job };
    else void work(job);
  };
}
