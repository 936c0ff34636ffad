import { spawn } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createServer } from 'vite';
import { cluster } from './lib/cluster.mjs';
import { checkNode, ensurePostgres } from './lib/install.mjs';
import { root } from './lib/paths.mjs';
import { freePort } from './lib/ports.mjs';
import { run } from './lib/run.mjs';
import { say } from './lib/say.mjs';

const HOST = '127.0.0.1';
const PAGE_PORT = 4630;

/** The server from its sources, started anew whenever one of them changes. */
const watchedServer = (env) =>
  spawn(
    process.execPath,
    ['--watch', '--watch-preserve-output', '--import', 'tsx', 'scripts/lib/devServer.mjs'],
    {
      cwd: root,
      stdio: ['ignore', 'inherit', 'inherit'],
      env: { ...process.env, TSX_TSCONFIG_PATH: 'tsconfig.base.json', LOG_LEVEL: 'warn', ...env },
    },
  );

/** The page with what changes in it put in place while it runs; it asks the server through the same address. */
const livePage = async (server) => {
  const page = await createServer({
    root: join(root, 'web'),
    configFile: join(root, 'web/vite.config.ts'),
    server: {
      host: HOST,
      port: Number(process.env.PORT ?? PAGE_PORT),
      strictPort: true,
      fs: { allow: [root] },
      proxy: { '/api': { target: server, changeOrigin: true, headers: { origin: server } } },
    },
  });
  await page.listen();
  return page;
};

/** Server, page and a database with the demo kitchen, which is thrown away at the end. */
await run(async () => {
  checkNode();
  await ensurePostgres();
  const folder = mkdtempSync(join(tmpdir(), 'omniarton-dev-'));
  chmodSync(folder, 0o755);
  const own = cluster(join(folder, 'data'));
  const clear = () => {
    own.stop();
    rmSync(folder, { recursive: true, force: true });
  };
  try {
    const { port } = await own.start({ fsync: false });
    const serverPort = await freePort();
    const server = watchedServer({ DATABASE_URL: own.url(port), PORT: String(serverPort) });
    const page = await livePage(`http://${HOST}:${serverPort}`);
    say(
      `Omniarton is at http://${HOST}:${page.config.server.port}/, on a demo kitchen that ends with this (Ctrl-C).`,
    );
    say(
      `Its database: ${own.url(port).replace(/\/\/.*@/, '//…@')}; the server alone: http://${HOST}:${serverPort}/api/`,
    );
    const stop = () => {
      server.kill();
      clear();
      process.exit(0);
    };
    // Before the page's own, which would end this with the database still running.
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.prependOnceListener(signal, stop);
  } catch (error) {
    clear();
    throw error;
  }
});
