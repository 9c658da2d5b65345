/** Imports point downward only. Each row may import the rows below it, never one above. */
const CORE = [
  'words',
  'format',
  'practise',
  'trip',
  'specify',
  'journal',
  'match',
  'ladder',
  'rig',
  'day',
  'cast',
  'swing',
  'sink',
  'water',
  'tide',
  'sky',
  'reel',
  'leader',
  'rod',
  'line',
  'gear',
  'quantity',
]
const upward = CORE.slice(1).map((folder, i) => ({
  name: `core-${folder}-imports-upward`,
  severity: 'error',
  from: { path: `^core/src/${folder}/`, pathNot: '[.]test[.]ts$' },
  to: { path: `^core/src/(${CORE.slice(0, i + 1).join('|')})/` },
}))

const STATION_FOLDERS = '^web/src/stations/([^/]+)/'

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stands-alone',
      severity: 'error',
      from: { path: '^core/' },
      to: { path: '^(web|server|cli|bench|e2e|demo)/', pathNot: '^demo/' },
    },
    {
      name: 'core-has-few-helpers',
      severity: 'error',
      from: { path: '^core/src/', pathNot: ['[.]test[.]ts$', '^core/src/testing/'] },
      to: {
        path: 'node_modules',
        pathNot:
          'node_modules/(zod|dequal|papaparse|@types/papaparse|fast-xml-parser|quick-lru|d3-array|@types/d3-array|internmap|tinyqueue|@neaps/tide-predictor|suncalc|ical[.]js|highs)/',
      },
    },
    ...upward,
    {
      // Tests may look behind an index: what they alone want does not stand in it.
      name: 'core-folders-through-index',
      severity: 'error',
      from: { path: '^core/src/([^/]+)/', pathNot: ['[.]test[.]ts$', '^core/src/testing/'] },
      to: { path: '^core/src/([^/]+)/', pathNot: ['^core/src/$1/', '/index[.]ts$', '^core/src/testing/'] },
    },
    {
      name: 'ui-knows-no-station',
      severity: 'error',
      from: { path: '^web/src/(ui|drawing|store|worker|swings|outside|scale|day|ledger|pool)/' },
      to: { path: '^web/src/(stations|shell)/' },
    },
    {
      name: 'ui-stands-below',
      severity: 'error',
      from: { path: '^web/src/ui/' },
      to: { path: '^web/src/(drawing|worker)/' },
    },
    {
      // But for what is to come apart from the rest: the workers' own files, and what starts the page.
      name: 'web-folders-through-index',
      severity: 'error',
      from: { path: '^web/src/([^/]+)/', pathNot: ['[.]test[.]tsx?$', '^web/src/testing/'] },
      to: {
        path: '^web/src/[^/]+/.+',
        pathNot: [
          '^web/src/$1/',
          '/index[.]ts$',
          '^web/src/(stations|testing)/',
          '^web/src/worker/(tripApi|tripClient|swingApi|[a-z]+[.]worker)[.]ts$',
          '^web/src/store/everything[.]ts$',
          '^web/src/ui/QuantityField[.]tsx$',
        ],
      },
    },
    {
      name: 'stations-stand-apart',
      severity: 'error',
      from: { path: STATION_FOLDERS },
      to: { path: STATION_FOLDERS, pathNot: '^web/src/stations/$1/' },
    },
    {
      name: 'stations-below-shell',
      severity: 'error',
      from: { path: '^web/src/stations/' },
      to: { path: '^web/src/shell/' },
    },
    { name: 'web-not-below', severity: 'error', from: { path: '^(server|cli)/' }, to: { path: '^web/' } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '^(web|server)/dist/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'default'],
      extensions: ['.ts', '.tsx', '.js', '.json'],
    },
  },
}
