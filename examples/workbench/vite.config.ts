import { defineConfig } from 'vite';

export default defineConfig({
  // The built page is served from any folder, or opened by any static server.
  base: './',
  oxc: { jsx: { runtime: 'automatic', importSource: 'preact' } },
  build: { target: 'es2022', chunkSizeWarningLimit: 700 },
});
