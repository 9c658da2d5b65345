import { readFile } from 'node:fs/promises'
import { createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { extname, join, normalize } from 'node:path'
import { ROOT } from './served.ts'

const TYPES: Readonly<Record<string, string>> = {
  '.html': 'text/html',
  '.js': 'text/javascript',
  '.css': 'text/css',
  '.json': 'application/json',
  '.svg': 'image/svg+xml',
  '.png': 'image/png',
  '.woff2': 'font/woff2',
  '.webmanifest': 'application/manifest+json',
}

export interface StaticHost {
  /** The page's address, under a path as a shared host would have it. */
  readonly base: string
  /** Another text in place of a file's. */
  readonly change: (file: string, edit: (text: string) => string) => void
  readonly stop: () => Promise<void>
}

/** Any web host: it hands out the files of the build from under a path of its own, and knows nothing of Hoxen. */
export async function staticHost(): Promise<StaticHost> {
  const under = '/~angler/river/hoxen/'
  const edits = new Map<string, (text: string) => string>()
  const server = createServer((request, response) => {
    const { pathname } = new URL(request.url ?? '/', 'http://x')
    const file = normalize(pathname.startsWith(under) ? pathname.slice(under.length) || 'index.html' : '?')
    const edit = edits.get(file)
    readFile(join(ROOT, 'web/dist', file)).then(
      (bytes) => {
        response.writeHead(200, {
          'content-type': TYPES[extname(file)] ?? 'application/octet-stream',
          'cache-control': 'no-cache',
        })
        response.end(edit === undefined ? bytes : edit(bytes.toString()))
      },
      () => response.writeHead(404, { 'content-type': 'text/html' }).end('<h1>Not here</h1>'),
    )
  })
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  const { port } = server.address() as AddressInfo
  return {
    base: `http://127.0.0.1:${port}${under}`,
    change: (file, edit) => void edits.set(file, edit),
    stop: () =>
      new Promise((resolve) => {
        server.close(() => resolve())
        server.closeAllConnections()
      }),
  }
}
