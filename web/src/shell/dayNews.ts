import type { Day } from '@hoxen/core/day'
import { type Effect, effectsOf, type RankedRig } from '@hoxen/core/match'
import { type Measure, printRange, type UnitSystem } from '@hoxen/core/quantity'
import { type CheckState, rigKey } from '@hoxen/core/rig'
import { CHECK_TITLES, STATE_NAMES } from '@hoxen/core/words'
import { useState } from 'react'

interface Moment {
  readonly day: Day
  readonly rig: RankedRig | undefined
}

/** Effect of a moved gauge on the water and on the rig in the strip. */
export interface DayNews {
  readonly pool: string
  readonly m3ps: readonly [was: number, is: number]
  readonly depthM: readonly [was: number, is: number]
  readonly verdict: readonly [was: CheckState, is: CheckState] | undefined
  readonly effects: readonly Effect[]
}

/** News when only the river changed; undefined when it was somebody, or nothing that is judged. */
export function newsOf(was: Moment, is: Moment): DayNews | undefined {
  const [a, b] = [was.day.where, is.day.where]
  if (a.by === 'words' || b.by === 'words' || a.pool.id !== b.pool.id) return undefined
  if (a.flow === undefined || b.flow === undefined || b.flow.from === 'hand' || a.flow.from === 'hand')
    return undefined
  if (a.ratio === b.ratio && a.level === b.level) return undefined
  const sameRig = was.rig && is.rig && rigKey(was.rig.choice) === rigKey(is.rig.choice)
  return {
    pool: b.pool.name,
    m3ps: [a.flow.m3ps, b.flow.m3ps],
    depthM: [was.day.waterDepthM, is.day.waterDepthM],
    verdict: sameRig && was.rig && is.rig ? [was.rig.verdict, is.rig.verdict] : undefined,
    effects: sameRig && was.rig && is.rig ? effectsOf(was.rig.checks, is.rig.checks) : [],
  }
}

/** Keeps the day as it was seen last, and returns what the river has changed since. */
export function useDayNews(
  day: Day,
  rig: RankedRig | undefined,
): { readonly news: DayNews | undefined; readonly heard: () => void } {
  const [seen, setSeen] = useState<Moment>({ day, rig })
  const [news, setNews] = useState<DayNews>()
  // A rig that has not been swung in this day is not judged yet: the news waits for it.
  const judged = rig === undefined || rig.swung !== undefined
  if (judged && (seen.day !== day || seen.rig !== rig)) {
    const found = newsOf(seen, { day, rig })
    setSeen({ day, rig })
    if (found !== undefined) setNews(found)
  }
  return { news, heard: () => setNews(undefined) }
}

/** The news as a sentence: what moved, what that makes of the water, and what became of the rig. */
export function sayNews({ pool, m3ps, depthM, verdict, effects }: DayNews, system: UnitSystem): string {
  const fromTo = ([low, high]: readonly [number, number], measure: Measure): string =>
    printRange({ low, high }, measure, system, ' to ')

  const lines = effects.map(
    (e) => `${CHECK_TITLES[e.code]}: ${e.to === 'absent' ? 'no longer applies' : STATE_NAMES[e.to]}`,
  )
  const rig =
    verdict === undefined
      ? ''
      : verdict[0] === verdict[1]
        ? ` Your rig is still ${STATE_NAMES[verdict[1]]}${lines.length > 0 ? `; ${lines.join(', ')}` : ''}.`
        : ` Your rig is now ${STATE_NAMES[verdict[1]]}: ${lines.join(', ')}.`
  return `The river moved: ${pool}, ${fromTo(m3ps, 'flow')}, about ${fromTo(depthM, 'length')} deep.${rig}`
}
