import { existsSync } from 'node:fs'
import { createServer, type Server } from 'node:http'
import { fileURLToPath } from 'node:url'
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

/** Listens on the wanted port, or on the next free one. */
function listen(server: Server, port: number, triesLeft: number): Promise<number> {
  return new Promise((resolve, reject) => {
    server.once('error', (error: NodeJS.ErrnoException) => {
      const taken = error.code === 'EADDRINUSE' && triesLeft > 0 && port < 65_535
      if (taken) resolve(listen(server, port + 1, triesLeft - 1))
      else reject(error)
    })
    server.listen(port, HOST, () => resolve(port))
  })
}

const dist = fileURLToPath(new URL('../../web/dist', import.meta.url))
if (!existsSync(`${dist}/index.html`)) {
  console.error('The application is not built yet: run “npm run build” first, or “npm run demo”.')
  process.exit(1)
}

const server = createServer(createApp(dist))
const wanted = wantedPort()
const port = await listen(server, wanted, TRIES)
if (port !== wanted) console.log(`Port ${wanted} is taken.`)
console.log(
  `\nHoxen with the demo angler’s gear:  http://${HOST}:${port}/?demo\nHoxen with your own gear:           http://${HOST}:${port}/\n\nStop it with Ctrl-C.`,
)

for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => {
    server.close(() => process.exit(0))
    server.closeAllConnections()
  })
