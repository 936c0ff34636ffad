import { migrate, seed, serve } from '../../server/src/main.ts';

/** The server from its sources, for `npm run dev`: started anew by the watcher when one of them changes. */
const { DATABASE_URL: databaseUrl, PORT } = process.env;
await migrate(databaseUrl);
await seed(databaseUrl, { demo: true });
const server = await serve({ databaseUrl, host: '127.0.0.1', port: Number(PORT) });
for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => void server.close().then(() => process.exit(0)));
