/** npm test: installs what is missing, then every check in turn. Stops at the first that fails. */
import { installChromium, installPackages, run, say, stop } from './setup.mjs'

installPackages()
installChromium()

const STEPS = [
  ['Types', 'types'],
  ['Lint', 'lint'],
  ['Imports point downward', 'layers'],
  ['Nothing unused', 'unused'],
  ['Unit tests', 'unit'],
  ['Build', 'build'],
  ['Bundle size', 'size'],
  ['Browser tests', 'browser'],
]

const started = Date.now()
for (const [name, script] of STEPS) {
  say(name)
  if (!run('npm', ['run', '-s', script])) stop(`${name.toLowerCase()} failed (npm run ${script}).`)
}
say(`All ${STEPS.length} checks passed in ${Math.round((Date.now() - started) / 1000)} s`)
