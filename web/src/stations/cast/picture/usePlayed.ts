import type { CastFault } from '@hoxen/core/cast'
import { useEffect, useState } from 'react'
import { useFrames, wantsStillness } from '../../../drawing/index.ts'

/** A step is played in so long [ms], and stands so long before the next. */
const MOVE_MS = 900
const STAND_MS = 500

/** The step of a cast that is shown, and how it is gone through. */
export interface Played {
  /** Index of the step, and the share of it that is done. */
  readonly at: number
  readonly share: number
  readonly steps: number
  readonly playing: boolean
  readonly fault: CastFault | undefined
  readonly play: () => void
  /** To a neighbouring step. */
  readonly go: (by: number) => void
  /** Draws this fault; undefined none. */
  readonly show: (fault: CastFault | undefined) => void
}

/** A cast of so many steps, played or gone through step by step. @param cast another one begins at its first step */
export function usePlayed(cast: string | undefined, steps: number): Played {
  const [at, setAt] = useState(0)
  const [playing, setPlaying] = useState(false)
  const [fault, show] = useState<CastFault>()
  const [of, setOf] = useState(cast)
  if (of !== cast) {
    setOf(cast)
    setAt(0)
    setPlaying(false)
    show(undefined)
  }
  const last = at >= steps - 1
  const share = useMove(playing ? at : undefined, () => (last ? setPlaying(false) : setAt(at + 1)))
  return {
    at: Math.min(at, Math.max(0, steps - 1)),
    share,
    steps,
    playing,
    fault,
    play: () => {
      if (last) setAt(0)
      setPlaying(!playing)
    },
    go: (by) => {
      setPlaying(false)
      setAt(Math.min(steps - 1, Math.max(0, at + by)))
    },
    show,
  }
}

/** Share of the move that is played, by the clock of the screen; 1 when it stands. @param played its place, or undefined */
function useMove(played: number | undefined, onEnd: () => void): number {
  const [share, setShare] = useState(1)
  useEffect(() => setShare(played === undefined || wantsStillness() ? 1 : 0), [played])
  useFrames(played, (ms) => {
    if (!wantsStillness()) setShare(Math.min(1, ms / MOVE_MS))
    if (ms < MOVE_MS + STAND_MS) return true
    onEnd()
    return false
  })
  return share
}
