import type { Item, Kind, WindowStyle } from '../gear/index.ts'
import { type EvidenceTag, printMeasure, type UnitSystem } from '../quantity/index.ts'
import type { CheckState, RigSlot } from '../rig/index.ts'
import { nameMaterial } from '../sink/index.ts'

export const KIND_NAMES: Readonly<
  Record<Kind, { readonly one: string; readonly many: string; readonly a: string }>
> = Object.freeze({
  rod: { one: 'rod', many: 'Rods', a: 'a rod' },
  head: { one: 'head', many: 'Heads', a: 'a head' },
  cheater: { one: 'cheater', many: 'Cheaters', a: 'a cheater' },
  tip: { one: 'tip', many: 'Tips', a: 'a tip' },
  'sinking-leader': { one: 'sinking leader', many: 'Sinking leaders', a: 'a sinking leader' },
  leader: { one: 'leader', many: 'Leaders', a: 'a leader' },
  tippet: { one: 'tippet', many: 'Tippet', a: 'a spool of tippet' },
  fly: { one: 'fly', many: 'Flies', a: 'a fly' },
  'running-line': { one: 'running line', many: 'Running lines', a: 'a running line' },
  reel: { one: 'reel', many: 'Reels', a: 'a reel' },
  backing: { one: 'backing', many: 'Backing', a: 'a spool of backing' },
})

export const SLOT_NAMES: Readonly<Record<RigSlot, string>> = Object.freeze({
  rodId: 'Rod',
  reelId: 'Reel',
  runningLineId: 'Running line',
  headId: 'Head',
  tipId: 'Tip',
  leaderId: 'Leader',
})

/** A part that may be put on in place of another. @param name null for none */
export function sayPart(slot: RigSlot, name: string | null): string {
  const part = SLOT_NAMES[slot].toLowerCase()
  return name === null ? `Take the ${part} off` : `Change the ${part} to ${name}`
}

/** The same once it is done. */
export const sayPartTaken = (slot: RigSlot, name: string | null): string =>
  name === null ? `${SLOT_NAMES[slot]} taken off` : `${SLOT_NAMES[slot]} changed to ${name}`

export const WINDOW_NAMES: Readonly<Record<WindowStyle, string>> = Object.freeze({
  skagit: 'Skagit',
  scandi: 'Scandi',
  overhead: 'Overhead',
  'trout-line': 'Trout line',
})

export const STATE_NAMES: Readonly<Record<CheckState, string>> = Object.freeze({
  holds: 'Holds',
  watch: 'Watch',
  breaks: 'Breaks',
})

/** Each evidence tag as it is shown. */
export const TAG_NAMES: Readonly<Record<EvidenceTag, string>> = Object.freeze({
  standard: 'standard',
  practice: 'rule of thumb',
  physics: 'physics',
  estimate: 'estimate',
  log: 'your log',
  printed: 'given',
})

const words = (text: string): string => text.replaceAll('-', ' ')

/** A choice as people say it. */
const CHOICES: Readonly<Record<string, string>> = {
  'trout-two-hander': 'trout spey rod',
  'two-hander': 'two-hander',
  single: 'single-hander',
  'head+tip': 'head and tip',
  switch: 'switch rod',
  surf: 'surf rod',
  'double-taper': 'double taper',
  'weight-forward': 'weight forward',
  'multi-density': 'multi-density',
  'part-sinking': 'part-sinking',
  skagit: 'Skagit',
  scandi: 'Scandi',
  'gel-spun': 'gel-spun',
}
export const sayChoice = (choice: string): string => CHOICES[choice] ?? words(choice)

function tipSummary(item: Extract<Item, { kind: 'tip' }>, system: UnitSystem): string {
  const lengthText = printMeasure(item.lengthM, 'length', system)
  const massKg = item.massKg ?? (item.kgPerM === undefined ? undefined : item.kgPerM * item.lengthM)
  const material =
    item.build === 'level' && massKg !== undefined ? nameMaterial(massKg, item.lengthM).material : null
  const sinks =
    item.sinkingLengthM === undefined ? '' : `, ${printMeasure(item.sinkingLengthM, 'length', system)} sinks`
  return `${material ?? sayChoice(item.build)}, ${lengthText}${sinks}`
}

/** Summary of an item in one short line, in the user's units. */
export function summarize(item: Item, system: UnitSystem): string {
  const show = (si: number | undefined, measure: Parameters<typeof printMeasure>[1]): string | undefined =>
    si === undefined ? undefined : printMeasure(si, measure, system)
  const join = (...parts: (string | undefined)[]): string =>
    parts.filter((p) => p !== undefined && p !== '').join(', ')
  switch (item.kind) {
    case 'rod':
      return join(
        `no. ${item.lineNumber}${item.lineNumberHigh === undefined ? '' : `/${item.lineNumberHigh}`}`,
        show(item.lengthM, 'rodLength'),
        sayChoice(item.hands),
      )
    case 'head':
      return join(
        sayChoice(item.style),
        show(item.massKg, 'lineMass'),
        show(item.lengthM, 'length'),
        item.labelNumber === undefined ? undefined : `box says ${item.labelNumber}`,
        item.cheaterM === undefined ? undefined : `${show(item.cheaterM, 'length')} cheater included`,
      )
    case 'cheater':
      return join(show(item.kgPerM, 'massPerLength'), show(item.lengthM, 'length'))
    case 'tip':
      return tipSummary(item, system)
    case 'sinking-leader':
      return join(
        show(item.lengthM, 'length'),
        item.sinkRateMps === 0 ? 'floats' : `sinks ${show(item.sinkRateMps, 'sinkRate')}`,
      )
    case 'leader':
      return join(
        item.form,
        show(item.lengthM, 'length'),
        item.material,
        show(item.breakingN, 'breakingLoad'),
      )
    case 'tippet':
      return join(item.material, show(item.diameterM, 'diameter'), show(item.breakingN, 'breakingLoad'))
    case 'fly':
      return join(item.dress, item.weighting, show(item.massKg, 'flyMass'))
    case 'running-line':
      return join(item.build, show(item.diameterM, 'diameter'), show(item.breakingN, 'breakingLoad'))
    case 'reel':
      return join(
        item.forNumber === undefined ? undefined : `for no. ${item.forNumber}`,
        item.spool && `spool ${show(item.spool.rimDiameterM, 'spoolSize')}`,
        item.cage && `${item.cage} frame`,
        show(item.massKg, 'gearMass'),
      )
    case 'backing':
      return join(item.material, show(item.breakingN, 'breakingLoad'), show(item.lengthM, 'backingLength'))
  }
}

/** The leader that a tip is judged with; null for none. */
export const sayLeader = (name: string | null): string =>
  name === null ? 'without a leader' : `with ${name}`

/** The same added to what was said of the tip; undefined where the leader stays the same. */
export const sayLeaderWith = (name: string | null | undefined): string =>
  name === undefined ? '' : `, ${sayLeader(name)}`

/** Summary of an item beside its name; undefined where the name says all of it already. */
export function summaryBeside(item: Item, system: UnitSystem): string | undefined {
  const summary = summarize(item, system)
  return summary === item.name ? undefined : summary
}
