import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [react(), tailwindcss()],
  resolve: {
    alias: {
      '@language':
        process.env.OFISINO_LANGUAGES ??
        fileURLToPath(new URL('../core/src/main/resources/ofisino/core/language', import.meta.url)),
      '@': fileURLToPath(new URL('./src', import.meta.url)),
    },
  },
  build: { target: 'es2022', sourcemap: false },
  server: {
    fs: { allow: ['..'] },
    proxy: { '/api': process.env.OFISINO_DEV_SERVER ?? 'http://127.0.0.1:8480' },
  },
  test: { environment: 'jsdom', setupFiles: ['src/test/setup.ts'], restoreMocks: true, isolate: false, testTimeout: 60_000 },
})
