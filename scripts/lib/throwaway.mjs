import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { buildIfChanged } from './build.mjs';
import { chromium } from './chromium.mjs';
import { cluster } from './cluster.mjs';
import { root } from './paths.mjs';

/** How Debian's Chromium is started: headless, and asking nothing of any other place. */
export const CHROMIUM = {
  executablePath: chromium(),
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--host-resolver-rules=MAP kitchen.localhost 127.0.0.1, MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE 127.0.0.2, EXCLUDE localhost',
  ],
};

/** The production build on a database that is thrown away: `{ address, close }`. */
export async function openThrowaway({ demo }) {
  buildIfChanged();
  const folder = mkdtempSync(join(tmpdir(), 'omniarton-throwaway-'));
  chmodSync(folder, 0o755);
  const own = cluster(join(folder, 'data'));
  const { port } = await own.start({ fsync: false });
  const app = await import(pathToFileURL(join(root, 'server/dist/main.js')).href);
  await app.migrate(own.url(port));
  await app.seed(own.url(port), { demo });
  const webFolder = join(root, 'web/dist');
  const running = await app.serve({ databaseUrl: own.url(port), host: '127.0.0.1', port: 0, webFolder });
  return {
    address: `http://127.0.0.1:${running.port}`,
    close: async () => {
      await running.close();
      own.stop();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
