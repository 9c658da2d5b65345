import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [react(), tailwindcss()],
  worker: { format: 'es' },
  server: { host: '127.0.0.1', fs: { allow: ['..'] } },
  build: {
    target: 'es2022',
    assetsInlineLimit: 0,
    manifest: true,
  },
})
