import { ID_PATTERN } from '../../gear/index.ts'

/** Choice of the items that make up a rig. A missing part is null: nothing chosen, or none owned. */
export interface RigChoice {
  readonly rodId: string
  readonly headId: string
  readonly tipId: string | null
  readonly leaderId: string | null
  readonly runningLineId: string | null
  readonly reelId: string | null
}

export const RIG_SLOTS = ['rodId', 'headId', 'tipId', 'leaderId', 'runningLineId', 'reelId'] as const
export type RigSlot = (typeof RIG_SLOTS)[number]

const NONE = '_'
/** A rig as one path segment of an address: ids in slot order, "_" for none. */
export function rigKey(choice: RigChoice): string {
  return RIG_SLOTS.map((slot) => choice[slot] ?? NONE).join('~')
}

/** The rig of an address, or undefined when the segment is not one. */
export function rigFromKey(key: string): RigChoice | undefined {
  const ids = key.split('~')
  if (ids.length !== RIG_SLOTS.length || !ids.every((id) => id === NONE || ID_PATTERN.test(id)))
    return undefined
  const [rodId, headId, tipId, leaderId, runningLineId, reelId] = ids.map((id) => (id === NONE ? null : id))
  if (!rodId || !headId) return undefined
  return {
    rodId,
    headId,
    tipId: tipId ?? null,
    leaderId: leaderId ?? null,
    runningLineId: runningLineId ?? null,
    reelId: reelId ?? null,
  }
}
