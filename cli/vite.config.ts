import { defineConfig } from 'vite';

/** One file with everything in it: the command starts without looking for modules. */
export default defineConfig({
  define: { __ENGINE__: JSON.stringify(process.env.OMNIARTON_ENGINE ?? 'unbuilt') },
  build: { ssr: 'src/main.ts', outDir: 'dist', target: 'node20', emptyOutDir: true },
  ssr: { noExternal: true },
});
