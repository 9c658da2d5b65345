import type { TodaysFlow } from '../day/index.ts'
import { freshness } from '../water/index.ts'

const MINUTE_MS = 60_000

/** Age in words, as it is spoken. */
export function sayAge(ageMs: number): string {
  const minutes = Math.round(ageMs / MINUTE_MS)
  if (minutes < -15) return 'in the future, by this device’s clock'
  if (minutes < 2) return 'just now'
  if (minutes < 90) return `${minutes} min ago`
  const hours = Math.round(minutes / 60)
  return hours < 36 ? `${hours} h ago` : `${Math.round(hours / 24)} days ago`
}

/** How old today's flow is, and that one should enter it, once that matters; undefined while it is fresh, or set by hand. */
export function sayLevelAge(flow: TodaysFlow | undefined, nowMs: number): string | undefined {
  if (flow?.atMs === undefined) return undefined
  const ageMs = nowMs - flow.atMs
  const how = freshness(ageMs)
  if (how === 'fresh') return undefined
  return how === 'old' ? `read ${sayAge(ageMs)}` : `read ${sayAge(ageMs)}: what is it today?`
}

/** Age of a reading of a river, with a doubt once it is not fresh. */
export const sayReadAge = (ageMs: number): string =>
  `${sayAge(ageMs)}${freshness(ageMs) === 'fresh' ? '' : ', and the river may have changed since'}`
