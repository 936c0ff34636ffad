import { createServer } from 'node:net';

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
