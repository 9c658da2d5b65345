import type { RigChoice } from '@hoxen/core/rig'
import { sayPart, sayPartTaken } from '@hoxen/core/words'
import { changeRig, noticeDone, noticeFailed } from '../store/index.ts'

/** A tip to be put on; null for none. */
export interface TipWanted {
  readonly tipId: string | null
  readonly name: string
  /** Angle it was best at, where it is to be cast so [°]. */
  readonly angleDeg?: number | undefined
  /** The rig it was judged on. */
  readonly of?: RigChoice | undefined
}

/**
 * Puts another tip on the rig. On the bank, where what is on the line is seen at once, nothing is laid over the buttons.
 * @param quiet where the page itself shows it
 */
export function takeTip({ tipId, name, angleDeg, of }: TipWanted, quiet = false): void {
  const called = tipId === null ? null : name
  const fished = angleDeg === undefined ? {} : { fished: { angleDeg } }
  changeRig(sayPart('tipId', called), { part: { slot: 'tipId', itemId: tipId }, ...fished }, of).then(
    (did) => {
      const done = sayPartTaken('tipId', called)
      if (did && !quiet) noticeDone(angleDeg === undefined ? done : `${done}, cast at ${angleDeg}°`)
    },
    noticeFailed,
  )
}
