/** npm test: installs what is missing, then every check, those that only read the code side by side. Stops at the first that fails. */
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
  ['Unit tests', 'unit'],
  ['Build', 'build'],
  ['Bundle size', 'size'],
  ['Browser tests', 'browser'],
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
say(`All ${READING.length + STEPS.length} checks passed in ${Math.round((Date.now() - started) / 1000)} s`)
