import { existsSync, readFileSync } from 'node:fs'
import { createServer, type Server } from 'node:http'
import { createServer as createSecureServer } from 'node:https'
import { hostname, networkInterfaces } from 'node:os'
import { fileURLToPath } from 'node:url'
import { parseArgs } from 'node:util'
import { createApp } from './app.ts'

const HOST = '127.0.0.1'
const DEFAULT_PORT = 4173
const TRIES = 50

function wantedPort(): number {
  const text = process.env.PORT ?? ''
  if (text === '') return DEFAULT_PORT
  const port = Number(text)
  if (Number.isInteger(port) && port > 0 && port < 65_536) return port
  console.error(`PORT must be a whole number from 1 to 65535, not “${text}”.`)
  process.exit(1)
}

/** Arguments after the command; said and stopped when it cannot be. */
function asked(): { host: string; secure?: { cert: Buffer; key: Buffer } } {
  try {
    const { values } = parseArgs({
      options: { host: { type: 'string' }, cert: { type: 'string' }, key: { type: 'string' } },
    })
    const { host = HOST, cert, key } = values
    if ((cert === undefined) !== (key === undefined)) throw new Error('--cert and --key go together.')
    return {
      host,
      ...(cert === undefined || key === undefined
        ? {}
        : { secure: { cert: readFileSync(cert), key: readFileSync(key) } }),
    }
  } catch (error) {
    console.error(
      `${error instanceof Error ? error.message : error}\nUse: --host ADDRESS --cert FILE --key FILE`,
    )
    process.exit(1)
  }
}

/** Names of this machine on its networks. */
function ownNames(host: string): readonly string[] {
  const addresses = Object.values(networkInterfaces()).flatMap((list = []) =>
    list.filter(({ family }) => family === 'IPv4').map(({ address }) => address),
  )
  return [host, ...addresses, hostname(), `${hostname()}.local`]
}

/** Listens on the wanted port, or on the next free one. */
function listen(server: Server, host: string, port: number, triesLeft: number): Promise<number> {
  return new Promise((resolve, reject) => {
    server.once('error', (error: NodeJS.ErrnoException) => {
      const taken = error.code === 'EADDRINUSE' && triesLeft > 0 && port < 65_535
      if (taken) resolve(listen(server, host, port + 1, triesLeft - 1))
      else reject(error)
    })
    server.listen(port, host, () => resolve(port))
  })
}

const dist = fileURLToPath(new URL('../../web/dist', import.meta.url))
if (!existsSync(`${dist}/index.html`)) {
  console.error('The application is not built yet: run “npm run build” first, or “npm run demo”.')
  process.exit(1)
}

const { host, secure } = asked()
const names = host === HOST ? [] : ownNames(host)
const app = createApp(dist, Date.now, names)
const server = secure === undefined ? createServer(app) : createSecureServer(secure, app)
const wanted = wantedPort()
const port = await listen(server, host, wanted, TRIES)
if (port !== wanted) console.log(`Port ${wanted} is taken.`)
const scheme = secure === undefined ? 'http' : 'https'
const shown = host === '0.0.0.0' ? (names.find((name) => /^(?!127|0)\d+\./.test(name)) ?? HOST) : host
console.log(
  `\nHoxen with the demo angler’s gear:  ${scheme}://${shown}:${port}/?demo\nHoxen with your own gear:           ${scheme}://${shown}:${port}/\n`,
)
if (host !== HOST && secure === undefined)
  console.log('Over plain http a phone can’t work offline. Start with --cert and --key to fix that.\n')
console.log('Stop it with Ctrl-C.')

for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => {
    server.close(() => process.exit(0))
    server.closeAllConnections()
  })
