import { askedRod } from '@hoxen/core/format'
import type { Item } from '@hoxen/core/gear'
import type { RigSlot } from '@hoxen/core/rig'
import type { FixedParts, Neighbour, OtherSchool, Specified, SpecifiedRig } from '@hoxen/core/specify'
import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { useSearchParams } from 'react-router'
import { dayKey } from '../../day/index.ts'
import type { Question } from '../../ledger/index.ts'
import { askLooked } from '../../swings/index.ts'
import { DECIMAL_MARK } from '../../ui/index.ts'

/** Parts that an address can name, by what they are called there. */
export const PARTS = ['rod', 'head', 'tip', 'leader', 'runningLine', 'reel'] as const
export type PartName = (typeof PARTS)[number]

const KIND_OF: Readonly<Record<PartName, readonly Item['kind'][]>> = {
  rod: ['rod'],
  head: ['head'],
  tip: ['tip', 'sinking-leader'],
  leader: ['leader'],
  runningLine: ['running-line'],
  reel: ['reel'],
}

export interface Looking {
  /** Parts the address says are there: some of one's own, or a rod as it was typed. */
  readonly fixed: FixedParts
  /** Text typed of a rod, whether or not one could be read in it. */
  readonly typed: string
  readonly unread: boolean
  readonly set: (part: PartName | 'ask', value: string | undefined) => void
}

/** Question and parts, kept in the address: it can be sent, reloaded and gone back from. */
export function useLooking({ byId }: Question): Looking {
  const [params, setParams] = useSearchParams()
  const key = params.toString()
  return useMemo(() => {
    const asked = new URLSearchParams(key)
    const fixed: Record<string, Item> = {}
    for (const part of PARTS) {
      const item = byId.get(asked.get(part) ?? '')
      if (item !== undefined && KIND_OF[part].includes(item.kind)) fixed[part] = item
    }
    const typed = asked.get('ask') ?? ''
    const rod = typed === '' ? undefined : askedRod(typed, DECIMAL_MARK)
    if (rod !== undefined && fixed.rod === undefined) fixed.rod = rod
    return {
      fixed: fixed as FixedParts,
      typed,
      unread: typed !== '' && rod === undefined,
      set: (part, value) =>
        setParams((before) => {
          const next = new URLSearchParams(before)
          if (part === 'ask') next.delete('rod')
          if (value === undefined || value === '') next.delete(part)
          else next.set(part, value)
          return next
        }),
    }
  }, [byId, key, setParams])
}

/** One of them with how far its figures may go. */
export function useSpans({ day }: Question, rig: SpecifiedRig) {
  return useQuery<SpecifiedRig>({
    queryKey: ['spans', rig.rig.choice, rig.open, ...dayKey(day)],
    queryFn: ({ signal }) => askLooked((api, id, letSwing) => api.spans(id, day, rig, letSwing), signal),
  })
}

/** The rods next to the one of such a rig, and what each gives up; asked only once it is wanted. */
export function useNeighbours({ day }: Question, rig: SpecifiedRig, wanted: boolean) {
  return useQuery<readonly Neighbour[]>({
    queryKey: ['neighbours', rig.rig.choice, ...dayKey(day)],
    queryFn: ({ signal }) => askLooked((api, id, letSwing) => api.neighbours(id, day, rig, letSwing), signal),
    enabled: wanted,
  })
}

/** Parts the other schools would look for; asked only once it is wanted. */
export function useOtherSchools({ day }: Question, fixed: FixedParts, rig: SpecifiedRig, wanted: boolean) {
  return useQuery<readonly OtherSchool[]>({
    queryKey: ['other-schools', fixed, rig.rig.choice, ...dayKey(day)],
    queryFn: ({ signal }) =>
      askLooked((api, id, letSwing) => api.otherSchools(id, day, fixed, rig, letSwing), signal),
    enabled: wanted,
  })
}

/** Slots of the parts that cannot go together; undefined while it is looked for. */
export function useClash({ day }: Question, fixed: FixedParts, found: Apart): readonly RigSlot[] | undefined {
  const { line, nearest } = found
  return useQuery<readonly RigSlot[]>({
    queryKey: ['clash', fixed, nearest.style, line.code, ...dayKey(day)],
    queryFn: ({ signal }) =>
      askLooked((api, id, letSwing) => api.clash(id, day, fixed, found, letSwing), signal),
  }).data
}
export type Apart = Extract<Specified, { outcome: 'do-not-go-together' }>
