import type { Measure } from '../quantity/index.ts'
import type { Item } from './item.ts'
import {
  COUNTS,
  DRESSES,
  FLOATING_FLIES,
  HANDS,
  HEAD_STYLES,
  type Kind,
  LINE_STANDARDS,
  MATERIALS,
  SECTIONS_BY,
  WEIGHTINGS,
} from './vocabulary.ts'

export type FieldType =
  | { readonly as: 'quantity'; readonly measure: Measure }
  | { readonly as: 'choice'; readonly options: readonly string[] }
  | { readonly as: 'count' }
  | { readonly as: 'text' }

/** One property of one kind of gear: drives the form, the file columns and the error words. */
export interface Field {
  /** Path in the item, dots between levels. */
  readonly path: string
  /** File column, without the unit. */
  readonly column: string
  readonly label: string
  readonly type: FieldType
  readonly required?: true
  /** Not required, but among the essentials. */
  readonly early?: true
  /** Read and written in files, but not asked for. */
  readonly unasked?: true
  /** Place on the drawing where it is measured: at its rear, over the whole of it, at its front. */
  readonly drawnAt?: 'rear' | 'whole' | 'front'
  readonly help?: string
}

const quantity = (path: string, column: string, label: string, measure: Measure, help?: string): Field => ({
  path,
  column,
  label,
  type: { as: 'quantity', measure },
  ...(help === undefined ? {} : { help }),
})
const choice = (path: string, column: string, label: string, options: readonly string[]): Field => ({
  path,
  column,
  label,
  type: { as: 'choice', options },
})
const count = (path: string, column: string, label: string, help?: string): Field => ({
  path,
  column,
  label,
  type: { as: 'count' },
  ...(help === undefined ? {} : { help }),
})
const need = (field: Field): Field => ({ ...field, required: true })
const early = (field: Field): Field => ({ ...field, early: true })
const at = (drawnAt: NonNullable<Field['drawnAt']>, field: Field): Field => ({ ...field, drawnAt })

const NAME = need({ path: 'name', column: 'name', label: 'Name', type: { as: 'text' } })
const NOTES: Field = { path: 'notes', column: 'notes', label: 'Notes', type: { as: 'text' } }

const windowFields = (style: string, label: string): readonly Field[] => [
  quantity(`windows.${style}.lowKg`, `${style}_low`, `${label} window, from`, 'lineMass'),
  quantity(`windows.${style}.highKg`, `${style}_high`, `${label} window, to`, 'lineMass'),
  choice(`windows.${style}.counts`, `${style}_counts`, `${label} window is for`, COUNTS),
]

const materialFields = [
  choice('material', 'material', 'Material', MATERIALS),
  quantity('breakingN', 'breaking', 'Breaking strain', 'breakingLoad'),
] as const

