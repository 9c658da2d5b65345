/** npm run house [-- --check]: writes the picture of the house in docs/architecture.md, from the imports as they are. */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'

const DOC = 'docs/architecture.md'
const PARTS = ['core/src', 'web/src']
const OTHERS = ['cli/src', 'server/src']

const sources = (folder) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.tsx?$/.test(name) && !/\.test\.|(^|\/)testing\//.test(name))
    .map((name) => `${folder}/${name}`)

/** The room a file is in: a folder of core or web, or a whole part. */
function roomOf(path) {
  const [part, , room, ...rest] = path.split('/')
  if (part === 'core') return rest.length > 0 ? room : undefined
  if (part === 'web') return rest.length > 0 ? `web/${room}` : 'web/shell'
  return part
}

/** The room that an import leads to. */
function target(from, spec) {
  if (spec.startsWith('@hoxen/core/')) return spec.split('/')[2]
  if (!spec.startsWith('.')) return undefined
  const path = new URL(spec, `file:///${from}`).pathname.slice(1)
  return roomOf(path)
}

/** Rooms with what each imports. */
function house() {
  const rooms = new Map()
  for (const file of [...PARTS, ...OTHERS].flatMap(sources)) {
    const room = roomOf(file)
    if (room === undefined) continue
    const to = rooms.get(room) ?? new Set()
    rooms.set(room, to)
    const text = readFileSync(file, 'utf8')
    for (const [, spec] of text.matchAll(/(?:from|import\()\s*'([^']+)'/g)) {
      const other = target(file, spec)
      if (other !== undefined && other !== room) to.add(other)
    }
  }
  return rooms
}

/** Whether a room leads to another by more than one step. */
function roundabout(rooms, from, to) {
  const seen = new Set([from])
  const queue = [...(rooms.get(from) ?? [])].filter((room) => room !== to)
  for (let room = queue.pop(); room !== undefined; room = queue.pop()) {
    if (room === to) return true
    if (seen.has(room)) continue
    seen.add(room)
    queue.push(...(rooms.get(room) ?? []))
  }
  return false
}

const node = (room) => room.replaceAll(/[/-]/g, '_')

/** The picture, in Mermaid. */
function picture() {
  const rooms = house()
  const names = [...rooms.keys()].sort()
  const group = (title, some) =>
    [
      `  subgraph ${title}`,
      ...some.map((room) => `    ${node(room)}["${room.replace('web/', '')}"]`),
      '  end',
    ].join('\n')
  const edges = names.flatMap((from) =>
    [...rooms.get(from)]
      .filter((to) => rooms.has(to) && !roundabout(rooms, from, to))
      .sort()
      .map((to) => `  ${node(from)} --> ${node(to)}`),
  )
  const web = names.filter((room) => room.startsWith('web/'))
  const others = names.filter((room) => OTHERS.includes(`${room}/src`))
  const core = names.filter((room) => !web.includes(room) && !others.includes(room))
  return [
    '```mermaid',
    'flowchart TD',
    group('web', web),
    group('core', core),
    ...others.map((room) => `  ${node(room)}`),
    ...edges,
    '```',
  ].join('\n')
}

const was = readFileSync(DOC, 'utf8')
const is = was.replace(
  /(<!-- house: [^>]*-->\n)[\s\S]*?(<!-- \/house -->)/,
  (_, head, foot) => `${head}\n${picture()}\n\n${foot}`,
)
if (process.argv.includes('--check')) process.exitCode = is === was ? 0 : 1
else writeFileSync(DOC, is)
