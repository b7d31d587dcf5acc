import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/** The interface; `npm run build` writes it to dist/web. In development /api goes to a running server. */
export default defineConfig({
  root: 'web',
  define: {
    // A statistics package takes a worker, which has no window, for a terminal.
    'process.stdout': 'undefined',
  },
  plugins: [
    react(),
    tailwindcss(),
    // Where the page is a secure context the app opens without its server; elsewhere this does nothing.
    VitePWA({
      registerType: 'autoUpdate',
      injectRegister: null,
      includeAssets: ['mark.svg', 'mark-square.svg'],
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
        cleanupOutdatedCaches: true,
      },
      manifest: {
        name: 'Juglans',
        short_name: 'Juglans',
        description: 'Scale insects, leaf miners and leaf fungi: known, timed and tracked.',
        lang: 'en',
        start_url: '/now',
        scope: '/',
        display: 'standalone',
        background_color: '#f3f5ef',
        theme_color: '#2a201a',
        icons: [
          { src: '/mark.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' },
          { src: '/mark-square.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'maskable' },
        ],
      },
    }),
  ],
  build: { outDir: '../dist/web', emptyOutDir: true, chunkSizeWarningLimit: 600 },
  server: { host: '127.0.0.1', proxy: { '/api': `http://127.0.0.1:${process.env.PORT ?? 4173}` } },
});
