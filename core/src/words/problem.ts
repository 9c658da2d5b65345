import { FIELDS, type Field, fieldAt, type Kind, type Problem } from '../gear/index.ts'
import { type Measure, printExact, printMeasure, type UnitSystem } from '../quantity/index.ts'

type Say = (data: Readonly<Record<string, unknown>>, field: Subject | undefined, system: UnitSystem) => string

/** Subject of a sentence: a figure's name, and what it measures. */
interface Subject {
  readonly label: string
  readonly measure?: Measure | undefined
}

/** Figures outside gear, by the last word of their path. */
const SUBJECTS: Readonly<Record<string, Subject>> = {
  name: { label: 'The name' },
  widthM: { label: 'The width', measure: 'length' },
  fromBankM: { label: 'The distance from the bank', measure: 'length' },
  depthM: { label: 'The depth', measure: 'length' },
  wadeM: { label: 'The wading line', measure: 'length' },
  mps: { label: 'The current', measure: 'current' },
  currentMps: { label: 'The current', measure: 'current' },
  castM: { label: 'The cast', measure: 'length' },
  fishKg: { label: 'The fish', measure: 'fishMass' },
  waterDepthM: { label: 'The depth of the water', measure: 'length' },
  roomBehindM: { label: 'The room behind', measure: 'length' },
  stripToM: { label: 'The length left out after stripping in', measure: 'length' },
  upM: { label: 'The dropper’s distance above the point fly', measure: 'length' },
  massKg: { label: 'The fly', measure: 'lineMass' },
  angleDeg: { label: 'The angle of the cast, in degrees,' },
  tipHeightM: { label: 'The height of the rod tip', measure: 'length' },
  sizeM: { label: 'The mend', measure: 'length' },
  atS: { label: 'The time of the mend, in seconds,' },
  measuredFlowM3ps: { label: 'The flow', measure: 'flow' },
  todayFlowM3ps: { label: 'The flow', measure: 'flow' },
  soundings: { label: 'The number of soundings' },
  currents: { label: 'The number of currents' },
  bottom: { label: 'The bottom' },
  bank: { label: 'The bank' },
}

/** A limit in the user's units; one that would read as nothing is printed finer. */
function limit(value: unknown, field: Subject | undefined, system: UnitSystem): string {
  const measure = field?.measure
  if (measure === undefined) return String(value)
  const si = Number(value)
  const plain = printMeasure(si, measure, system)
  return si > 0 && Number.parseFloat(plain) === 0 ? printMeasure(si, measure, system, 2) : plain
}
const what = (field: Subject | undefined): string => field?.label ?? 'This'
const length = (m: unknown, system: UnitSystem): string => printMeasure(Number(m), 'length', system)
const flow = (m3ps: unknown, system: UnitSystem): string => printMeasure(Number(m3ps), 'flow', system)
const millimetres = (m: unknown): string => `${(Number(m) * 1000).toFixed(1)} mm`
const text = (value: unknown): string => `“${String(value).slice(0, 40)}”`

/** Between what a figure must lie, as far as that is known; a low limit of nothing goes without saying. */
function outside(
  { minimum, maximum }: Readonly<Record<string, unknown>>,
  f: Subject | undefined,
  s: UnitSystem,
): string {
  if (minimum === undefined || (minimum === 0 && maximum !== undefined))
    return `${what(f)} must be at most ${limit(maximum, f, s)}${minimum === 0 ? ', and not negative' : ''}.`
  return maximum === undefined
    ? `${what(f)} must be at least ${limit(minimum, f, s)}.`
    : `${what(f)} must be between ${limit(minimum, f, s)} and ${limit(maximum, f, s)}.`
}

