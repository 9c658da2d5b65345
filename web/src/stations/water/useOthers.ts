import type { TipsOwned } from '@hoxen/core/ladder'
import { frontWith, type RigChoice, type SwingSetup, swingInput } from '@hoxen/core/rig'
import type { SwingResult } from '@hoxen/core/swing'
import { useMemo, useState } from 'react'
import { partsIn } from '../../ledger/index.ts'
import { useTips } from '../../pool/index.ts'
import { type GearNow, useGear, useSingle } from '../../store/index.ts'
import { useFullSwings } from '../../swings/index.ts'

/** Beside mine. */
const MOST_OTHERS = 2
export const PINNED = 'pinned'

export interface Other {
  readonly id: string
  readonly name: string
  readonly result: SwingResult | undefined
}

export interface Others {
  /** Options: the pinned rig, and mine with any other tip. */
  readonly options: readonly { readonly id: string; readonly name: string }[]
  readonly picked: readonly string[]
  readonly toggle: (id: string) => void
  readonly results: readonly Other[]
}

function setupWith(
  setup: SwingSetup,
  id: string,
  pinned: RigChoice | null | undefined,
  gear: GearNow,
  owned: TipsOwned,
): SwingSetup | undefined {
  if (id === PINNED) {
    const parts = pinned == null ? 'gone' : partsIn(gear, pinned)
    return parts === 'gone' ? undefined : { ...setup, parts }
  }
  const tip = owned.tips.find((t) => t.id === id)
  return (
    tip && { ...setup, parts: { ...setup.parts, ...frontWith(setup.parts, owned.wallet, tip, owned.items) } }
  )
}

/** Up to two other rigs swung beside mine, in the same water with the same cast. */
export function useOthers(setup: SwingSetup): Others {
  const [picked, setPicked] = useState<readonly string[]>([])
  const pinned = useSingle('pinned')
  const gear = useGear()
  const owned = useTips()
  const { tips } = owned
  const options = useMemo(
    () => [
      ...(pinned == null ? [] : [{ id: PINNED, name: 'The pinned rig' }]),
      ...tips.filter((t) => t.id !== setup.parts.tip?.item.id).map((t) => ({ id: t.id, name: t.name })),
    ],
    [pinned, tips, setup],
  )
  const setups = useMemo(
    () =>
      picked.flatMap((id) => {
        const other = gear && setupWith(setup, id, pinned, gear, owned)
        return other === undefined ? [] : [{ id, input: swingInput(other) }]
      }),
    [picked, gear, setup, pinned, owned],
  )
  const inputs = useMemo(() => setups.map(({ input }) => input), [setups])
  const { results: answers } = useFullSwings(inputs)
  const results = useMemo(
    () =>
      setups.map(({ id }, i) => ({
        id,
        name: options.find((o) => o.id === id)?.name ?? '',
        result: answers[i],
      })),
    [setups, answers, options],
  )
  const toggle = (id: string): void =>
    setPicked((old) => (old.includes(id) ? old.filter((o) => o !== id) : [...old, id].slice(-MOST_OTHERS)))
  return { options, picked, toggle, results }
}
