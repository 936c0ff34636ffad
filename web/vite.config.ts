import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import react from '@vitejs/plugin-react';
import { build, defineConfig, type Plugin } from 'vite';

/** What is kept at hand: the page's code, its styles and the fonts of its own letters; maps and other alphabets are not. */
const AT_HAND = /\.(?:js|css)$|-latin(?:-ext)?-[^/]*\.woff2$/;

/** Builds the service worker when the page is built: it knows the names of the page's files. */
const serviceWorker = (): Plugin => ({
  name: 'service-worker',
  apply: (_config, { command, isSsrBuild }) => command === 'build' && !isSsrBuild,
  async closeBundle() {
    const files = readdirSync(join(import.meta.dirname, 'dist/assets')).filter((name) => AT_HAND.test(name));
    const page = files.sort().map((name) => ({ url: `/assets/${name}`, revision: null }));
    await build({
      configFile: false,
      logLevel: 'warn',
      define: { __PAGE_FILES__: JSON.stringify(page), 'process.env.NODE_ENV': '"production"' },
      build: {
        outDir: join(import.meta.dirname, 'dist'),
        emptyOutDir: false,
        copyPublicDir: false,
        lib: {
          entry: join(import.meta.dirname, 'src/offline/worker.ts'),
          formats: ['iife'],
          name: 'worker',
          fileName: () => 'sw.js',
        },
      },
    });
  },
});

export default defineConfig(({ isSsrBuild }) => ({
  plugins: [react(), serviceWorker()],
  define: {
    __ENGINE__: JSON.stringify(process.env.OMNIARTON_ENGINE ?? 'unbuilt'),
    // A server doesn't say how its libraries were meant to run.
    ...(isSsrBuild ? { 'process.env.NODE_ENV': '"production"' } : {}),
  },
  html: { cspNonce: '__NONCE__' },
  build: {
    outDir: 'dist',
    // A server writes with code alone.
    copyPublicDir: !isSsrBuild,
    target: 'es2022',
    manifest: true,
    emptyOutDir: true,
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 900,
  },
  worker: { format: 'es' },
  // What writes the first page runs in the server, which has none of the page's libraries.
  ssr: { noExternal: true },
}));
