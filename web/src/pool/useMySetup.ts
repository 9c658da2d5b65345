import type { Day } from '@hoxen/core/day'
import type { Item, Leader } from '@hoxen/core/gear'
import type { TipsOwned } from '@hoxen/core/ladder'
import type { SwingSetup } from '@hoxen/core/rig'
import { isTipItem } from '@hoxen/core/sink'
import { useMemo } from 'react'
import { type Question, useQuestion, useRig } from '../ledger/index.ts'
import { useGear, useSingle, useWallet } from '../store/index.ts'

/** Of the day what a swing depends on: nothing else that changes lets the rig swing anew. */
const swungIn = ({ fly, dropper, run, plan, fishAt, fishKg, waterC }: Day): Omit<SwingSetup, 'parts'> => ({
  fly,
  dropper,
  run,
  plan,
  fishAt,
  fishKg,
  waterC,
})

/** My rig with the water it is to swing in; `none` without a rig, `gone` when a part of it is. */
export function useMySetup(): SwingSetup | 'none' | 'gone' | undefined {
  const question: Question | undefined = useQuestion()
  const choice = useSingle('rig')
  const rig = useRig(question, choice)
  const parts = rig === 'gone' ? undefined : rig?.parts
  const key = question && JSON.stringify(swungIn(question.day))
  const water = useMemo(() => key && (JSON.parse(key) as Omit<SwingSetup, 'parts'>), [key])
  return useMemo(() => {
    if (choice === null) return 'none'
    if (rig === 'gone') return 'gone'
    return parts && water ? { parts, ...water } : undefined
  }, [choice, rig, parts, water])
}

/** Tips and leaders that are owned, and which leader is on which tip. */
export interface Spared extends TipsOwned {
  readonly leaders: readonly Leader[]
}

const NOTHING: ReadonlyMap<string, Item> = new Map()

export function useTips(): Spared {
  const gear = useGear()
  const wallet = useWallet()
  return useMemo(() => {
    const items = gear?.items ?? []
    return {
      tips: items.filter(isTipItem),
      leaders: items.filter((i): i is Leader => i.kind === 'leader'),
      items: gear?.byId ?? NOTHING,
      wallet,
    }
  }, [gear, wallet])
}
