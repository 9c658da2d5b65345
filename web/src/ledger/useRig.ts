import type { Day } from '@hoxen/core/day'
import type { Item } from '@hoxen/core/gear'
import type { RankedRig } from '@hoxen/core/match'
import { type RigChoice, swingInput } from '@hoxen/core/rig'
import { useMemo } from 'react'
import { dayKey, useDay } from '../day/index.ts'
import { type GearNow, useGear } from '../store/index.ts'
import { useRide } from '../swings/index.ts'
import { judgedIn, partsIn } from './judged.ts'

/** The gear and the day: what every question is about. */
export interface Question {
  readonly gear: GearNow
  readonly byId: ReadonlyMap<string, Item>
  readonly day: Day
}

/** Undefined while gear or day loads. */
export function useQuestion(): Question | undefined {
  const gear = useGear()
  const day = useDay()
  return useMemo(() => (gear && day ? { gear, byId: gear.byId, day } : undefined), [gear, day])
}

/** All that an answer to a question depends on. */
export const keyOf = (question: Question | undefined): readonly unknown[] =>
  question === undefined ? [] : [question.gear.revision, ...dayKey(question.day)]

/** A rig judged with its swing; until that is computed it is provisional. */
export function useRig(
  question: Question | undefined,
  choice: RigChoice | null | undefined,
): RankedRig | 'gone' | undefined {
  const parts = question && choice ? partsIn(question.gear, choice) : undefined
  const day = question?.day
  const input = useMemo(
    () => (parts !== undefined && parts !== 'gone' && day ? swingInput({ ...day, parts }) : undefined),
    [parts, day],
  )
  const swung = useRide(input)
  if (parts === undefined || parts === 'gone' || day === undefined)
    return parts === 'gone' ? 'gone' : undefined
  return judgedIn(parts, day, swung)
}
