import { readFileSync } from 'node:fs'
import { expect, test } from '@jest/globals'

interface Package {
  readonly version?: string
  readonly dev?: boolean
  readonly link?: boolean
}

const file = (name: string): string => readFileSync(`${process.cwd()}/${name}`, 'utf8')
const { packages } = JSON.parse(file('package-lock.json')) as { packages: Record<string, Package> }

/** Licences that go with Hoxen's own (MIT): those that ask for their notice alone; of fonts the open font licence. */
const SHIPS = [
  'MIT',
  'ISC',
  'BSD-2-Clause',
  'BSD-3-Clause',
  '0BSD',
  'Apache-2.0',
  'OFL-1.1',
  'BlueOak-1.0.0',
  'MIT-0',
  // Of its own files only, which ship as they are.
  'MPL-2.0',
]
/** Tools besides, none of which goes into what is built: their files stay under their own licence. */
const TOOLS = [...SHIPS, 'CC-BY-4.0', 'MIT OR Apache-2.0', 'Apache-2.0 AND MIT', '(MIT OR CC0-1.0)']

/** Packages under each licence in one part of the page. */
function told(part: string): ReadonlyMap<string, readonly string[]> {
  return new Map(
    [...part.matchAll(/^\| ([^|]+) \| ([^|]+) \|$/gm)]
      .filter(([, licence]) => licence !== 'Licence')
      .map(([, licence = '', names = '']) => [licence, names.split(', ')]),
  )
}
const [, ships = '', tools = ''] = file('docs/licences.md').split(/^## .*$/m)

test.each([
  ['what is built and served', ships, SHIPS, false],
  ['the tools', tools, TOOLS, true],
] as const)(
  'licences of %s: every package is listed, none of a kind that does not go with ours',
  (_part, page, allowed, dev) => {
    const found = told(page)
    expect([...found.keys()].filter((licence) => !allowed.includes(licence))).toEqual([])
    const installed = new Set(
      Object.entries(packages).flatMap(([place, each]) =>
        place.includes('node_modules/') && each.link !== true && (each.dev === true) === dev
          ? [`${place.replace(/.*node_modules\//, '')} ${each.version}`]
          : [],
      ),
    )
    const listed = [...found.values()].flat()
    if (dev) expect(listed.reduce((sum, count) => sum + Number(count), 0)).toBe(installed.size)
    else expect(listed.sort()).toEqual([...installed].sort())
  },
)
