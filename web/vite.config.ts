import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  root: import.meta.dirname,
  plugins: [react(), tailwindcss()],
  build: {
    target: 'es2022',
    assetsInlineLimit: 0,
    // one file for all that the first page loads: many small ones pack badly
    rolldownOptions: { output: { codeSplitting: { groups: [{ name: 'entry', tags: ['$initial'] }] } } },
  },
  worker: { format: 'es' },
  server: { proxy: { '/api': process.env['HODSMAN_API'] ?? 'http://127.0.0.1:4711' } },
});
