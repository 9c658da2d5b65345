/**
 * npm test: installs what is missing, then every check. Those that only read the code run side by side, and so do unit and browser
 * tests, which wait for different things. Stops at the first step that fails.
 */
import { availableParallelism } from 'node:os'
import { installChromium, installPackages, run, runQuietly, say, stop } from './setup.mjs'

installPackages()
installChromium()

const READING = [
  ['Types', 'types'],
  ['Lint', 'lint'],
  ['Imports point downward', 'layers'],
  ['Nothing unused', 'unused'],
]
const STEPS = [
  ['Build', 'build'],
  ['Bundle size', 'size'],
]

const failed = (name, script) => stop(`${name.toLowerCase()} failed (npm run ${script}).`)

const started = Date.now()
say(READING.map(([name]) => name).join(', '))
const [[, slowest], ...rest] = READING
const types = runQuietly('npm', ['run', '-s', slowest])
for (const [name, script] of rest) {
  const { ok, said } = await runQuietly('npm', ['run', '-s', script])
  console.log(said)
  if (!ok) failed(name, script)
}
const { ok, said } = await types
console.log(said)
if (!ok) failed(...READING[0])
for (const [name, script] of STEPS) {
  say(name)
  if (!run('npm', ['run', '-s', script])) failed(name, script)
}
say('Unit tests, and beside them browser tests')
// One process for all files grows with each, and takes a fifth longer.
const workers = String(Math.max(2, availableParallelism() - 1))
const unit = runQuietly('npm', ['run', '-s', 'unit', '--', '--silent', '--maxWorkers', workers])
const browserOk = run('npm', ['run', '-s', 'browser'])
const { ok: unitOk, said: unitSaid } = await unit
console.log(unitSaid)
if (!unitOk) failed('Unit tests', 'unit')
if (!browserOk) failed('Browser tests', 'browser')
say(
  `All ${READING.length + STEPS.length + 2} checks passed in ${Math.round((Date.now() - started) / 1000)} s`,
)
