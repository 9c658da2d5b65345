import { betterRide } from '@hoxen/core/ladder'
import { type RigParts, swingInput, triedTips } from '@hoxen/core/rig'
import type { Ride } from '@hoxen/core/swing'
import { useMemo } from 'react'
import { partsIn, useQuestion } from '../ledger/index.ts'
import { useSingle, useWallet } from '../store/index.ts'
import { useRides } from '../swings/index.ts'
import { useTips } from './useMySetup.ts'

/** A tip of the wallet on the rig as it is: with the leader that stays on it. */
export interface WalletTip {
  readonly tipId: string | null
  readonly name: string
  readonly pocket: string | undefined
  readonly leader: string | undefined
  readonly onTheLine: boolean
  readonly parts: RigParts
  /** Its swing at the angle one casts at; undefined until it is simulated. */
  readonly ride: Ride | undefined
}

/**
 * Every tip carried, on the rig in the strip, best first as they are computed. Undefined while it loads, without a rig, and where it
 * cannot be put together.
 */
export function useWalletTips():
  | { readonly tips: readonly WalletTip[]; readonly working: boolean }
  | undefined {
  const question = useQuestion()
  const choice = useSingle('rig')
  const wallet = useWallet()
  const { tips } = useTips()
  const tried = useMemo(() => {
    if (question === undefined || choice == null) return []
    const owned = tips.map(({ id }) => id)
    return triedTips(choice, wallet, owned, question.byId).flatMap(({ tipId, rig }) => {
      const parts = partsIn(question.gear, rig)
      return parts === 'gone' ? [] : [{ tipId, parts }]
    })
  }, [question, choice, wallet, tips])
  const tasks = useMemo(
    () =>
      question &&
      tried.map(({ tipId, parts }) => ({
        id: tipId ?? '_',
        input: swingInput({ ...question.day, parts }),
      })),
    [question, tried],
  )
  const { rides, done, of } = useRides(tasks)
  return useMemo(() => {
    if (question === undefined || choice == null || partsIn(question.gear, choice) === 'gone')
      return undefined
    const all = tried.map(
      ({ tipId, parts }): WalletTip => ({
        tipId,
        name: parts.tip?.item.name ?? 'No tip',
        pocket: tipId === null ? undefined : wallet.tips[tipId]?.pocket,
        leader: parts.leader?.name,
        onTheLine: tipId === choice.tipId,
        parts,
        ride: rides.get(tipId ?? '_'),
      }),
    )
    const sorted = all.sort((a, b) =>
      a.ride === undefined || b.ride === undefined
        ? Number(a.ride === undefined) - Number(b.ride === undefined)
        : betterRide(a.ride, b.ride),
    )
    return { tips: sorted, working: done < of }
  }, [question, choice, wallet, tried, rides, done, of])
}
