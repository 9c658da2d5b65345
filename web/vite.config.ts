import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
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

/** What the first look begins with: all that these import at once is of the first look. */
const FIRST_LOOK = ['src/main.tsx', 'src/stations/match/MatchStation.tsx'].map((entry) =>
  fileURLToPath(new URL(entry, import.meta.url)),
)
const ours = (id: string): boolean => id.includes('/src/') && !id.includes('node_modules')
const NAMES =
  /^\s*(?:import|export)\s*(?:type\s*)?(?:([\w$]+)\s*,?\s*)?(?:\{([^}]*)\}|\*\s+as\s+[\w$]+)?\s*(?:from\s*)?["']([^"']+)["']/gm

/** Modules of the first look by what each imports by name: an index is seen through to the files it names. */
const firstLook = new Set<string>()
const graphed = (): Plugin => ({
  name: 'graphed',
  apply: 'build',
  async buildEnd() {
    firstLook.clear()
    const seen = new Set<string>()
    /** @param names those wanted of an index; undefined wants all */
    const visit = async (id: string, names?: readonly string[]): Promise<void> => {
      const code = this.getModuleInfo(id)?.code
      if (code == null || !ours(id)) return
      const index = /[\\/]index[.]ts$/.test(id) && names !== undefined
      if (!index && seen.has(id)) return
      if (!index) seen.add(id)
      for (const [, , list, from = ''] of code.matchAll(NAMES)) {
        const said = list?.split(',').map((name) => name.trim().split(/\s+as\s+/))
        if (index && !said?.some(([own, called = own]) => names.includes(called ?? ''))) continue
        const next = await this.resolve(from, id)
        if (next !== null)
          await visit(
            next.id,
            said?.map(([name = '']) => name),
          )
      }
      if (!index && !FIRST_LOOK.includes(id)) firstLook.add(id)
    }
    for (const entry of FIRST_LOOK) await visit(entry)
  },
})

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
  plugins: [react(), tailwindcss(), graphed(), guarded(), early(), compressed(), pocketed],
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
            { name: 'frame', test: (id: string) => firstLook.has(id) },
          ],
        },
      },
    },
  },
})
