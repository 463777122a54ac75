import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  resolve: { conditions: ['source', ...defaultClientConditions] },
  build: {
    manifest: true,
    // The start is one piece: react-dom and the words are most of it.
    chunkSizeWarningLimit: 800,
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            // What every start needs comes in one piece; what views share comes in few, not in a hundred crumbs.
            { name: 'start', tags: ['$initial'], priority: 3 },
            {
              name: 'charts',
              test: /node_modules\/(recharts|d3-|victory-|@reduxjs|redux|immer|reselect|react-redux)/,
              priority: 2,
            },
            {
              name: 'shared',
              minShareCount: 2,
              entriesAware: true,
              entriesAwareMergeThreshold: 2_000,
              minSize: 2_000,
              priority: 1,
            },
          ],
        },
      },
    },
  },
  worker: { format: 'es' },
  // The server must see whom the page was asked of: it takes nothing from pages of another address.
  server: { proxy: { '/api': { target: 'http://127.0.0.1:4310', changeOrigin: false } } },
  plugins: [
    react(),
    tailwindcss(),
    VitePWA({
      registerType: 'autoUpdate',
      strategies: 'injectManifest',
      srcDir: '.',
      filename: 'sw.ts',
      injectRegister: false,
      manifest: {
        name: 'Unhurried Keeper',
        short_name: 'Keeper',
        start_url: '/',
        display: 'standalone',
        orientation: 'any',
        // Seen for a moment at every start: by night it must not flash, by day it does no harm.
        background_color: '#0b0605',
        theme_color: '#f3efe4',
        icons: [{ src: '/sign.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      injectManifest: {
        globPatterns: ['**/*.{js,css,html,svg,woff2,bin}'],
        globIgnores: [
          '**/*-{cyrillic,cyrillic-ext,greek,greek-ext,vietnamese}-*',
          // A sheet comes in at the desk, beside the server: no phone carries what reads it.
          '**/{SheetPage,sheetDesk,universal,ods}-*.js',
        ],
      },
    }),
  ],
});
