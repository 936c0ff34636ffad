import { createServer, type Server } from 'node:https';
import { isIP } from 'node:net';
import type { Express } from 'express';
import { householdCertificate } from './certificates';
import type { Vouched } from './certificateRoutes';

/** Where the page is served over https as well, and where its certificates lie. */
export interface SecureOptions {
  readonly port: number;
  readonly folder: string;
}

const bare = (name: string) => name.replace(/:\d+$/, '');
const DAY_MS = 86_400_000;

export interface Secure {
  readonly port: number;
  readonly vouched: Vouched;
  /** Names that the certificate can't vouch for. */
  readonly left: readonly string[];
  close(): Promise<void>;
}

/** Serves the page over https with the household's own certificate, which it renews by itself. */
export async function serveSecurely(
  app: Express,
  { port, folder }: SecureOptions,
  lan: (port: number) => readonly string[],
  host: string,
): Promise<Secure> {
  const certificate = () => householdCertificate(folder, [...new Set(lan(port).map(bare))]);
  const first = await certificate();
  const server = createServer({ key: first.key, cert: first.chain, minVersion: 'TLSv1.2' }, app);
  await new Promise<void>((done, fail) => {
    server.once('error', fail);
    server.listen(port, host, done);
  });
  const renew = setInterval(() => {
    void certificate().then(
      ({ key, chain }) => server.setSecureContext({ key, cert: chain, minVersion: 'TLSv1.2' }),
      () => undefined,
    );
  }, DAY_MS).unref();
  const bound = portOf(server, port);
  const names = lan(bound).filter((name) => !first.left.includes(bare(name)));
  const called = names.find((name) => isIP(bare(name)) === 0 && name.includes(':')) ?? names[0];
  return {
    port: bound,
    left: first.left,
    vouched: {
      https: `https://${called ?? `127.0.0.1:${bound}`}/`,
      root: first.root,
      fingerprint: first.fingerprint,
    },
    close: async () => {
      clearInterval(renew);
      const closed = new Promise((done) => server.close(done));
      server.closeAllConnections();
      await closed;
    },
  };
}

function portOf(server: Server, asked: number): number {
  const address = server.address();
  return address && typeof address === 'object' ? address.port : asked;
}
