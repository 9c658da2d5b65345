import { readFileSync } from 'node:fs'
import { createServer, type ServerResponse } from 'node:http'
import type { AddressInfo } from 'node:net'
import { join } from 'node:path'
import sirv from 'sirv'
import { ROOT } from './served.ts'

export interface StaticHost {
  /** The page's address, under a path as a shared host would have it. */
  readonly base: string
  /** Another text in place of a script's. */
  readonly change: (script: string, edit: (text: string) => string) => void
  readonly stop: () => Promise<void>
}

/** Any web host: it hands out the files of the build from under a path of its own, and knows nothing of Hoxen. */
export async function staticHost(): Promise<StaticHost> {
  const under = '/~angler/river/hoxen/'
  const built = join(ROOT, 'web/dist')
  const edits = new Map<string, (text: string) => string>()
  const files = sirv(built, { dev: true, onNoMatch: (_request, response) => lost(response) })
  const lost = (response: ServerResponse) =>
    response.writeHead(404, { 'content-type': 'text/html' }).end('<h1>Not here</h1>')
  const server = createServer((request, response) => {
    if (request.url?.startsWith(under) !== true) return void lost(response)
    request.url = request.url.slice(under.length - 1)
    const script = new URL(request.url, 'http://x').pathname.slice(1)
    const edit = edits.get(script)
    if (edit === undefined) return files(request, response)
    response.writeHead(200, { 'content-type': 'text/javascript', 'cache-control': 'no-cache' })
    response.end(edit(readFileSync(join(built, script), 'utf8')))
  })
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  const { port } = server.address() as AddressInfo
  return {
    base: `http://127.0.0.1:${port}${under}`,
    change: (script, edit) => void edits.set(script, edit),
    stop: () =>
      new Promise((resolve) => {
        server.close(() => resolve())
        server.closeAllConnections()
      }),
  }
}
