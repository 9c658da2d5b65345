/**
 * npm run mutants -- FOLDER [COUNT] [SEED]: how many small changes to a folder of core its tests notice. By hand or by night,
 * never in npm test: 300 take hours. Lines are drawn by the seed until they hold about COUNT (300) mutants.
 */
import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import { Stryker } from '@stryker-mutator/core'
import jest from '../jest.config.mjs'
import { stop } from './setup.mjs'

const [folder, count = '300', seed = '1'] = process.argv.slice(2)
if (folder === undefined)
  stop('npm run mutants -- FOLDER [COUNT] [SEED], such as: npm run mutants -- match 300 1')
/** Mutants of a drawn line, about. [measured: 2.4 in core/cast, 1.3 in core/rig] */
const MUTANTS_PER_LINE = 1.8

// Tests wait less for what a mutant keeps from coming.
process.env.HOXEN_MUTANTS = '1'

const lines = readdirSync(`core/src/${folder}`, { recursive: true })
  .filter((name) => name.endsWith('.ts') && !/(\.test|(^|\/)index)\.ts$/.test(name))
  .flatMap((name) => codeOf(`core/src/${folder}/${name}`))
const lot = (line) => createHash('sha256').update(`${seed} ${line}`).digest('hex')
const drawn = lines
  .sort((a, b) => (lot(a) < lot(b) ? -1 : 1))
  .slice(0, Math.round(Number(count) / MUTANTS_PER_LINE))

const results = await new Stryker({
  mutate: drawn,
  testRunner: 'jest',
  coverageAnalysis: 'perTest',
  ignoreStatic: true,
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
