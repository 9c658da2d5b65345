import { FIRST_JOB, type Job, type SaidDay, type Stand, USUAL_STAND, type WaterChoice } from '@hoxen/core/day'
import { DEFAULT_SETTINGS, type Settings, type SingleName, type SingleValue } from '@hoxen/core/format'
import { EMPTY_WALLET, type Rigging, type Wallet } from '@hoxen/core/rig'
import { USUAL_PLAN } from '@hoxen/core/swing'
import type { Tx } from './commit.ts'
import { useSingle } from './live.ts'
import { commit } from './write.ts'

/** Defaults of the single things. */
const AT_FIRST = {
  job: FIRST_JOB,
  settings: DEFAULT_SETTINGS,
  rigging: { knots: {}, done: [] } as Rigging,
  water: { plan: USUAL_PLAN } as WaterChoice,
  stand: USUAL_STAND,
  wallet: EMPTY_WALLET,
} as const
type SaidLater = keyof typeof AT_FIRST

/** Knots preferred at each joint, and steps of the rigging list ticked off. */
export const useRigging = (): Rigging => useSingle('rigging') ?? AT_FIRST.rigging
export const useSettings = (): Settings => useSingle('settings') ?? AT_FIRST.settings

/** Pockets, bags and the tips in them. */
export const useWallet = (): Wallet => useSingle('wallet') ?? AT_FIRST.wallet

/** The job; undefined while it loads. */
export function useJob(): Job | undefined {
  const job = useSingle('job')
  return job === null ? AT_FIRST.job : job
}

/** The pool fished now and how; undefined while it loads. */
export function useWaterChoice(): WaterChoice | undefined {
  const water = useSingle('water')
  return water === null ? AT_FIRST.water : water
}

/** The stand; undefined while it loads. */
export function useStand(): Stand | undefined {
  const stand = useSingle('stand')
  return stand === null ? AT_FIRST.stand : stand
}

/** A single thing as a change finds it: as it was kept, or as it is at first. */
export const keptIn = async <N extends SaidLater>(tx: Tx, name: N): Promise<SingleValue<N>> =>
  (await tx.one(name)) ?? (AT_FIRST[name] as SingleValue<N>)

/** The day as a change finds it. */
export const saidIn = async (tx: Tx): Promise<SaidDay> => ({
  job: await keptIn(tx, 'job'),
  water: await keptIn(tx, 'water'),
})

/** Keeps the day as a change has made it. */
export function putSaid(tx: Tx, { job, water }: SaidDay): void {
  tx.set('job', job)
  tx.set('water', water)
}

/** Changes a single thing from what it is at that moment, whoever else has changed it meanwhile. */
export function changeKept<N extends SaidLater>(
  label: string,
  name: N,
  change: (now: SingleValue<N>) => SingleValue<N>,
): Promise<boolean> {
  return commit(label, async (tx) => tx.set(name, change(await keptIn(tx, name))))
}

/** Puts a single thing in place of whatever stood there; undefined takes it away. */
export function setKept<N extends SingleName>(
  label: string,
  name: N,
  value: SingleValue<N> | undefined,
): Promise<boolean> {
  return commit(label, (tx) => tx.set(name, value))
}
