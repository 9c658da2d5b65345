import { betterRide, type Ride } from '@hoxen/core/ladder'
import { judge, type RankedRig } from '@hoxen/core/match'
import { type RigParts, resolveRig, swingInput, tipsCarried, withTip } from '@hoxen/core/rig'
import { useMemo } from 'react'
import { useQuestion } from '../ledger/index.ts'
import { useSingle, useWallet } from '../store/index.ts'
import { useRides, useTips } from './useSwing.ts'

/** A tip of the wallet on the rig as it is: with the leader that stays on it, judged by its swing at the angle one casts at. */
export interface WalletTip {
  readonly tipId: string | null
  readonly name: string
  readonly pocket: string | undefined
  readonly leader: string | undefined
  readonly onTheLine: boolean
  /** Provisional until it was let swing. */
  readonly rig: RankedRig | undefined
}

/** Every tip carried, on the rig in the strip, best first as they are worked out. Undefined while it loads or without a rig. */
export function useWalletTips():
  | { readonly tips: readonly WalletTip[]; readonly working: boolean }
  | undefined {
  const question = useQuestion()
  const choice = useSingle('rig')
  const wallet = useWallet()
  const { tips } = useTips()
  const tried = useMemo(() => {
    if (question === undefined || choice == null) return []
    const ids = tipsCarried(
      wallet,
      choice,
      tips.map(({ id }) => id),
    )
    return ids.flatMap((tipId): { tipId: string | null; parts: RigParts }[] => {
      const mine = tipId === choice.tipId
      const found = resolveRig(mine ? choice : withTip(choice, wallet, tipId), question.byId)
      return found.outcome === 'resolved' ? [{ tipId, parts: found.parts }] : []
    })
  }, [question, choice, wallet, tips])
  const tasks = useMemo(() => {
    if (question === undefined) return undefined
    const { fly, dropper, run, plan, fishAt } = question.day
    return tried.map(({ tipId, parts }) => ({
      id: tipId ?? '_',
      input: swingInput({ fly, dropper, run, plan, fishAt, parts }),
    }))
  }, [question, tried])
  const { rides, done, of } = useRides(tasks)
  return useMemo(() => {
    if (question === undefined || choice == null) return undefined
    const judged = tried.map(({ tipId, parts }): WalletTip & { readonly ride: Ride | undefined } => {
      const ride = rides.get(tipId ?? '_')
      return {
        tipId,
        name: parts.tip?.item.name ?? 'No tip',
        pocket: tipId === null ? undefined : wallet.tips[tipId]?.pocket,
        leader: parts.leader?.name,
        onTheLine: tipId === choice.tipId,
        ride,
        rig: ride && judge(parts, question.day, ride),
      }
    })
    const sorted = [...judged].sort((a, b) =>
      a.ride === undefined || b.ride === undefined
        ? Number(a.ride === undefined) - Number(b.ride === undefined)
        : betterRide(a.ride, b.ride),
    )
    return { tips: sorted, working: done < of }
  }, [question, choice, wallet, tried, rides, done, of])
}
