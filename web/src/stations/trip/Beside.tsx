import type { Gear, Item } from '@hoxen/core/gear'
import { coverageOf, type Trip } from '@hoxen/core/trip'
import { sayKit } from '@hoxen/core/words'
import { SaidText } from '../../ui/index.ts'
import { useWithLent } from './usePlan.ts'
import { useTripAnswer } from './useTripAnswer.ts'
import { useTripAbout } from './useTrips.ts'

/** Two trips side by side: what each takes, what both do, and what only one of them does. */
export function Beside({ trip, beside }: { readonly trip: Trip; readonly beside: Trip }) {
  const [one, other] = [useKitOf(trip), useKitOf(beside)]
  const both = one?.items.filter(({ id }) => other?.items.some((item) => item.id === id)) ?? []
  const only = (mine: readonly Item[] | undefined): readonly Item[] =>
    mine?.filter((item) => !both.includes(item) && !both.some(({ id }) => id === item.id)) ?? []
  return (
    <section
      aria-label="Side by side"
      className="mb-3 rounded-lg border border-rule bg-sheet px-4 py-2"
      data-beside
    >
      <div className="grid gap-x-8 sm:grid-cols-2">
        <Column name={trip.name} kit={one} only={only(one?.items)} />
        <Column name={beside.name} kit={other} only={only(other?.items)} />
      </div>
      <p className="mt-1 text-[0.9rem] text-faint">
        In both: {both.map(({ name }) => name).join(', ') || 'nothing'}.
      </p>
    </section>
  )
}

interface KitOf {
  readonly items: readonly Item[]
  readonly weight: readonly [number, number]
}

const NOTHING: Gear = { items: [] }

function useKitOf(trip: Trip): KitOf | undefined {
  const asked = useTripAbout(trip)
  const { found, kit, lent } = useTripAnswer(trip, asked?.about, asked?.revision ?? 0)
  const gear = useWithLent(asked?.about.gear ?? NOTHING, lent)
  if (asked === undefined || found === undefined || kit === undefined) return undefined
  const ids = new Set(kit.ids)
  return {
    items: gear.items.filter(({ id }) => ids.has(id)),
    weight: coverageOf(found.covered, ids),
  }
}

function Column({
  name,
  kit,
  only,
}: {
  readonly name: string
  readonly kit: KitOf | undefined
  readonly only: readonly Item[]
}) {
  return (
    <div>
      <h2 className="text-[1.1rem]">{name}</h2>
      {kit === undefined ? (
        <p role="status" className="text-faint">
          Swinging…
        </p>
      ) : (
        <>
          <p>
            <SaidText said={sayKit(...kit.weight, [['items', kit.items.length]])} />
          </p>
          <p className="text-[0.95rem]">
            Only here: {only.map((item) => item.name).join(', ') || 'nothing'}.
          </p>
        </>
      )}
    </div>
  )
}
