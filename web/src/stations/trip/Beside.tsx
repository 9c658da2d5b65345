import type { Gear, Item } from '@hoxen/core/gear'
import { coverageOf, type Trip } from '@hoxen/core/trip'
import { sayKit } from '@hoxen/core/words'
import { Failed, SaidText } from '../../ui/index.ts'
import { useWithLent } from './usePlan.ts'
import { useTripAnswer } from './useTripAnswer.ts'
import { useTripAbout } from './useTrips.ts'

/** Two trips side by side: what each takes, what both do, and what only one of them does. */
export function Beside({ trip, beside }: { readonly trip: Trip; readonly beside: Trip }) {
  const [one, other] = [useKitOf(trip), useKitOf(beside)]
  const both = one.kit?.items.filter(({ id }) => other.kit?.items.some((item) => item.id === id)) ?? []
  const only = (mine: readonly Item[] | undefined): readonly Item[] =>
    mine?.filter((item) => !both.includes(item) && !both.some(({ id }) => id === item.id)) ?? []
  return (
    <section
      aria-label="Side by side"
      className="mb-3 rounded-lg border border-rule bg-sheet px-4 py-2"
      data-beside
    >
      <div className="grid gap-x-8 sm:grid-cols-2">
        <Column name={trip.name} answer={one} only={only(one.kit?.items)} />
        <Column name={beside.name} answer={other} only={only(other.kit?.items)} />
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
/** A kit once it is known, or what came between. */
interface Answer {
  readonly kit: KitOf | undefined
  readonly error: Error | null
  readonly retry: () => void
}

const NOTHING: Gear = { items: [] }

function useKitOf(trip: Trip): Answer {
  const about = useTripAbout(trip)
  const { found, kit, lent, error, retry } = useTripAnswer(trip, about)
  const gear = useWithLent(about?.gear ?? NOTHING, lent)
  if (about === undefined || found === undefined || kit === undefined) return { kit: undefined, error, retry }
  const ids = new Set(kit.ids)
  const items = gear.items.filter(({ id }) => ids.has(id))
  return { kit: { items, weight: coverageOf(found.covered, ids) }, error, retry }
}

function Column({
  name,
  answer: { kit, error, retry },
  only,
}: {
  readonly name: string
  readonly answer: Answer
  readonly only: readonly Item[]
}) {
  return (
    <div>
      <h2 className="text-[1.1rem]">{name}</h2>
      {error !== null && <Failed error={error} retry={retry} />}
      {kit === undefined ? (
        <p role="status" hidden={error !== null} className="text-faint">
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
