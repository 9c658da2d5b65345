import {
  csvColumns,
  ENTRY_HEAD,
  FORMAT,
  FORMAT_VERSION,
  LIST_NAMES,
  LISTS,
  placeOf,
  SHARED_VERSION,
  SINGLE_NAMES,
  SINGLES,
  TRAIL_KEPT,
  TRIAL_HEAD,
} from '../format/index.ts'
import { FIELDS, KINDS } from '../gear/index.ts'
import { KIND_NAMES } from './names.ts'

const table = (heads: readonly string[], rows: readonly (readonly string[])[]): string =>
  [heads, heads.map(() => '---'), ...rows].map((cells) => `| ${cells.join(' | ')} |`).join('\n')

const code = (text: string): string => `\`${text}\``

const keptTable = (): string =>
  table(
    ['place', 'what', 'at most'],
    [
      ...LIST_NAMES.map((name) => [
        code(`${placeOf(name).join('.')}[]`),
        LISTS[name].words.many,
        LISTS[name].limit.toLocaleString('en'),
      ]),
      ...SINGLE_NAMES.map((name) => [code(name), SINGLES[name].words.one, 'one']),
    ],
  )

const csvTable = (): string =>
  table(
    ['kind', 'asked for', 'all columns'],
    KINDS.map((kind) => {
      const columns = csvColumns(kind, 'metric')
      const needed = FIELDS[kind].flatMap((field, k) => (field.required ? [code(columns[k] ?? '')] : []))
      return [KIND_NAMES[kind].many, needed.join(' '), columns.map(code).join(' ')]
    }),
  )

/** The description of the open format, from the registry of what is kept. Markdown. */
export const formatsPage = (): string => `# The open format

Written by \`npm run formats\` from the registry in \`core/src/format/kept.ts\`; a test holds it to that.

## The file that holds everything

One JSON file, UTF-8: \`{"format": "${FORMAT}", "version": ${FORMAT_VERSION}, "savedAt": "…", …}\`. Figures are SI, the unit in the name
(\`lengthM\`, \`massKg\`, \`angleDeg\`, \`waterC\`). What is not known is left out. Every part may be absent; a bare
\`{"items": […]}\` is read as gear. The JSON Schema is [hoxen.schema.json](hoxen.schema.json).

${keptTable()}

A row has an \`id\` of up to 64 letters, digits and hyphens, once in its list. What is sound in a file is taken, and what is
not is told with its place; a list longer than its limit is refused whole. Of rows with the same \`id\` the preview says
what would change before anything is taken.

Versions 1 to ${FORMAT_VERSION} are read, by the page, its store and the command line alike, each through the same steps
(\`core/src/format/steps.ts\`). A newer one is refused, and says so.

A file saved from a device also tells \`trails\`: for each thing, by \`list/id\` (a single thing \`name/\`), the marks of the
states it has been through, newest first, at most ${TRAIL_KEPT}; and \`gone\`, the same of what was taken away. A mark is milliseconds since 1970 in base 36,
a hyphen, and what tells it from another of that moment. Of two states the one whose trail has the other’s newest mark is the newer; where neither has,
both sides changed it and the angler is asked; of single things the later then stands. A file without trails adds and changes, and takes nothing away.

## A rig in a link

\`…#/match/shared/CODE\`: JSON (version ${SHARED_VERSION}), deflated (RFC 1951), base64url without padding, all of it after the \`#\`. It holds the rig’s own items, the job, the
plan, the schools, where one stands, the pool with its flow, and what was found out of this rod: whoever opens it needs nothing else. The JSON Schema is
[hoxen-link.schema.json](hoxen-link.schema.json).

## Journal and trials as tables

CSV, units in the header. Swings: \`${ENTRY_HEAD.join(',')}\`, times in UTC. Trials: \`${TRIAL_HEAD.join(',')}\`, \`feel\` from −2, too light, to +2, too heavy.

## Pools on a map

GPX 1.1: a waypoint for each pool that knows where it lies, its name in \`name\`. GeoJSON (RFC 7946): a point each, the pool whole in \`properties.hoxenPool\`. Both are read:
a place of a pool’s own name says where that pool lies, any other is a new pool.

## Gear as a table

CSV, one row an item, header first, units in the header: \`mass_gr\` or \`mass_g\`, \`length_ft\` or \`length_m\`, and so on.
\`kind\` says what the row is; with an \`id\` it is the item that has it, without one it is new. An
empty cell is left out. Columns nobody knows are named and passed over. A cell that a spreadsheet would take for a formula
is written with an apostrophe before it, and read without.

${csvTable()}
`
