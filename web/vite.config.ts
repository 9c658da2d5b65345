import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { brotliCompressSync, constants, gzipSync } from 'node:zlib'
import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig, type Plugin } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'
import { policyLine } from '../server/src/policy.ts'

const SERVER = 'http://127.0.0.1:4173'

/** Smaller than this a file is not worth compressing [bytes]. */
const WORTH_IT = 1024
const LARGE = 1_000_000
const BEST_BROTLI = 11

/** Compresses what is text once, at the build, so that the server need not at every request. */
const compressed = (): Plugin => ({
  name: 'compressed',
  apply: 'build',
  writeBundle({ dir = 'dist' }) {
    for (const name of readdirSync(dir, { recursive: true, encoding: 'utf8' })) {
      if (!/\.(js|css|html|json|svg|wasm)$/.test(name)) continue
      const text = readFileSync(`${dir}/${name}`)
      if (text.length < WORTH_IT) continue
      // The last tenth of a large file is not worth half a minute of the build.
      const quality = text.length < LARGE ? BEST_BROTLI : BEST_BROTLI - 2
      const params = { [constants.BROTLI_PARAM_QUALITY]: quality }
      writeFileSync(`${dir}/${name}.br`, brotliCompressSync(text, { params }))
      writeFileSync(`${dir}/${name}.gz`, gzipSync(text))
    }
  },
})

/** Parts of the first look, by folder: the ledger of the rig in the strip, the day, and the frame round every page. */
const AT_ONCE = new RegExp(
  [
    'core/src/rig/(checks/|(check|chosen/choice|define|ledger|wound|looped|reach|swings/swung)[.])',
    'core/src/cast/(wind|room|dLoop|shoot|turnover)[.]',
    'core/src/day/(wading|day|season|answers|wind|stand|heard|plainWater|usualDays)[.]',
    'core/src/words/(plain|names|day|swing)[.]',
    'core/src/(rod/(number|suits|window)[.]|reel/(fill|backing|number|spool)[.]|line/(cheater|runningLine)[.])',
    'core/src/(leader/length|gear/gear|water/(section|gauge))[.]',
    'web/src/(store/(?!files|demo[.]|drafts|rig|rows|once|unsaved|commit|trails|portions|everything|lasting|inWords)|ui/(Button|StateMark|Tag|units|file|working)[.]|swings/(loaded|useRides|judged)|worker/(workerClient|coreClient)|day/(?!useTeaching)|outside/use)',
    'web/src/drawing/(RigStrip|scale|ticks|useWidth|GrainAxis)',
    'web/src/(ledger/(judged|useRig|useRanking|sayScore)|stations/match/token)',
    'createLucideIcon',
  ]
    .join('|')
    .replaceAll('/', '[\\\\/]'),
)

/** Installed, and kept whole on the device: every page, worker, font and the demo, so that nothing is asked of a network. */
const pocketed = VitePWA({
  registerType: 'prompt',
  injectRegister: null,
  manifest: {
    name: 'Hoxen',
    short_name: 'Hoxen',
    description: 'Matches rods to heads, tips, leaders and reels by grains and lengths.',
    id: './',
    start_url: './',
    scope: './',
    display: 'standalone',
    background_color: '#eef2ec',
    theme_color: '#12413f',
    icons: [
      { src: 'icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: 'icon-512.png', sizes: '512x512', type: 'image/png' },
      { src: 'icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  },
  workbox: {
    globPatterns: ['**/*.{js,css,html,svg,png,json,woff2,wasm}'],
    globIgnores: ['.vite/**'],
    maximumFileSizeToCacheInBytes: 8_000_000,
    navigateFallback: null,
    // The page that installs it is its own at once: with the signal gone, pages not yet visited open.
    clientsClaim: true,
    // `?demo` is a wish, not another page.
    ignoreURLParametersMatching: [/.*/],
  },
})

/** The policy in the page itself, for hosts that send none. */
const guarded = (): Plugin => ({
  name: 'guarded',
  apply: 'build',
  transformIndexHtml: () => [
    {
      tag: 'meta',
      attrs: { 'http-equiv': 'Content-Security-Policy', content: policyLine() },
      injectTo: 'head-prepend',
    },
  ],
})

/** What the page imports first is asked for at once, not when its entry has been read. */
const early = (): Plugin => ({
  name: 'early',
  apply: 'build',
  transformIndexHtml: {
    order: 'post',
    handler: (_html, { chunk }) =>
      (chunk?.imports ?? []).map((file) => ({
        tag: 'link',
        attrs: { rel: 'modulepreload', crossorigin: '', href: `./${file}` },
        injectTo: 'head',
      })),
  },
})

export default defineConfig({
  // A plain folder that works under any path of any host.
  base: './',
  plugins: [react(), tailwindcss(), guarded(), early(), compressed(), pocketed],
  worker: { format: 'es', rolldownOptions: { output: { comments: { legal: false } } } },
  // While developing, gauge and scale are those of the server: start it beside, `npx tsx server/src/main.ts`.
  server: {
    host: '127.0.0.1',
    fs: { allow: ['..'] },
    proxy: { '/api': { target: SERVER, changeOrigin: true, headers: { origin: SERVER } } },
  },
  build: {
    target: 'es2022',
    // What the entry imports is preloaded by `early`; to preload what every lazy part imports would cost the first look a helper.
    modulePreload: false,
    assetsInlineLimit: 0,
    manifest: true,
    // The licences of all that is in it go out with it, in one file.
    license: { fileName: 'licences.md' },
    rolldownOptions: {
      // What d3-array makes at its loading and nobody here asks for.
      treeshake: { manualPureFunctions: ['bisector', 'Blur2', 'shuffler'], propertyReadSideEffects: false },
      output: {
        comments: { legal: false },
        // What every page needs stands in one file: split by who shares it, it would weigh more.
        codeSplitting: {
          groups: [
            {
              name: 'base',
              test: /node_modules[\\/](react|react-dom|scheduler|react-router|dexie|comlink|@tanstack[\\/](react-query|query-core))[\\/]/,
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
