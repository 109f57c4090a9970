import { defineConfig } from 'vite'

// One file at the root of the site: only from there may it stand in for every page.
export default defineConfig({
  publicDir: false,
  define: { 'process.env.NODE_ENV': '"production"' },
  build: {
    target: 'es2022',
    sourcemap: false,
    outDir: 'public',
    emptyOutDir: false,
    lib: { entry: 'resources/js/offline/worker.ts', formats: ['iife'], name: 'tintaWorker', fileName: () => 'sw.js' },
  },
})
