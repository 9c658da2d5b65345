import { FIELDS, type Kind } from '../gear/index.ts'
import { printMeasure, type UnitSystem } from '../quantity/index.ts'

type Tree = { readonly [key: string]: unknown }

const isTree = (value: unknown): value is Tree =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Every figure of a row by its path, lists as one. */
function flat(row: unknown, path: readonly string[] = []): Map<string, unknown> {
  if (!isTree(row)) return new Map([[path.join('.'), row]])
  return new Map(Object.entries(row).flatMap(([key, value]) => [...flat(value, [...path, key])]))
}

/** A field's own words, where it is no field of gear: `fromBankM` is “from bank”. */
const plainName = (path: string): string =>
  (path.split('.').at(-1) ?? path)
    .replace(/(M3ps|KgPerM|Mps|Kg|Deg|Ms|M|S|C)$/, '')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase()

function printed(value: unknown): string {
  if (value === undefined || value === null) return 'nothing'
  if (Array.isArray(value)) return `${value.length} of them`
  return String(value).slice(0, 60)
}

const SHOWN = 4

/** Difference of one state of a kept thing from another, in the user's units: “Weight 525 gr, Length 23 ft”. */
export function differing(row: object, other: object | undefined, system: UnitSystem): string {
  if (other === undefined) return 'still there'
  const [mine, theirs] = [flat(row), flat(other)]
  const kind = (row as { readonly kind?: Kind }).kind
  const fields = kind === undefined ? [] : (FIELDS[kind] ?? [])
  const paths = [...new Set([...mine.keys(), ...theirs.keys()])].filter(
    (path) => JSON.stringify(mine.get(path)) !== JSON.stringify(theirs.get(path)),
  )
  const said = paths.slice(0, SHOWN).map((path) => {
    const field = fields.find((f) => f.path === path)
    const value = mine.get(path)
    const measured =
      field?.type.as === 'quantity' && typeof value === 'number'
        ? printMeasure(value, field.type.measure, system)
        : printed(value)
    return `${field?.label ?? plainName(path)} ${measured}`
  })
  return `${said.join(', ')}${paths.length > SHOWN ? ' …' : ''}`
}
