import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { brotliCompressSync, gzipSync } from 'node:zlib'
import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig, type Plugin } from 'vite'

const SERVER = 'http://127.0.0.1:4173'

/** Smaller than this a file is not worth compressing [bytes]. */
const WORTH_IT = 1024

/** Compresses what is text once, at the build, so that the server need not at every request. */
const compressed = (): Plugin => ({
  name: 'compressed',
  apply: 'build',
  writeBundle({ dir = 'dist' }) {
    for (const name of readdirSync(dir, { recursive: true, encoding: 'utf8' })) {
      if (!/\.(js|css|html|json|svg)$/.test(name)) continue
      const text = readFileSync(`${dir}/${name}`)
      if (text.length < WORTH_IT) continue
      writeFileSync(`${dir}/${name}.br`, brotliCompressSync(text))
      writeFileSync(`${dir}/${name}.gz`, gzipSync(text))
    }
  },
})

/** What the first look needs, by folder: the ledger of the rig in the strip, the day, and the frame round every page. */
const AT_ONCE = new RegExp(
  [
    'core/src/rig/(checks/|(check|choice|define|ledger|wound|looped|reach|swung)[.])',
    'core/src/cast/(wind|room|dLoop|shoot|turnover)[.]',
    'core/src/day/(wading|day|season|answers|wind|stand|heard|plainWater|usualDays)[.]',
    'core/src/words/(plain|check|names|day|swing)[.]',
    'core/src/(rod/(number|suits|window)[.]|reel/(fill|backing|number|spool)[.]|line/(cheater|runningLine)[.])',
    'core/src/(leader/length|water/(section|gauge))[.]',
    'web/src/(store/(?!files|demo)|ui/(Button|StateMark|Tag|units|file)[.]|worker/(door|pool|gearDoor)|day/(?!useTeaching)|outside/use)',
    'web/src/drawing/(RigStrip|scale|ticks|useWidth|GrainAxis)',
    'web/src/(ledger/(sayScore|RemedyLine)|stations/match/(token|CardDrawing))',
    'createLucideIcon',
  ]
    .join('|')
    .replaceAll('/', '[\\\\/]'),
)

export default defineConfig({
  plugins: [react(), tailwindcss(), compressed()],
  worker: { format: 'es' },
  // While developing, gauge and scale are those of the server: start it beside, `npx tsx server/src/main.ts`.
  server: {
    host: '127.0.0.1',
    fs: { allow: ['..'] },
    proxy: { '/api': { target: SERVER, changeOrigin: true, headers: { origin: SERVER } } },
  },
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
              test: AT_ONCE,
            },
          ],
        },
      },
    },
  },
})
