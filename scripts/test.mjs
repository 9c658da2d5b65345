/** npm test: installs what is missing, then every check. Those that only read the code run side by side. Stops at the first step that fails. */
import { installChromium, installPackages, run, runQuietly, say, stop } from './setup.mjs'

const started = Date.now()
// What installs the browser runs on by itself: nothing wants it before the browser tests.
const chromium = installChromium()
await installPackages()

const READING = [
  ['Types', 'types'],
  ['Lint', 'lint'],
  ['Imports point downward', 'layers'],
  ['Nothing unused', 'unused'],
]
const STEPS = [
  ['Build', ['build']],
  ['Bundle size', ['size']],
  ['Unit tests', ['unit', '--', '--silent']],
]

const failed = (name, script) => stop(`${name.toLowerCase()} failed (npm run ${script}).`)

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
  if (!(await run('npm', ['run', '-s', ...script]))) failed(name, script[0])
}
say('Browser tests')
await chromium
if (!(await run('npm', ['run', '-s', 'browser']))) failed('Browser tests', 'browser')
say(
  `All ${READING.length + STEPS.length + 1} checks passed in ${Math.round((Date.now() - started) / 1000)} s`,
)
