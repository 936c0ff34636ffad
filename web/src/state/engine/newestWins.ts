/**
 * Runs one job of a draft at a time; of those that come in meanwhile only the newest waits. Drafts don't push each other out.
 * `run` must not throw.
 */
export function newestWins<J extends { readonly draft: string }>(
  run: (job: J) => Promise<void>,
): (job: J) => void {
  const lanes = new Map<string, (job: J) => void>();
  return (job) => {
    const lane = lanes.get(job.draft) ?? oneLane(run, () => lanes.delete(job.draft));
    lanes.set(job.draft, lane);
    lane(job);
  };
}

function oneLane<J>(run: (job: J) => Promise<void>, onEmpty: () => void): (job: J) => void {
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
    onEmpty();
  }
  return (job) => {
    if (busy) waiting = { job };
    else void work(job);
  };
}
