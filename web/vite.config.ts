import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  // The content security policy allows no data: fonts, so nothing is inlined.
  // Straight into the jar's classes, emptied first, so that no file of an earlier build stays.
  build: {
    outDir: 'target/classes/static',
    emptyOutDir: true,
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 900,
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8080' } },
});
