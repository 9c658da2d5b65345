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
    rolldownOptions: {
      output: {
        // What every page needs stands in one file: split by who shares it, it would weigh more.
        codeSplitting: {
          groups: [
            {
              name: 'base',
              test: /node_modules[\\/](react|react-dom|scheduler|react-router|dexie|dexie-react-hooks|comlink|@tanstack[\\/](react-query|query-core))[\\/]/,
            },
            {
              name: 'frame',
              test: /web[\\/]src[\\/](store[\\/](?!files)|ui[\\/](Button|StateMark|Tag|units|file)|worker[\\/]door|drawing[\\/](RigStrip|scale|useWidth|GrainAxis))|createLucideIcon/,
            },
          ],
        },
      },
    },
  },
})
