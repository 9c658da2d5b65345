/** Setup of both commands on a fresh machine. Each step says what it does and is skipped when already done. */
import { spawn } from 'node:child_process'
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
export function run(command, args) {
  return new Promise((resolve) => {
    spawn(command, args, { cwd: ROOT, stdio: 'inherit' }).on('close', (code) => resolve(code === 0))
  })
}

/** The same beside others: what it prints is kept until it has ended. */
export function runQuietly(command, args, env = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      cwd: ROOT,
      stdio: ['ignore', 'pipe', 'pipe'],
      env: { ...process.env, ...env },
    })
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

export async function installPackages() {
  needNode()
  if (packagesFresh()) return
  say('Installing npm packages (npm ci, about half a minute)')
  const { ok, said } = await runQuietly('npm', ['ci', '--no-audit', '--no-fund'])
  console.log(said)
  if (!ok) stop('npm ci failed. Is the npm registry reachable?')
}

async function apt(limitS, ...args) {
  const { ok, said } = await runQuietly('timeout', [String(limitS), 'apt-get', '-qq', ...args], {
    DEBIAN_FRONTEND: 'noninteractive',
  })
  if (!ok) console.error(said)
  return ok
}

/** Chromium without a window takes a third less time; where it is not to be had, Chromium itself does. */
export async function installChromium() {
  if (existsSync(HEADLESS)) return
  const there = existsSync(CHROMIUM)
  say('Installing Chromium without a window from Debian’s packages, beside the rest (about a minute)')
  const wanted = ['install', '-y', '--no-install-recommends', 'chromium-headless-shell', 'fonts-liberation']
  const done = (await apt(there ? 60 : 600, 'update')) && (await apt(there ? 120 : 600, ...wanted))
  if (done && existsSync(HEADLESS)) return
  if (!there)
    stop(
      `Chromium is missing and could not be installed. Install it so that ${HEADLESS} or ${CHROMIUM} exists (apt-get install chromium) and try again.`,
    )
  say(`It could not be installed; ${CHROMIUM} does as well`)
}
