import type { RankedRig } from '@hoxen/core/match'
import { type RigChoice, swingInput } from '@hoxen/core/rig'
import { useMemo } from 'react'
import { useRide } from '../swings/index.ts'
import { judgedIn, partsIn } from './judged.ts'
import type { Question } from './question.ts'

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
