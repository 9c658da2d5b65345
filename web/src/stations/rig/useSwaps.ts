import type { RigChoice } from '@hoxen/core/rig'
import { useEffect, useState } from 'react'
import { noticeDone, noticeFailed, setKept, useSingle } from '../../store/index.ts'

/**
 * The rig in the strip, and swaps of its parts. A swap is shown at once and kept under one undo step; if it cannot be
 * kept, the rig as stored comes back.
 */
export function useSwaps(): {
  readonly choice: RigChoice | null | undefined
  readonly swap: (next: RigChoice, label: string) => void
} {
  const kept = useSingle('rig')
  const [ahead, setAhead] = useState<RigChoice>()
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is stored has caught up, or was changed elsewhere
  useEffect(() => setAhead(undefined), [kept])
  const swap = (next: RigChoice, label: string): void => {
    setAhead(next)
    setKept(label, 'rig', next).then(
      (did) => (did ? noticeDone(label) : setAhead(undefined)),
      (error: unknown) => {
        setAhead(undefined)
        noticeFailed(error)
      },
    )
  }
  return { choice: ahead ?? kept, swap }
}
