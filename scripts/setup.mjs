/** Setup of both commands on a fresh machine. Each step says what it does and is skipped when already done. */
import { spawn, spawnSync } from 'node:child_process'
import { existsSync, statSync } from 'node:fs'
import { fileURLToPath } from 'node:url'

export const ROOT = fileURLToPath(new URL('..', import.meta.url))
const HEADLESS = '/usr/bin/chromium-headless-shell'
const CHROMIUM = '/usr/bin/chromium'

export function say(text) {
  console.log(`\n— ${text}`)
}

export function stop(text) {
  console.error(`\nStopped: ${text}`)
  process.exit(1)
}

/** Runs a command with its output shown; false when it failed. */
export function run(command, args, env = {}) {
  const done = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env } })
  return done.status === 0
}

/** The same beside others: what it prints is kept until it has ended. */
export function runQuietly(command, args) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] })
    let said = ''
    child.stdout.on('data', (part) => {
      said += part
    })
    child.stderr.on('data', (part) => {
      said += part
    })
    child.on('close', (code) => resolve({ ok: code === 0, said: said.trim() }))
  })
}

function needNode() {
  const major = Number(process.versions.node.split('.')[0])
  if (major < 20) stop(`Hoxen needs Node.js 20 or newer; this is ${process.versions.node}.`)
}

/** True when what is installed was installed from this very lockfile. */
function packagesFresh() {
  const installed = `${ROOT}node_modules/.package-lock.json`
  const lock = `${ROOT}package-lock.json`
  if (!existsSync(installed) || !existsSync(lock)) return false
  return statSync(installed).mtimeMs >= statSync(lock).mtimeMs
}

export function installPackages() {
  needNode()
  if (packagesFresh()) return
  say('Installing npm packages (npm ci, about a minute)')
  if (!run('npm', ['ci', '--no-audit', '--no-fund'])) stop('npm ci failed. Is the npm registry reachable?')
}

const apt = (limitS, ...args) =>
  run('timeout', [String(limitS), 'apt-get', '-qq', ...args], { DEBIAN_FRONTEND: 'noninteractive' })

/** Chromium without a window takes a third less time; where it is not to be had, Chromium itself does. */
export function installChromium() {
  if (existsSync(HEADLESS)) return
  const there = existsSync(CHROMIUM)
  say('Installing Chromium without a window from Debian’s packages (about a minute)')
  const wanted = ['install', '-y', '--no-install-recommends', 'chromium-headless-shell', 'fonts-liberation']
  const done = apt(there ? 60 : 600, 'update') && apt(there ? 120 : 600, ...wanted)
  if (done && existsSync(HEADLESS)) return
  if (!there)
    stop(
      `Chromium is missing and could not be installed. Install it so that ${HEADLESS} or ${CHROMIUM} exists (apt-get install chromium) and try again.`,
    )
  say(`It could not be installed; ${CHROMIUM} does as well`)
}
