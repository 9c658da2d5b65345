import { changedDay, changedPlan, type DayChange, type PlanChange } from '@hoxen/core/day'
import { putSaid, saidIn } from './kept.ts'
import { noticeFailed } from './notice.ts'
import { commit } from './write.ts'

/** The one way the day is changed, from whatever page: one step to take back. @returns false when it changes nothing */
export const changeDay = (label: string, change: DayChange): Promise<boolean> =>
  commit(label, async (tx) => putSaid(tx, changedDay(await saidIn(tx), change)))

/** The one way cast and plan are changed; one that fails is said. */
export const changePlan = (label: string, change: PlanChange): void =>
  void commit(label, async (tx) => putSaid(tx, changedPlan(await saidIn(tx), change))).catch(noticeFailed)
