import { fileURLToPath } from 'node:url';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

const at = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

export default defineConfig({
  root: at('./src/web'),
  plugins: [react(), tailwindcss()],
  build: { outDir: at('./dist/web'), emptyOutDir: true, sourcemap: false, chunkSizeWarningLimit: 900 },
  server: { proxy: { '/api': `http://localhost:${process.env.API_PORT ?? 4180}` } },
});
