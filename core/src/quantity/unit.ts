import {
  GO_ONE_M,
  goDiameterM,
  KG_PER_GRAIN,
  KG_PER_M_PER_GRAIN_PER_FOOT,
  KG_PER_POUND,
  M_PER_FOOT,
  M_PER_INCH,
  M_PER_MILE,
  M_PER_YARD,
  STANDARD_GRAVITY_MPS2,
} from './factor.ts'

/** SI inside, trade units at the edges: kg, m, m/s, kg/m, N, s. This file and `factor` are the only places that know how they relate. */

export type Dimension =
  | 'mass'
  | 'length'
  | 'speed'
  | 'massPerLength'
  | 'force'
  | 'flow'
  | 'temperature'
  | 'time'

export interface Unit {
  readonly symbol: string
  readonly dimension: Dimension
  readonly toSi: (value: number) => number
  readonly fromSi: (si: number) => number
  /** Other ways people type it, lower case. */
  readonly aliases: readonly string[]
}

/** Diameter in inches = 0.011 − 0.001·X. [standard, from memory] */
const X_ZERO_INCH = 0.011
const X_STEP_INCH = 0.001

function scaled(symbol: string, dimension: Dimension, factor: number, aliases: readonly string[]): Unit {
  return { symbol, dimension, toSi: (v) => v * factor, fromSi: (si) => si / factor, aliases }
}

const GO: Unit = {
  symbol: 'go',
  dimension: 'length',
  toSi: goDiameterM,
  fromSi: (m) => (m / GO_ONE_M) ** 2,
  aliases: ['gō', 'gou', '号'],
}

const X: Unit = {
  symbol: 'X',
  dimension: 'length',
  toSi: (x) => (X_ZERO_INCH - X_STEP_INCH * x) * M_PER_INCH,
  fromSi: (m) => (X_ZERO_INCH - m / M_PER_INCH) / X_STEP_INCH,
  aliases: ['x'],
}

/** Water is told in degrees Celsius throughout; kelvins are of no use at a river. */
const CELSIUS: Unit = {
  symbol: '°C',
  dimension: 'temperature',
  toSi: (c) => c,
  fromSi: (c) => c,
  aliases: ['c', 'celsius', 'degc', 'deg c'],
}

const FAHRENHEIT: Unit = {
  symbol: '°F',
  dimension: 'temperature',
  toSi: (f) => ((f - 32) * 5) / 9,
  fromSi: (c) => (c * 9) / 5 + 32,
  aliases: ['f', 'fahrenheit', 'degf', 'deg f'],
}

/** Every unit the tool reads and writes. Where a symbol serves two dimensions ("lb"), the first listed wins. */
export const UNITS: readonly Unit[] = Object.freeze([
  scaled('gr', 'mass', KG_PER_GRAIN, ['grain', 'grains', 'grn']),
  scaled('g', 'mass', 1e-3, ['gram', 'grams', 'gramme', 'grammes']),
  scaled('kg', 'mass', 1, ['kilo', 'kilos', 'kilogram', 'kilograms']),
  scaled('oz', 'mass', KG_PER_POUND / 16, ['ounce', 'ounces']),
  scaled('lb', 'mass', KG_PER_POUND, ['lbs', 'pound', 'pounds', '#']),
  scaled('ft', 'length', M_PER_FOOT, ['foot', 'feet', "'", '′', '’']),
  scaled('in', 'length', M_PER_INCH, ['inch', 'inches', '"', '″', '”', "''"]),
  scaled('yd', 'length', M_PER_YARD, ['yard', 'yards', 'yds']),
  scaled('m', 'length', 1, ['metre', 'metres', 'meter', 'meters']),
  scaled('cm', 'length', 1e-2, ['centimetre', 'centimetres', 'centimeter', 'centimeters']),
  scaled('mm', 'length', 1e-3, ['millimetre', 'millimetres', 'millimeter', 'millimeters']),
  GO,
  X,
  scaled('in/s', 'speed', M_PER_INCH, ['ips', 'in/sec', 'inches per second']),
  scaled('cm/s', 'speed', 1e-2, ['cm/sec', 'centimetres per second']),
  scaled('m/s', 'speed', 1, ['mps', 'm/sec', 'metres per second']),
  scaled('ft/s', 'speed', M_PER_FOOT, ['fps', 'ft/sec', 'feet per second']),
  scaled('mph', 'speed', M_PER_MILE / 3600, ['miles per hour', 'mi/h']),
  scaled('km/h', 'speed', 1000 / 3600, ['kmh', 'kph', 'kilometres per hour']),
  scaled('gr/ft', 'massPerLength', KG_PER_M_PER_GRAIN_PER_FOOT, ['grains per foot', 'gr/foot']),
  scaled('g/m', 'massPerLength', 1e-3, ['grams per metre', 'g/metre']),
  scaled('lbf', 'force', KG_PER_POUND * STANDARD_GRAVITY_MPS2, [
    'lb',
    'lbs',
    'pound',
    'pounds',
    'lb test',
    '#',
  ]),
  scaled('kgf', 'force', STANDARD_GRAVITY_MPS2, ['kg', 'kilo', 'kilos']),
  scaled('N', 'force', 1, ['n', 'newton', 'newtons']),
  scaled('m³/s', 'flow', 1, ['m3/s', 'm^3/s', 'cumec', 'cumecs', 'cms']),
  scaled('ft³/s', 'flow', M_PER_FOOT ** 3, ['ft3/s', 'ft^3/s', 'cfs', 'cusec', 'cusecs']),
  scaled('l/s', 'flow', 1e-3, ['litres per second', 'liters per second']),
  CELSIUS,
  FAHRENHEIT,
  scaled('s', 'time', 1, ['sec', 'secs', 'second', 'seconds']),
])

/**
 * The unit a person means by `text`.
 * @param dimension settles words that serve two dimensions, such as "lb" of mass and "lb" of breaking load
 */
export function findUnit(text: string, dimension?: Dimension): Unit | undefined {
  const wanted = text.trim()
  const lower = wanted.toLowerCase()
  const among = dimension === undefined ? UNITS : UNITS.filter((u) => u.dimension === dimension)
  return (
    among.find((u) => u.symbol === wanted) ??
    among.find((u) => u.symbol.toLowerCase() === lower || u.aliases.includes(lower))
  )
}

const BY_SYMBOL: ReadonlyMap<string, Unit> = new Map(UNITS.map((unit) => [unit.symbol, unit]))

/** The unit of this symbol; a programmer's error when there is none. */
export function unitOf(symbol: string): Unit {
  const unit = BY_SYMBOL.get(symbol)
  if (unit === undefined) throw new Error(`no unit ${symbol}`)
  return unit
}
