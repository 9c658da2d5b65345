import type { Gear, Item } from '@hoxen/core/gear'
import type { RigChoice, Wallet } from '@hoxen/core/rig'
import {
  type Covered,
  coverageOf,
  fallsWithout,
  fliesToPack,
  type MatrixRow,
  matrixOf,
  type OrderedDay,
  orderDay,
  type Packed,
  packList,
  type Spare,
  sparesFor,
  type Trip,
  type TripAbout,
  usesOf,
} from '@hoxen/core/trip'
import { summarize } from '@hoxen/core/words'
import { useDeferredValue, useMemo } from 'react'
import { useSettings } from '../../store/index.ts'
import { useUnits } from '../../ui/index.ts'

/** All that follows from a kit: what it covers, the days, and what to pack. */
export interface Plan {
  readonly kit: ReadonlySet<string>
  readonly rows: readonly MatrixRow[]
  /** Days’ demands covered, and of how many. */
  readonly weight: readonly [number, number]
  readonly days: readonly OrderedDay[]
  readonly packed: readonly Packed[]
  readonly spares: readonly Spare[]
  /** Rigs of the kit, those fished most first. */
  readonly rigs: readonly RigChoice[]
  readonly uses: ReadonlyMap<string, number>
  readonly byId: ReadonlyMap<string, Item>
  readonly fallsWithout: (id: string) => readonly Covered[]
}

const MOST_LETTERS = 80

/** One's own gear with what is to be borrowed, each called by what it is. */
export function useWithLent(gear: Gear, lent: readonly Item[]): Gear {
  const { system } = useUnits()
  return useMemo(
    () => ({
      items: [
        ...gear.items,
        ...lent.map((item) => ({
          ...item,
          name: `Borrow: ${summarize(item, system)}`.slice(0, MOST_LETTERS),
        })),
      ],
    }),
    [gear, lent, system],
  )
}

const ZONE = Intl.DateTimeFormat().resolvedOptions().timeZone

/** Works a kit out for a trip. @param gear with what is borrowed */
export function usePlan(
  trip: Trip,
  about: TripAbout,
  gear: Gear,
  covered: readonly Covered[],
  ids: readonly string[],
  wallet: Wallet,
): Plan {
  // The days take longer than the kit: they follow it.
  const later = useDeferredValue(ids)
  const { changeMinutes: minutes } = useSettings()
  const days = useMemo(() => {
    const byRun = new Map(about.runs.map((run) => [run.id, run]))
    return trip.days.map((day) => orderDay(day, byRun, covered, new Set(later), { zone: ZONE, minutes }))
  }, [trip, about, covered, later, minutes])
  const plan = useMemo(() => {
    const kit = new Set(ids)
    const packedIds = new Set([...ids, ...fliesToPack(gear, covered).map(({ id }) => id)])
    return {
      kit,
      rows: matrixOf(covered, kit),
      weight: coverageOf(covered, kit),
      packed: packList(gear, packedIds, wallet),
      spares: sparesFor(trip, covered),
      ...usesOf(covered, kit),
      byId: new Map(gear.items.map((item) => [item.id, item])),
      fallsWithout: (id: string) => fallsWithout(kit, covered, id),
    }
  }, [trip, gear, covered, ids, wallet])
  return { ...plan, days }
}
