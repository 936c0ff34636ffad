import { connect, createServer, type AddressInfo, type Socket } from 'node:net';

/** A way to the database that a test can cut and mend, without touching the database of another worker. */
export interface Relay {
  readonly port: number;
  cut(): void;
  mend(): void;
  close(): Promise<void>;
}

export async function makeRelay(target: number): Promise<Relay> {
  const open = new Set<Socket>();
  let whole = true;
  const server = createServer((near) => {
    if (!whole) return near.destroy();
    const far = connect(target, '127.0.0.1');
    for (const socket of [near, far]) {
      open.add(socket);
      socket.on('close', () => (open.delete(socket), near.destroy(), far.destroy()));
      socket.on('error', () => socket.destroy());
    }
    near.pipe(far).pipe(near);
  });
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  const drop = () => open.forEach((socket) => socket.destroy());
  return {
    port: (server.address() as AddressInfo).port,
    cut: () => ((whole = false), drop()),
    mend: () => void (whole = true),
    close: () => (drop(), new Promise((done) => server.close(() => done()))),
  };
}
