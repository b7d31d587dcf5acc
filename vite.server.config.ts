import { defineConfig } from 'vite';

/** The programs that run under Node: the server on a person's own records, and the demo. */
export default defineConfig({
  build: {
    ssr: true,
    outDir: 'dist/server',
    emptyOutDir: true,
    target: 'node20',
    minify: false,
    rollupOptions: { input: { main: 'server/main.ts', demo: 'demo/main.ts' } },
  },
});
