import type { Item } from '@hoxen/core/gear'
import type { RigChoice } from '@hoxen/core/rig'
import { resolveRig, type SwingSetup, swingInput } from '@hoxen/core/rig'
import { tipFacts } from '@hoxen/core/sink'
import type { SwingResult } from '@hoxen/core/swing'
import { useQueries } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { useTips } from '../../pool/index.ts'
import { useList, useSingle } from '../../store/index.ts'
import { swingInWorker } from '../../worker/index.ts'

/** Beside mine. */
const MOST_OTHERS = 2
export const PINNED = 'pinned'

export interface Other {
  readonly id: string
  readonly name: string
  readonly result: SwingResult | undefined
}

export interface Others {
  /** What can be chosen: the pinned rig, and mine with any other tip. */
  readonly options: readonly { readonly id: string; readonly name: string }[]
  readonly picked: readonly string[]
  readonly toggle: (id: string) => void
  readonly results: readonly Other[]
}

function setupWith(
  setup: SwingSetup,
  id: string,
  pinned: RigChoice | null | undefined,
  gear: readonly Item[],
  tips: ReturnType<typeof useTips>['tips'],
): SwingSetup | undefined {
  if (id === PINNED) {
    if (pinned == null) return undefined
    const resolved = resolveRig(pinned, new Map(gear.map((item) => [item.id, item])))
    return resolved.outcome === 'resolved' ? { ...setup, parts: resolved.parts } : undefined
  }
  const tip = tips.find((t) => t.id === id)
  return tip && { ...setup, parts: { ...setup.parts, tip: tipFacts(tip) } }
}

/** Up to two other rigs let swing beside mine, in the same water with the same cast. */
export function useOthers(setup: SwingSetup): Others {
  const [picked, setPicked] = useState<readonly string[]>([])
  const pinned = useSingle('pinned')
  const gear = useList('items')
  const { tips } = useTips()
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
        const other = gear && setupWith(setup, id, pinned, gear, tips)
        return other === undefined ? [] : [{ id, input: swingInput(other) }]
      }),
    [picked, gear, setup, pinned, tips],
  )
  const answers = useQueries({
    queries: setups.map(({ input }) => ({
      queryKey: ['swing', input],
      queryFn: ({ signal }: { signal: AbortSignal }) => swingInWorker(input, signal),
      staleTime: Number.POSITIVE_INFINITY,
      networkMode: 'always' as const,
    })),
    combine: (list) => list.map((q) => q.data),
  })
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
