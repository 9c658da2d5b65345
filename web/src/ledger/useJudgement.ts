import type { RankedRig } from '@hoxen/core/match'
import { type RigChoice, type RigSlot, rigKey } from '@hoxen/core/rig'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useWallet } from '../store/index.ts'
import { askJudged } from '../swings/index.ts'
import { keyOf, type Question } from './question.ts'

/** The cheapest remedy of each failing line of a rig. */
export function useRemediesOf(question: Question | undefined, choice: RigChoice | undefined) {
  const wallet = useWallet()
  return useQuery({
    queryKey: ['remedies-of', choice && rigKey(choice), wallet, ...keyOf(question)],
    queryFn: ({ signal }) => {
      const { gear, day } = question as Question
      return askJudged(
        gear,
        (api, about, letSwing) => api.remediesOf(about, day, choice as RigChoice, wallet, letSwing),
        { signal },
      )
    },
    enabled: question !== undefined && choice !== undefined,
  })
}

/** Another angle or mend with which a rig would hold; asked only where its depth does not. */
export function usePlanMend(question: Question, rig: RankedRig) {
  const depth = rig.checks.find((check) => check.code === 'depth')
  const { gear, day } = question
  return useQuery({
    queryKey: ['plan-mend', rigKey(rig.choice), ...keyOf(question)],
    queryFn: async ({ signal }) =>
      (await askJudged(gear, (api, about, letSwing) => api.planMend(about, day, rig.choice, letSwing), {
        signal,
      })) ?? null,
    enabled: rig.swung !== undefined && depth !== undefined && depth.state !== 'holds',
  })
}

/** Every item that could stand in a slot of a rig, judged. */
export function useOptions(question: Question | undefined, choice: RigChoice, slot: RigSlot | undefined) {
  const wallet = useWallet()
  return useQuery({
    queryKey: ['options', slot, rigKey(choice), wallet, ...keyOf(question)],
    queryFn: ({ signal }) => {
      const { gear, day } = question as Question
      return askJudged(
        gear,
        (api, about, letSwing) => api.options(about, day, choice, slot as RigSlot, wallet, letSwing),
        { signal },
      )
    },
    enabled: question !== undefined && slot !== undefined,
    placeholderData: keepPreviousData,
  })
}
