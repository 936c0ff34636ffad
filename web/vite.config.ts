import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  define: { __ENGINE__: JSON.stringify(process.env.OMNIARTON_ENGINE ?? 'unbuilt') },
  html: { cspNonce: '__NONCE__' },
  build: {
    outDir: 'dist',
    target: 'es2022',
    manifest: true,
    emptyOutDir: true,
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 900,
  },
  worker: { format: 'es' },
});
