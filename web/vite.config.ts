import { fileURLToPath, URL } from 'node:url'
import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

const page = (name: string) => fileURLToPath(new URL(`./${name}.html`, import.meta.url))

export default defineConfig({
  plugins: [vue(), tailwindcss()],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: {
    // The content policy allows no data: addresses, so nothing may be inlined.
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
    rollupOptions: {
      input: {
        index: page('index'),
        stage: page('stage'),
        channel: page('channel'),
        mixer: page('mixer'),
        room: page('room'),
        rig: page('rig'),
        noticeboard: page('noticeboard'),
        'sign-in': page('sign-in'),
        helper: page('helper'),
      },
    },
  },
  worker: { format: 'es' },
  server: {
    proxy: {
      '/api': 'http://127.0.0.1:8087',
      '/media': 'http://127.0.0.1:8087',
      '/ws': { target: 'ws://127.0.0.1:8087', ws: true },
    },
  },
  // How long a machine takes that has other work is no fault of what is tested: only what hangs ends so.
  test: { environment: 'happy-dom', include: ['src/**/*.test.ts'], testTimeout: 120_000, hookTimeout: 120_000 },
})
