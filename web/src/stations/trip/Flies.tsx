import { DRESSES, FLOATING_FLIES, type FlyShape, type Item, itemsOf, WEIGHTINGS } from '@hoxen/core/gear'
import { TRIP_LIMITS, type Trip } from '@hoxen/core/trip'
import { DRESS_NAMES, FLOATING_NAMES, sayFly, WEIGHTING_NAMES } from '@hoxen/core/words'
import { useState } from 'react'
import { Button, Select } from '../../ui/index.ts'
import { changeTrip } from './useTrips.ts'

type TripFlies = NonNullable<Trip['flies']>

/** A trip with its flies changed; none is the fly of the day. */
const setFlies = (trip: Trip, next: (flies: TripFlies) => TripFlies): void =>
  changeTrip('Trip: flies', trip, ({ flies = [], ...now }) => {
    const changed = next(flies)
    return changed.length > 0 ? { ...now, flies: changed } : now
  })

/** Flies that are fished: of the gear, or by their shape. */
export function Flies({ trip, items }: { readonly trip: Trip; readonly items: readonly Item[] }) {
  const owned = itemsOf({ items }, 'fly')
  const flies = trip.flies ?? []
  const shapes = flies.filter((fly) => typeof fly !== 'string')
  return (
    <fieldset className="mt-2">
      <legend className="text-sm text-faint">Flies; with none, the fly of the day</legend>
      <div className="flex flex-wrap gap-x-5">
        {owned.map(({ id, name }) => (
          <label key={id} className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              checked={flies.includes(id)}
              onChange={({ target }) =>
                setFlies(trip, (now) => (target.checked ? [...now, id] : now.filter((each) => each !== id)))
              }
              className="size-5"
            />
            {name}
          </label>
        ))}
        {shapes.map((shape) => (
          <Button
            key={JSON.stringify(shape)}
            weight="quiet"
            onClick={() =>
              setFlies(trip, (now) => now.filter((each) => JSON.stringify(each) !== JSON.stringify(shape)))
            }
          >
            {sayFly(shape)}: take off
          </Button>
        ))}
      </div>
      {flies.length < TRIP_LIMITS.flies && (
        <ByShape onAdd={(shape) => setFlies(trip, (now) => [...now, shape])} />
      )}
    </fieldset>
  )
}

const SUNK = 'sunk'

/** A fly one does not have in the gear, by what casting and sinking care for. */
function ByShape({ onAdd }: { readonly onAdd: (shape: FlyShape) => void }) {
  const [shape, setShape] = useState<FlyShape>({ dress: 'medium', weighting: 'light' })
  const { floats, ...rest } = shape
  return (
    <div className="grid grid-cols-2 items-end gap-2 sm:grid-cols-4">
      <Select
        label="Another, by shape"
        value={shape.dress}
        options={DRESSES.map((dress) => [dress, DRESS_NAMES[dress]])}
        onChange={(dress) => setShape({ ...shape, dress })}
      />
      <Select
        label="Its weight"
        value={shape.weighting}
        options={WEIGHTINGS.map((weighting) => [weighting, WEIGHTING_NAMES[weighting]])}
        onChange={(weighting) => setShape({ ...shape, weighting })}
      />
      <Select
        label="In the water"
        value={floats ?? SUNK}
        options={[
          [SUNK, 'below the surface'],
          ...FLOATING_FLIES.map((kind) => [kind, FLOATING_NAMES[kind]] as const),
        ]}
        onChange={(kind) => setShape(kind === SUNK ? rest : { ...rest, floats: kind })}
      />
      <Button onClick={() => onAdd(shape)}>Add this fly</Button>
    </div>
  )
}