const SENTENCES: Readonly<Record<string, Say>> = {
  // Fields and figures
  empty: () => 'Type something first.',
  'not-a-number': (d) =>
    d.text === undefined
      ? 'That is not a number. Try “525 gr”, “7.2 m” or “23 ft 6 in”.'
      : `${text(d.text)} is not a number.`,
  'not-a-count': (d) => `${text(d.text)} is not a whole number.`,
  negative: () => 'This can’t be negative.',
  'out-of-range': () => 'That is out of range for this unit.',
  'unknown-unit': (d) => `Hoxen doesn’t know the unit ${text(d.unit)} here.`,
  'other-dimension': (d, f) => `${text(d.unit)} is not a unit for ${what(f).toLowerCase()}.`,
  'column-without-unit': (d) =>
    `${text(d.text)} has no unit: name the column “${d.column}_${String(d.trade)}” or “${d.column}_${String(d.metric)}”, or write the unit in the cell.`,
  too_small: (d, f, s) => (d.origin === 'string' ? `${what(f)} is needed.` : outside(d, f, s)),
  too_big: (d, f, s) =>
    d.origin === 'string' ? `${what(f)} must be at most ${d.maximum} characters.` : outside(d, f, s),
  invalid_type: (d, f) =>
    d.expected === 'int'
      ? `${what(f)} must be a whole number.`
      : d.expected === 'string'
        ? `${what(f)} is needed.`
        : `${what(f)} is needed.`,
  invalid_value: (d, f) =>
    `${what(f)} must be one of: ${(d.values as readonly string[] | undefined)?.join(', ')}.`,
  invalid_union: () => 'Hoxen doesn’t know this kind of gear.',
  invalid_format: (d, f) =>
    String(d.pattern).includes('A-Z')
      ? `${what(f)} may hold letters, digits and “-” only.`
      : `${what(f)} must be one line, without control characters.`,
  unrecognized_keys: (d) => `Not known here: ${(d.keys as readonly string[] | undefined)?.join(', ')}.`,
  // Gear that cannot be
  'needs-mass': () => 'Enter what the head weighs; nothing can be matched without it.',
  'too-thick': (d) =>
    `That would be ${millimetres(d.diameterM)} thick, and nothing above ${millimetres(d.limitM)} runs through the guides. Check weight and length.`,
  'too-thin': (d) =>
    `That would be ${millimetres(d.diameterM)} thin: a running line, not a head. Check weight and length.`,
  'cheater-beyond-head': () => 'The cheater is longer than head and cheater together.',
  'taper-beyond-head': () => 'The front taper is longer than the head.',
  'sections-length': (d, _f, s) =>
    `The sections add up to ${length(d.lengthM, s)}, not to the head’s length.`,
  'tip-needs-mass': () => 'Enter the material (“T-11”) or what the tip weighs.',
  'tip-needs-number': () => 'Enter the rod number it is made for, or what it weighs.',
  'needs-sinking-length': () => 'Enter how much of it sinks.',
  'sinks-beyond-tip': () => 'The sinking part is longer than the tip.',
  'floats-and-sinks': () => 'A floating tip cannot have a sink rate.',
  'lighter-than-water': (d) =>
    `At that weight and diameter it comes to ${Number(d.densityKgPerM3).toFixed(0)} kg/m³, less than water: it floats.`,
  'window-order': () => 'The window ends below where it starts.',
  'pair-order': () => 'The upper number of a pair must be above the lower one.',
  'balance-beyond-rod': () => 'The balance point is beyond the rod tip.',
  'seat-beyond-handle': () => 'The reel seat is beyond the middle of the rod.',
  'point-thicker-than-butt': () => 'The point is thicker than the butt.',
  'arbor-beyond-rim': () => 'The arbor is as large as the rim: no room for line.',
  'clearance-beyond-spool': () => 'The clearance leaves no room for line.',
  'reel-needs-size': () => 'Enter the number on the box, or measure the spool.',
  // Pools
  'beyond-width': (d, _f, s) => `That is beyond the far bank: the pool is ${length(d.widthM, s)} wide.`,
  'out-of-order': (d, _f, s) =>
    `Enter points in order from your bank outward; the one before is at ${length(d.beforeM, s)}.`,
  'bed-above-surface': () =>
    'A negative depth would put the bed above the water. Use 0 where the bed is dry.',
  'too-deep': (d, _f, s) => `Nobody swings a line in water deeper than ${length(d.limitM, s)}.`,
  'negative-current': () => 'A current can’t be negative. Use 0 for slack water; Hoxen doesn’t model eddies.',
  'absurd-current': (d, _f, s) =>
    `No river that can be fished runs faster than ${printMeasure(Number(d.limitMps), 'current', s)}.`,
  'wades-across': (d, _f, s) =>
    `You would be standing beyond the far bank: the pool is ${length(d.widthM, s)} wide.`,
  // Gauges
  'gauge-is-page': () => 'The gauge answered with a web page instead of readings.',
  'gauge-empty': () => 'The gauge has no readings.',
  'gauge-columns': () =>
    'The first row must name the columns: “time”, and “level_m”, “flow_m3ps” or both; “water_c” if there is one.',
  'gauge-row': (d) => `Row ${String(d.row)} has no readable ${String(d.column)}.`,
  'gauge-waterml': () => 'This XML has no WaterML 2.0 time series of level, flow or temperature in it.',
  'gauge-unit': (d) => `${text(d.unit)} is not a unit Hoxen knows for a river gauge.`,
  // The typed line
  'no-kind': (d) =>
    `What is ${text(d.text)}? Start with a kind: rod, skagit, scandi, tip, T-11, leader, reel…`,
  'says-otherwise': (d) => `${text(d.text)} contradicts what you typed next to it. Leave one out.`,
  'negative-figure': (d) => `${text(d.text)} is negative: leave the sign out.`,
  'figure-without-place': (d) => `${text(d.text)} doesn’t belong to a ${String(d.kind).replace('-', ' ')}.`,
  'figure-without-unit': (d) => `${text(d.text)} needs a unit (gr, ft, mm…), or “no. 7” for a line number.`,
  // Files
  'empty-file': () => 'The file is empty.',
  'file-too-large': () => 'The file is far larger than any gear list.',
  'not-a-table': () =>
    'This is not a table of gear: its first row must name the columns, “kind” and “name” among them.',
  'missing-column': (d) =>
    `The column ${(d.columns as readonly string[]).map((c) => `“${c}”`).join(' and ')} is missing.`,
  'too-many-rows': (d) =>
    `It holds ${Number(d.rows).toLocaleString('en')} ${String(d.what ?? 'items')}; Hoxen stores up to ${Number(d.limit).toLocaleString('en')}. Nothing was imported.`,
  'too-many-lines': (d) =>
    `It has ${Number(d.rows).toLocaleString('en')} lines; a list may have ${Number(d.limit).toLocaleString('en')}. Nothing was imported: split it up, or send it as a table.`,
  'unknown-kind': (d) =>
    d.text === '' ? 'The kind of gear is missing.' : `${text(d.text)} is not a kind of gear.`,
  'duplicate-id': (d) =>
    d.row === undefined
      ? `The identifier ${text(d.id)} is there twice.`
      : `The identifier ${text(d.id)} is already used in row ${d.row}.`,
  'not-json': () => 'This is not a Hoxen file.',
  'cut-short': () => 'The file is cut short; it may not have been saved completely.',
  'is-markup': () => 'This is a web page, not a Hoxen file.',
  'other-file': () => 'This is not a Hoxen file, but one of another kind.',
  'no-version': () => 'The file does not say which version of the format it is.',
  'no-places': () => 'There are no waypoints in the file.',
  'not-places': () => 'That is neither GPX nor GeoJSON.',
  'too-many-places': (d) => `The file has ${d.rows} places; Hoxen imports up to ${d.limit}.`,
  'not-a-place': (d) =>
    `Place ${d.row} is nowhere on earth: latitude goes from −90 to 90, longitude from −180 to 180.`,
  'bad-trails': () =>
    'The file’s change history is damaged, so it’s imported as a plain file: nothing will be deleted.',
  'newer-version': (d) => `The file is of format version ${d.version}; this Hoxen knows up to ${d.known}.`,
  'no-list': (d) => `Its list of ${String(d.list)} is not a list.`,
  'unknown-key': (d) => `${text(d.key)} is not part of the format and was left out.`,
  'too-much-work': (d) =>
    `That is ${Number(d.steps).toLocaleString('en')} steps of ${String(d.nodes)} pieces of line, more than Hoxen will work out: use longer steps, fewer nodes or a shorter time.`,
  'level-too-far': (d, _f, s) =>
    `This pool can be shown from ${flow(d.lowM3ps, s)} to ${flow(d.highM3ps, s)}; that flow is too far from the one it was measured at.`,
  'flow-without-measure': () =>
    'Today’s flow can’t be applied: this pool has no measured flow. Enter it under The pool.',
  'missing-item': (d) => `There is no ${text(d.id)} in this gear.`,
}

