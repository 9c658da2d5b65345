import type { Day } from '@hoxen/core/day'
import type { Item } from '@hoxen/core/gear'
import { useMemo } from 'react'
import { dayKey, useDay } from '../day/index.ts'
import { type GearNow, useGear } from '../store/index.ts'

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
