/**
 * npm run mutants -- FOLDER [COUNT] [SEED]: how many small changes to a folder of core its tests notice. By hand or by night,
 * never in npm test: an hour a folder. Lines are drawn by the seed until they hold about COUNT (300) mutants.
 */
import { readdirSync, readFileSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import { Stryker } from '@stryker-mutator/core'
import jest from '../jest.config.mjs'
import { stop } from './setup.mjs'

const [folder, count = '300', seed = '1'] = process.argv.slice(2)
if (folder === undefined)
  stop('npm run mutants -- FOLDER [COUNT] [SEED], such as: npm run mutants -- match 300 1')
/** What a line of code that holds any mutant holds of them. [measured on core/cast] */
const MUTANTS_PER_LINE = 2.4

const lines = readdirSync(`core/src/${folder}`)
  .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts') && name !== 'index.ts')
  .flatMap((name) => codeOf(`core/src/${folder}/${name}`))
const random = mulberry32(Number(seed))
const drawn = lines
  .map((line) => ({ line, order: random() }))
  .sort((a, b) => a.order - b.order)
  .slice(0, Math.round(Number(count) / MUTANTS_PER_LINE))
  .map(({ line }) => line)

const results = await new Stryker({
  mutate: drawn,
  testRunner: 'jest',
  coverageAnalysis: 'perTest',
  ignoreStatic: true,
  disableBail: false,
  concurrency: availableParallelism(),
  tempDirName: '.cache/mutants',
  ignorePatterns: ['dist', 'test-results', 'docs/screenshots', '.cache'],
  reporters: ['clear-text', 'progress-append-only'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  // Nothing is compiled: the tests go through SWC.
  tsconfigFile: 'none.json',
  timeoutMS: 60_000,
  jest: { enableFindRelatedTests: true, config: { ...jest, roots: ['<rootDir>/core/src'] } },
}).runMutationTest()
const of = (...states) => results.filter(({ status }) => states.includes(status)).length
const [noticed, survived] = [of('Killed', 'Timeout'), of('Survived', 'NoCoverage')]
console.log(
  `${folder}, seed ${seed}: ${noticed} of ${noticed + survived} mutants noticed (${Math.round((100 * noticed) / (noticed + survived))} %)`,
)

/** The lines of a file that may hold a mutant: no import, no type, no comment, no closing bracket alone. */
function codeOf(path) {
  return readFileSync(path, 'utf8')
    .split('\n')
    .flatMap((text, i) =>
      /[-+*/<>?&|!=]|\b(true|false|if|while|return)\b|\.\w+\(/.test(text.replace(/=>\s*\{?$/, '')) &&
      !/^\s*(import|export (type|interface)|type |interface |readonly |\/\/|\/?\*)/.test(text)
        ? [`${path}:${i + 1}-${i + 1}`]
        : [],
    )
}

/** Numbers by chance that are the same each time. */
function mulberry32(state) {
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}