/** A wind's speed is no current's. */
const WIND: Subject = { label: 'The wind', measure: 'windSpeed' }
const subjectAt = (path: Problem['path']): Subject | undefined =>
  path.at(-2) === 'wind' && path.at(-1) !== 'fromDeg' ? WIND : SUBJECTS[String(path.at(-1))]

const subjectOf = (field: Field | undefined): Subject | undefined =>
  field && {
    label: field.label,
    ...(field.type.as === 'quantity' ? { measure: field.type.measure } : {}),
  }

/** What a refused figure was read as, where that is not how it was typed: “ Read as 3962 m.” @param si the figure, in SI */
export function sayReadAs(
  typed: string,
  { si, unit }: { readonly si: number; readonly unit: string },
): string {
  const read = printExact(si, unit)
  return read.replace(/\s/g, '') === typed.replace(/\s/g, '') ? '' : ` Read as ${read}.`
}

/** One sentence for a problem, in the user's words and units. */
export function sayProblem(problem: Problem, system: UnitSystem): string {
  const { kind } = problem
  const field = kind === undefined ? subjectAt(problem.path) : subjectOf(fieldAt(kind, problem.path))
  const say = SENTENCES[problem.code]
  return say === undefined
    ? `${what(field)} can’t be used as it is.`
    : say(kind === undefined ? problem.data : { kind, ...problem.data }, field, system)
}

/** The label of a field by its path, for reports. @internal asked for by tests alone */
export function fieldLabel(kind: Kind, path: readonly (string | number)[]): string {
  return (
    fieldAt(kind, path)?.label ??
    FIELDS[kind].find((f) => f.path.startsWith(String(path[0])))?.label ??
    path.join(' ')
  )
}