const BODY: Readonly<Record<Kind, readonly Field[]>> = {
  rod: [
    need(choice('hands', 'hands', 'Kind of rod', HANDS)),
    need(count('lineNumber', 'number', 'Line number', 'As on the rod; the lower one of a pair')),
    count('lineNumberHigh', 'number_high', 'Upper number of a pair'),
    at('whole', need(quantity('lengthM', 'length', 'Length', 'rodLength'))),
    { ...choice('action', 'action', 'Action', ['tip', 'middle', 'full']), unasked: true },
    ...windowFields('skagit', 'Skagit'),
    ...windowFields('scandi', 'Scandi'),
    ...windowFields('overhead', 'Overhead'),
    ...windowFields('trout-line', 'Trout line'),
    at('whole', quantity('massKg', 'mass', 'Weight', 'gearMass')),
    at('front', quantity('balanceM', 'balance', 'Balance point from butt', 'length')),
    at('rear', quantity('reelSeatM', 'reel_seat', 'Reel seat from butt', 'length')),
  ],
  head: [
    need(choice('style', 'style', 'Kind of head', HEAD_STYLES)),
    at(
      'rear',
      quantity(
        'massKg',
        'mass',
        'Weight',
        'lineMass',
        'Without the tip; for a trout line the number on the box will do',
      ),
    ),
    at('whole', need(quantity('lengthM', 'length', 'Length', 'length'))),
    count('labelNumber', 'label_number', 'Number on the box'),
    choice('labelStandard', 'label_standard', 'Standard on the box', LINE_STANDARDS),
    at('front', quantity('frontTaperM', 'front_taper', 'Front taper', 'length')),
    choice('density', 'density', 'Density', ['floating', 'intermediate', 'sinking']),
    { ...quantity('cheaterM', 'cheater', 'Cheater included', 'length'), unasked: true },
    { ...choice('sectionsBy', 'sections_by', 'Sections from', SECTIONS_BY), unasked: true },
  ],
  cheater: [
    at('whole', need(quantity('lengthM', 'length', 'Length', 'length'))),
    need(
      quantity(
        'kgPerM',
        'mass_per_length',
        'Weight per foot or metre',
        'massPerLength',
        'About as heavy as the thick part of the head it goes behind',
      ),
    ),
  ],
  tip: [
    need(choice('build', 'build', 'Build', ['level', 'part-sinking', 'tapered', 'floating'])),
    at('whole', need(quantity('lengthM', 'length', 'Length', 'length'))),
    early(
      quantity(
        'kgPerM',
        'mass_per_length',
        'Weight per foot or metre',
        'massPerLength',
        'T-11 is 11 gr/ft; type “T-11”',
      ),
    ),
    at(
      'rear',
      quantity('massKg', 'mass', 'Weight', 'lineMass', 'As weighed; outranks the name on the packet'),
    ),
    quantity('sinkRateMps', 'sink_rate', 'Sink rate', 'sinkRate'),
    at('front', quantity('sinkingLengthM', 'sinking_length', 'Sinking part', 'length')),
    count('rodNumber', 'rod_number', 'Made for rod number'),
    quantity('diameterM', 'diameter', 'Diameter', 'diameter'),
  ],
  'sinking-leader': [
    at('whole', need(quantity('lengthM', 'length', 'Length', 'length'))),
    at('front', need(quantity('sinkRateMps', 'sink_rate', 'Sink rate', 'sinkRate', '0 floats'))),
    at('rear', quantity('massKg', 'mass', 'Weight', 'lineMass')),
  ],
  leader: [
    need(choice('form', 'form', 'Form', ['tapered', 'stepped', 'level'])),
    at('whole', need(quantity('lengthM', 'length', 'Length', 'length'))),
    ...materialFields,
    at('rear', quantity('buttDiameterM', 'butt_diameter', 'Butt diameter', 'diameter')),
    at('front', quantity('pointDiameterM', 'point_diameter', 'Point diameter', 'diameter')),
  ],
  tippet: [
    need(materialFields[0]),
    at('rear', quantity('diameterM', 'diameter', 'Diameter', 'diameter')),
    materialFields[1],
    at('whole', quantity('lengthM', 'length', 'Length on the spool', 'backingLength')),
  ],
  fly: [
    need(choice('dress', 'dress', 'Dressing', DRESSES)),
    need(choice('weighting', 'weighting', 'Weighting', WEIGHTINGS)),
    choice('floats', 'floats', 'On top', FLOATING_FLIES),
    at('rear', quantity('massKg', 'mass', 'Weight', 'flyMass')),
    at('whole', quantity('lengthM', 'length', 'Length', 'diameter')),
  ],
  'running-line': [
    need(choice('build', 'build', 'Build', ['coated', 'mono'])),
    at('rear', quantity('diameterM', 'diameter', 'Diameter', 'diameter', '6 gō or 0.45 mm')),
    at('front', quantity('breakingN', 'breaking', 'Breaking strain', 'breakingLoad')),
    quantity('kgPerM', 'mass_per_length', 'Weight per foot or metre', 'massPerLength'),
    at('whole', quantity('lengthM', 'length', 'Length', 'backingLength')),
  ],
  reel: [
    early(
      count('forNumber', 'number', 'Made for single-hand no.', 'From the box; or measure the spool below'),
    ),
    choice('cage', 'cage', 'Frame', ['full', 'open']),
    at('whole', quantity('massKg', 'mass', 'Weight', 'gearMass')),
    at('whole', quantity('spool.rimDiameterM', 'spool_rim', 'Spool rim diameter', 'spoolSize')),
    at('front', quantity('spool.arborDiameterM', 'spool_arbor', 'Arbor diameter', 'spoolSize')),
    at('rear', quantity('spool.widthM', 'spool_width', 'Spool width', 'spoolSize')),
    quantity('spool.clearanceM', 'spool_clearance', 'Left free below the rim', 'spoolSize'),
  ],
  backing: [
    choice('material', 'material', 'Material', ['braided', 'gel-spun', 'mono']),
    at('front', quantity('breakingN', 'breaking', 'Breaking strain', 'breakingLoad')),
    at('rear', quantity('diameterM', 'diameter', 'Diameter', 'diameter')),
    at('whole', quantity('lengthM', 'length', 'Length', 'backingLength')),
  ],
}

/** Every field of every kind, in the order a form asks them. */
export const FIELDS: Readonly<Record<Kind, readonly Field[]>> = Object.freeze(
  Object.fromEntries(
    Object.entries(BODY).map(([kind, fields]) => [kind, [NAME, ...fields, NOTES]]),
  ) as unknown as Record<Kind, readonly Field[]>,
)

/** The field a path ends in, wherever the item stands. */
export function fieldAt(kind: Kind, path: readonly (string | number)[]): Field | undefined {
  const joined = `.${path.join('.')}`
  return FIELDS[kind].find((f) => joined.endsWith(`.${f.path}`))
}

type Tree = { [key: string]: unknown }

/** The value at a dotted path; undefined where any level is missing. */
export function readField(item: Item, path: string): unknown {
  return path.split('.').reduce<unknown>((at, key) => (at as Tree | undefined)?.[key], item)
}

/** A copy with the value at a dotted path set; undefined takes it away, and empties no level it did not fill. */
export function withField(item: Tree, path: string, value: unknown): Tree {
  const [key = '', ...rest] = path.split('.')
  const { [key]: old, ...others } = item
  if (rest.length === 0) return value === undefined ? others : { ...item, [key]: value }
  const inner = withField((old as Tree | undefined) ?? {}, rest.join('.'), value)
  return Object.keys(inner).length === 0 ? others : { ...item, [key]: inner }
}
