import { leaveBy } from '../../tide/index.ts'
import { pick } from '../random.ts'
import type { SituationOf } from '../situation.ts'
import { MARGINS } from '../vocabulary.ts'
import { type Drawing, type Kind, margin } from './drawing.ts'

const HOUR_MS = 3_600_000
/** A day to begin with, and how many follow [ms]. */
const FIRST_MS = Date.UTC(2027, 0, 1)
const DAYS = 360

function drawGo({ roll, runs, level }: Drawing): SituationOf<'go'> | undefined {
  const beach = pick(
    roll,
    runs.filter(({ shore }) => shore !== undefined),
  )
  if (beach?.shore === undefined) return undefined
  const { notes: _notes, spot: _spot, gaugeId: _gauge, ...run } = beach
  const atMs = FIRST_MS + Math.floor(roll() * DAYS) * 24 * HOUR_MS + (6 + Math.floor(roll() * 11)) * HOUR_MS
  const leave = leaveBy(beach.shore, atMs)
  if (
    leave.outcome !== 'leave-by' ||
    leave.leaveMs - atMs < HOUR_MS / 2 ||
    leave.leaveMs - atMs > 6 * HOUR_MS
  )
    return undefined
  // Hours by the half hour; which of them it is is drawn.
  const half = HOUR_MS / 2
  const first = Math.round((leave.leaveMs - Math.floor(roll() * 3) * HOUR_MS - half * roll()) / half) * half
  const edgesMs = [0, 1, 2].map((i) => first + i * HOUR_MS).filter((ms) => ms > atMs)
  return edgesMs.length < 2 ? undefined : { kind: 'go', level, run, atMs, edgesMs }
}

export const GO: Kind<'go'> = {
  draw: drawGo,
  stands: ({ leave, situation: { edgesMs } }, drawing) =>
    edgesMs.every((edge) => Math.abs(edge - leave.leaveMs) >= margin(drawing) * MARGINS.goMs),
}
