import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  server: {
    port: 4601,
    host: '127.0.0.1',
    proxy: { '/api': 'http://127.0.0.1:4600', '/healthz': 'http://127.0.0.1:4600' },
  },
  worker: { format: 'es' },
  build: { target: 'es2023', sourcemap: false, chunkSizeWarningLimit: 1200 },
});
