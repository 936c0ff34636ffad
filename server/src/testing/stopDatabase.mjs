import { rmSync } from 'node:fs';

export default function stopDatabase() {
  const { own, folder } = globalThis.__omniartonCluster;
  own.stop();
  rmSync(folder, { recursive: true, force: true });
}
