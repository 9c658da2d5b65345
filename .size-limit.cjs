/** What the browser loads to show Match: the entry, the station, and all they import at once. Read from the build's manifest. */
const { existsSync, readFileSync } = require('node:fs')

const DIST = 'web/dist'
const MANIFEST = `${DIST}/.vite/manifest.json`

function firstRoute() {
  if (!existsSync(MANIFEST)) return []
  const manifest = JSON.parse(readFileSync(MANIFEST, 'utf8'))
  const seen = new Set()
  const visit = (key) => {
    if (seen.has(key)) return
    seen.add(key)
    for (const next of manifest[key].imports ?? []) visit(next)
  }
  visit('index.html')
  visit('src/stations/match/MatchStation.tsx')
  return [...seen].map((key) => `${DIST}/${manifest[key].file}`)
}

/** A worker with all it loads at once; what it reads files with comes later, and is counted apart. */
module.exports = [
  { name: 'First route’s JavaScript', path: firstRoute(), limit: '170 kB', gzip: true },
  { name: 'Worker of the search', path: `${DIST}/assets/core.worker-*.js`, limit: '36.5 kB', gzip: true },
  {
    name: 'Judgement: all that needs a swing',
    path: [`${DIST}/assets/judg*-*.js`, `${DIST}/assets/secondLook-*.js`],
    limit: '18.5 kB',
    gzip: true,
  },
  { name: 'Worker of the swing', path: `${DIST}/assets/swing.worker-*.js`, limit: '13.7 kB', gzip: true },
  { name: 'Worker of trips', path: `${DIST}/assets/trip.worker-*.js`, limit: '59 kB', gzip: true },
  { name: 'Solver of trips', path: `${DIST}/assets/highs-*.wasm`, limit: '1250 kB', gzip: true },
  { name: 'All that reads files', path: `${DIST}/assets/files-*.js`, limit: '75 kB', gzip: true },
]
