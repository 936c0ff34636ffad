import { readFileSync } from 'node:fs';
import { defineConfig } from 'vite';

const own = JSON.parse(readFileSync(new URL('package.json', import.meta.url), 'utf8')) as {
  readonly dependencies: Readonly<Record<string, string>>;
};
const external = Object.keys(own.dependencies).filter((name) => !name.startsWith('@omniarton/'));

/** The core, the contracts and what they are made with go into the bundle: installed is only what the server imports itself. */
export default defineConfig({
  define: { __ENGINE__: JSON.stringify(process.env.OMNIARTON_ENGINE ?? 'unbuilt') },
  build: { ssr: 'src/main.ts', outDir: 'dist', target: 'node20', emptyOutDir: true },
  ssr: { noExternal: true, external },
});
