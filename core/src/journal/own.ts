import { type Gear, itemsOf, type Rod, WINDOW_STYLES, type WindowStyle } from '../gear/index.ts'
import { type Steps, through } from '../rig/index.ts'
import {
  compareBends,
  type GrainWindow,
  type OwnBand,
  type OwnWindows,
  type WindowOptions,
  windowFor,
} from '../rod/index.ts'
import type { Bent, Tried } from './keptSchema.ts'
import { type OwnWindow, ownWindow, PRIOR_SD, type Prior } from './trials.ts'

/** Windows learnt of rods. */
export interface Learnt {
  readonly trials: readonly Tried[]
  readonly bends: readonly Bent[]
  /** Whose trials count; left out, those of the owner. */
  readonly caster?: string | undefined
}

const windowIn = (rod: Rod, style: WindowStyle, options: WindowOptions): GrainWindow | undefined => {
  const found = windowFor(rod, style, options)
  return found.outcome === 'window' ? found.window : undefined
}

/** Windows of rods that were bent beside one whose window is known; a printed one needs no such. */
function* bentWindows(gear: Gear, bends: readonly Bent[], options: WindowOptions): Steps<OwnWindows> {
  const rods = new Map(itemsOf(gear, 'rod').map((rod) => [rod.id, rod]))
  const out: Record<string, Partial<Record<WindowStyle, OwnBand>>> = {}
  for (const { known, unknown } of bends) {
    const [one, other] = [rods.get(known.rodId), rods.get(unknown.rodId)]
    if (one === undefined || other === undefined) continue
    for (const style of WINDOW_STYLES) {
      yield
      const window = other.windows?.[style] === undefined ? windowIn(one, style, options) : undefined
      if (window === undefined) continue
      const compared = compareBends({ ...known, window }, unknown)
      if (compared.outcome !== 'compared') continue
      out[other.id] = { ...out[other.id], [style]: { ...compared.window, from: 'bend' } }
    }
  }
  return out
}

/** Prior of a window before any trial: print, else bend, else number. */
export function priorOf({ lowKg, centreKg, highKg, tag, from }: GrainWindow): Prior {
  return {
    centreKg,
    halfShare: Math.min(0.12, (highKg - lowKg) / 2 / centreKg),
    sd: from === 'bend' ? PRIOR_SD.physics : PRIOR_SD[tag],
  }
}

/** One caster's trials of a rod in a style. */
export const trialsOf = (
  { trials, caster }: Pick<Learnt, 'trials' | 'caster'>,
  rodId: string,
  style: WindowStyle,
): readonly Tried[] => trials.filter((t) => t.rodId === rodId && t.style === style && t.caster === caster)

/** This caster's own window of a rod, as far as it is known; undefined where there is no window to start from. */
export function ownOf(
  rod: Rod,
  style: WindowStyle,
  trials: readonly Tried[],
  options: WindowOptions,
): OwnWindow | undefined {
  const window = windowIn(rod, style, options)
  return window === undefined ? undefined : ownWindow(priorOf(window), trials)
}

/** Everything that was learnt of rods' windows: trials before bends, once they are narrow enough to count. */
export function* ownWindowsInSteps(gear: Gear, learnt: Learnt, options: WindowOptions): Steps<OwnWindows> {
  const bent = yield* bentWindows(gear, learnt.bends, options)
  const out: Record<string, Partial<Record<WindowStyle, OwnBand>>> = { ...bent }
  for (const rod of itemsOf(gear, 'rod'))
    for (const style of WINDOW_STYLES) {
      const trials = trialsOf(learnt, rod.id, style)
      if (trials.length === 0) continue
      yield
      const own = ownOf(rod, style, trials, { ...options, own: bent })
      if (own === undefined || !own.settled) continue
      const { lowKg, centreKg, highKg } = own
      out[rod.id] = { ...out[rod.id], [style]: { lowKg, centreKg, highKg, from: 'trials' } }
    }
  return out
}

/** The same, run to completion. @internal asked for by tests alone */
export const ownWindowsOf = (...about: Parameters<typeof ownWindowsInSteps>): OwnWindows =>
  through(ownWindowsInSteps(...about))
