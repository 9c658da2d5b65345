import type { Item } from '@hoxen/core/gear'
import type { Swung } from '@hoxen/core/swing'
import { proxy, type Remote } from 'comlink'
import { type About, ask, askOfGear, type CoreApi, type LetSwing } from '../worker/index.ts'
import { askRides } from './loaded.ts'
import type { Wish } from './wish.ts'

/** Swings computed, of those asked for so far. */
export interface Progress {
  readonly done: number
  readonly of: number
}

export interface Judged {
  readonly signal?: AbortSignal | undefined
  readonly priority?: Wish['priority']
  readonly onProgress?: (progress: Progress) => void
}

/** Throttle of progress: rendering at every swing takes time from the swings [ms]. */
const TELL_EVERY_MS = 100

/** Simulates the swings that a question of the judging worker needs. */
export function letSwingFor({ signal, priority = 'listed', onProgress }: Judged): LetSwing {
  let [done, of, told] = [0, 0, 0]
  return async (wanted) => {
    of += wanted.length
    const swings: Swung[] = []
    const tasks = wanted.map((input, i) => ({ id: String(i), input }))
    await askRides(
      tasks,
      (id, { outcome, summary }) => {
        swings[Number(id)] = { outcome, summary }
        done++
        const now = performance.now()
        if (onProgress === undefined || now - told < TELL_EVERY_MS) return
        told = now
        onProgress({ done, of })
      },
      { priority, signal },
    )
    return swings
  }
}

/** A question about gear that is judged in one worker and swung in the others. */
export const askJudged = <T>(
  gear: { readonly revision: number; readonly items: readonly Item[] },
  question: (api: Remote<CoreApi>, about: About, letSwing: LetSwing) => Promise<T>,
  judged: Judged = {},
): Promise<T> =>
  askOfGear(gear, (api, about) => question(api, about, proxy(letSwingFor(judged))), judged.signal)

/** The same of one that needs no gear. */
export const askLooked = <T>(
  question: (api: Remote<CoreApi>, id: number, letSwing: LetSwing) => Promise<T>,
  signal?: AbortSignal,
): Promise<T> => ask((api, id) => question(api, id, proxy(letSwingFor({ signal }))), signal)
