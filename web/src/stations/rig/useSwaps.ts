import { changeRigged, type RigChange, type RigChoice } from '@hoxen/core/rig'
import { useEffect, useState } from 'react'
import {
  changeRig,
  noticeDone,
  noticeFailed,
  useGear,
  useSingle,
  useWallet,
  useWaterChoice,
} from '../../store/index.ts'

/**
 * The rig in the strip, and swaps of its parts. A swap is shown at once and kept under one undo step; if it cannot be
 * kept, the rig as stored comes back.
 */
export function useSwaps(): {
  readonly choice: RigChoice | null | undefined
  readonly swap: (change: RigChange, label: string) => void
} {
  const kept = useSingle('rig')
  const gear = useGear()
  const wallet = useWallet()
  const water = useWaterChoice()
  const [ahead, setAhead] = useState<RigChoice>()
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is stored has caught up, or was changed elsewhere
  useEffect(() => setAhead(undefined), [kept])
  const swap = (change: RigChange, label: string): void => {
    if (gear !== undefined && water !== undefined)
      setAhead(changeRigged({ rig: kept ?? undefined, wallet, water }, change, gear.byId).rig)
    changeRig(label, change).then(
      (did) => (did ? noticeDone(label) : setAhead(undefined)),
      (error: unknown) => {
        setAhead(undefined)
        noticeFailed(error)
      },
    )
  }
  return { choice: ahead ?? kept, swap }
}
