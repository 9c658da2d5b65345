import { fnv1a } from '../quantity/index.ts'
/**
 * The states a kept thing has been through, newest first, each under a mark of its own: so that two devices can tell which of
 * two states came of the other, and which were changed on both sides. A thing with no trail is older than any.
 */
export type Trail = readonly string[]

/** Marks a trail keeps; what diverged longer ago is a conflict. */
export const TRAIL_KEPT = 16

/** Trails by where the thing stands: `items/long-seven`, or `rig/` for a single thing. */
export type Trails = Readonly<Record<string, Trail>>

export const trailKey = (name: string, id: string): string => `${name}/${id}`

/** When the latest state came about [ms since 1970]; 0 when nobody knows. */
export const markedAt = ([newest]: Trail): number =>
  newest === undefined ? 0 : Number.parseInt(newest.split('-')[0] ?? '0', 36)

/** The latest moment there is a date for [ms since 1970] (ECMA-262, from memory); no mark is later. */
const LATEST_MS = 8.64e15

/**
 * The trail after one more change. A clock that was set back makes it no older than the state before; one that comes from the
 * end of time, as a damaged file may bring it, goes on from there by its tail alone.
 * @param fields changed by this step, dots between levels; left out where they are not known
 */
export function onward(trail: Trail, nowMs: number, tail: string, fields?: readonly string[]): Trail {
  const at = Math.min(LATEST_MS, Math.max(Math.round(nowMs), markedAt(trail) + 1))
  return [`${at.toString(36)}-${tail}${toldFields(fields)}`, ...trail].slice(0, TRAIL_KEPT)
}

/** Longest list of fields that a mark tells. */
const FIELDS_TOLD = 300
const FIELD = /^[\w.-]+$/

function toldFields(fields: readonly string[] | undefined): string {
  if (fields === undefined || !fields.every((field) => FIELD.test(field))) return ''
  const told = fields.join(',')
  return told.length > FIELDS_TOLD ? '' : `:${told}`
}

/** Fields that the step of a mark changed, dots between levels; undefined where it does not say. */
function fieldsOf(mark: string): readonly string[] | undefined {
  const at = mark.indexOf(':')
  return at < 0
    ? undefined
    : mark
        .slice(at + 1)
        .split(',')
        .filter(Boolean)
}

/** Fields changed by the steps of one trail that another does not know; undefined where one of them does not say, or the two never met. */
export function changedSince(own: Trail, other: Trail): readonly string[] | undefined {
  const steps = own.filter((mark) => !other.includes(mark)).map(fieldsOf)
  if (steps.length === own.length) return undefined
  return steps.every((fields) => fields !== undefined) ? steps.flat() : undefined
}

/** Descent of one state from another. */
export type Descent = 'same' | 'mine-newer' | 'theirs-newer' | 'apart'

export function descent(mine: Trail, theirs: Trail): Descent {
  const [a, b] = [mine[0], theirs[0]]
  if (a === b) return 'same'
  if (a === undefined || theirs.includes(a)) return 'theirs-newer'
  if (b === undefined || mine.includes(b)) return 'mine-newer'
  return 'apart'
}

/** One trail that both sides know as newer than their own. */
export function joined(newer: Trail, older: Trail): Trail {
  return [...new Set([...newer, ...older])].slice(0, TRAIL_KEPT)
}

/** A mark made of what a thing is: the same on every device that has it from the same file. */
export const markOf = (content: string): string => `0-${fnv1a(content).toString(36)}`
