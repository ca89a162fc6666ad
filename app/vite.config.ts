import { constants } from 'node:zlib';
import { defineConfig } from 'vite';
import react from '@vitejs/plugin-react';
import tailwindcss from '@tailwindcss/vite';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';

/** The solver's WASM is the largest file; all of them are kept, or a board could not be composed offline. */
const LARGEST_KEPT = 8 * 2 ** 20;

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    VitePWA({
      // a newer version waits until it is asked for: see app/store/updates.ts
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Round Plate',
        short_name: 'Round Plate',
        description: 'From a brief to a checked and laid serving board',
        display: 'standalone',
        background_color: '#e8e4d8',
        theme_color: '#1f2c5e',
        icons: [{ src: 'icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2,wasm,json}'],
        maximumFileSizeToCacheInBytes: LARGEST_KEPT,
        navigateFallback: 'index.html',
        // the page itself says what is at an address; files have a point in their name
        navigateFallbackAllowlist: [/^\/[^.]*$/],
        cleanupOutdatedCaches: true,
      },
    }),
    // packed once here rather than by the server at each visit: the solver takes it a sixth of a second
    compression({
      include: /assets\/.*\.(js|css|wasm)$/,
      // brotli is a tenth smaller; its best, two steps on, takes the build four times as long
      algorithms: [
        defineAlgorithm('gzip', { level: 9 }),
        defineAlgorithm('brotliCompress', { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } }),
      ],
    }),
  ],
  worker: { format: 'es' },
  build: {
    outDir: '../dist',
    emptyOutDir: true,
    target: 'es2022',
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 1200,
  },
});
