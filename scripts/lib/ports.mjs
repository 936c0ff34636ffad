import { createServer } from 'node:net';

/** True when a port of the loopback can be had. */
export const isFree = (port) =>
  new Promise((done) => {
    const probe = createServer().once('error', () => done(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => done(true)));
  });

/** A port of the loopback that nobody holds at the moment. */
export async function freePort() {
  return new Promise((done, fail) => {
    const probe = createServer().once('error', fail);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => done(port));
    });
  });
}
