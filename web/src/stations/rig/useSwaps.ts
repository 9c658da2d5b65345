import type { RigChange, RigChoice } from '@hoxen/core/rig'
import { changeRig, noticeDone, noticeFailed, useSingle } from '../../store/index.ts'

/** The rig in the strip, and swaps of its parts: each under one undo step, and refused where the rig was changed meanwhile. */
export function useSwaps(): {
  readonly choice: RigChoice | null | undefined
  readonly swap: (change: RigChange, label: string) => void
} {
  const choice = useSingle('rig')
  const swap = (change: RigChange, label: string): void =>
    void changeRig(label, change, choice ?? undefined).then((did) => did && noticeDone(label), noticeFailed)
  return { choice, swap }
}
