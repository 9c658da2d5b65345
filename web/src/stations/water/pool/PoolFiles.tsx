import { type PlacesPlan, placesGeoJson, placesGpx, planPlaces } from '@hoxen/core/format'
import { newRun, type Run } from '@hoxen/core/water'
import { sayProblem } from '@hoxen/core/words'
import { useId, useState } from 'react'
import { commit, newId, noticeDone, noticeFailed } from '../../../store/index.ts'
import { Button, FileField, saveFile, today, useUnits } from '../../../ui/index.ts'
import { ask } from '../../../worker/index.ts'

interface Props {
  readonly runs: readonly Run[]
  /** Run that a place of which nothing else is known is taken for, until it is measured. */
  readonly likeRun: Run
}

interface Read {
  readonly name: string
  readonly plan: PlacesPlan
  readonly problems: readonly string[]
}

/** Pools out to a map and in from one: GPX waypoints, GeoJSON. What a file would do is shown before it does it. */
export function PoolFiles({ runs, likeRun }: Props) {
  const id = useId()
  const { read, take, bring, leave } = useReading({ runs, likeRun })
  const placed = runs.filter(({ spot }) => spot !== undefined).length
  return (
    <section aria-labelledby={`${id}-title`} className="no-print mt-8 border-t border-rule pt-3">
      <h2 id={`${id}-title`} className="text-lg">
        Pools on a map
      </h2>
      <p className="text-[0.92rem] text-faint">
        {placed} of {runs.length} pools have a location. Add the others under Cast → About this place. GPX
        holds names and places; GeoJSON holds each whole pool.
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-2">
        <SaveButtons runs={runs} disabled={placed === 0} />
        <FileField
          label="Import pools"
          accept=".gpx,.geojson,.json,application/gpx+xml,application/geo+json"
          onFile={(file) => void take(file).catch(noticeFailed)}
        />
      </div>
      {read !== undefined && <Preview read={read} onBring={() => bring(read)} onLeave={leave} />}
    </section>
  )
}

/** Reads a file of places, says what it would do, and does it. */
function useReading({ runs, likeRun }: Props) {
  const { system } = useUnits()
  const [read, setRead] = useState<Read>()
  const fresh = (name: string): Run => ({
    ...newRun(likeRun, newId(name), name),
    notes: 'Bed and current are as you described them, until you measure them.',
  })
  const take = async (file: File): Promise<void> => {
    const { places, problems } = await ask((api) => api.readPlaces(file))
    setRead({
      name: file.name,
      plan: planPlaces(places, runs, fresh),
      problems: problems.map((problem) => sayProblem(problem, system)),
    })
  }
  const bring = ({ name, plan }: Read): void => {
    const count = plan.added.length + plan.moved.length
    commit(`Import pools from ${name}`, async (tx) => {
      tx.put('runs', plan.added)
      for (const { before, after } of plan.moved) await tx.edit('runs', before, after)
    }).then((did) => {
      if (did) noticeDone(`${count} ${count === 1 ? 'pool' : 'pools'} from ${name}`)
      setRead(undefined)
    }, noticeFailed)
  }
  return { read, take, bring, leave: () => setRead(undefined) }
}

interface SaveProps {
  readonly runs: readonly Run[]
  readonly disabled: boolean
}

const SaveButtons = ({ runs, disabled }: SaveProps) => (
  <>
    <Button
      disabled={disabled}
      onClick={() => saveFile(`hoxen-pools-${today()}.gpx`, placesGpx(runs), 'application/gpx+xml')}
    >
      Save as GPX
    </Button>
    <Button
      disabled={disabled}
      onClick={() => saveFile(`hoxen-pools-${today()}.geojson`, placesGeoJson(runs), 'application/geo+json')}
    >
      Save as GeoJSON
    </Button>
  </>
)

interface PreviewProps {
  readonly read: Read
  readonly onBring: () => void
  readonly onLeave: () => void
}

function Preview({ read: { name, plan, problems }, onBring, onLeave }: PreviewProps) {
  const { added, moved, same } = plan
  const count = added.length + moved.length
  return (
    <div className="mt-3 rounded-lg border border-rule bg-sheet p-3">
      <p role="status">
        {name}: <b>{added.length}</b> new, <b>{moved.length}</b> given a location, <b>{same}</b> already
        there.
      </p>
      <ul className="max-h-52 overflow-y-auto text-[0.95rem]">
        {added.map(({ id, name: pool }) => (
          <li key={id}>{pool}: new. Add which way it faces, and its bed.</li>
        ))}
        {moved.map(({ after }) => (
          <li key={after.id}>{after.name}: its place changes.</li>
        ))}
      </ul>
      {problems.length > 0 && (
        <ul role="alert" className="font-medium text-breaks">
          {problems.map((text) => (
            <li key={text}>{text}</li>
          ))}
        </ul>
      )}
      <div className="mt-2 flex gap-2">
        {count > 0 && (
          <Button weight="strong" onClick={onBring}>
            Import {count}
          </Button>
        )}
        <Button onClick={onLeave}>Cancel</Button>
      </div>
    </div>
  )
}
