import { fileURLToPath } from 'node:url';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

const at = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

export default defineConfig({
  root: at('./src/web'),
  plugins: [react(), tailwindcss()],
  build: {
    outDir: at('./dist/web'),
    emptyOutDir: true,
    sourcemap: false,
    chunkSizeWarningLimit: 900,
    rollupOptions: {
      output: {
        // The reader of letters asks for its language by its own name.
        assetFileNames: ({ names }) =>
          names.some((n) => n.endsWith('.traineddata.gz'))
            ? 'assets/letters-[hash]/[name][extname]'
            : 'assets/[name]-[hash][extname]',
      },
    },
  },
  server: {
    // The Host stays that of the page, so that the server sees a write of its own origin.
    proxy: { '/api': { target: `http://localhost:${process.env.API_PORT ?? 4180}`, changeOrigin: false } },
  },
});
