/** A server that is away is asked again after so long, ms. */
const RETRY_MS = 3000;

/** A little while, or until this device says that it is back on a net. */
export const untilBack = (): Promise<void> =>
  new Promise((done) => {
    const timer = setTimeout(done, RETRY_MS);
    addEventListener('online', () => (clearTimeout(timer), done()), { once: true });
  });
