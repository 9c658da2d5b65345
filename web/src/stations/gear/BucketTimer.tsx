import { parseQuantity } from '@hoxen/core/quantity'
import { BUCKET_M, type TipItem, timedSink } from '@hoxen/core/sink'
import { sayRateUsed, sayTimed } from '@hoxen/core/words'
import { useId } from 'react'
import {
  dropDraft,
  editRow,
  noticeDone,
  noticeFailed,
  useDraftState,
  useList,
  useSingle,
} from '../../store/index.ts'
import { Button, fieldLook, QuantityField, Tag, useUnits, useWithin } from '../../ui/index.ts'

const TRIES = 3
const NO_TIMES: readonly string[] = Array.from({ length: TRIES }, () => '')

/** Seconds as somebody types them; what is no time is NaN. */
const seconds = (text: string): number => {
  const parsed = parseQuantity(text, 'time', 's')
  return parsed.ok ? parsed.si : Number.NaN
}

interface Props {
  readonly item: TipItem
}

/** Depth and times as typed, and the rate they give. */
function useTiming({ item }: Props) {
  const { show } = useUnits()
  const [depthM, setDepthM] = useDraftState<number | undefined>(`bucket ${item.id}`, 'depth', undefined)
  const [times, setTimes] = useDraftState<readonly string[]>(`bucket ${item.id}`, 'times', NO_TIMES)
  const typed = times.filter((text) => text.trim() !== '').map(seconds)
  const found = depthM === undefined || typed.length === 0 ? undefined : timedSink(depthM, typed)
  const take = (rateMps: number): void => {
    const label = `${item.name} sinks ${show(rateMps, 'sinkRate')}, timed`
    editRow(label, 'items', item, { ...item, sinkRateMps: rateMps }).then((did) => {
      if (!did) return
      void dropDraft(`bucket ${item.id}`)
      noticeDone(label)
    }, noticeFailed)
  }
  return { depthM, setDepthM, times, setTimes, found, take }
}

/** Bucket timer for a sink rate: what was only supposed is then measured, and every swing with it uses that. */
export function BucketTimer({ item }: Props) {
  const id = useId()
  const { system } = useUnits()
  const { found, take, ...timing } = useTiming({ item })
  return (
    <section aria-labelledby={id} className="no-print mt-5">
      <h2 id={id} className="text-xl">
        Time it in a bucket
      </h2>
      <p className="text-[0.92rem] text-faint">
        Hold it level, let go, and time it to the bottom of still water; a foot of the same material will do.
        Deep slack water works better than a bucket.
      </p>
      <TimingFields {...timing} />
      <p role="status" className="mt-2" data-timed={found?.outcome}>
        {found === undefined ? '' : sayTimed(found, system)}
      </p>
      {found?.outcome === 'timed' && (
        <Button weight="strong" className="mt-1" onClick={() => take(found.rateMps)}>
          Use this sink rate
        </Button>
      )}
      <UsedIn item={item} />
    </section>
  )
}

type FieldProps = Pick<ReturnType<typeof useTiming>, 'depthM' | 'setDepthM' | 'times' | 'setTimes'>

function TimingFields({ depthM, setDepthM, times, setTimes }: FieldProps) {
  const id = useId()
  const within = useWithin()
  return (
    <div className="mt-2 grid grid-cols-2 gap-3">
      <QuantityField
        label="Depth of the water"
        measure="length"
        value={depthM}
        onChange={setDepthM}
        refuse={within(BUCKET_M, 'length')}
      />
      {times.map((text, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: tries are known by their order
        <div key={i}>
          <label htmlFor={`${id}-${i}`} className="block text-sm text-faint">
            Try {i + 1}, seconds
          </label>
          <input
            id={`${id}-${i}`}
            inputMode="decimal"
            autoComplete="off"
            value={text}
            onChange={(event) => setTimes(times.map((one, k) => (k === i ? event.target.value : one)))}
            className={fieldLook}
          />
        </div>
      ))}
    </div>
  )
}

/** Places where a measure of this tip counts. */
function UsedIn({ item }: { readonly item: TipItem }) {
  const entries = useList('entries') ?? []
  const rig = useSingle('rig')
  const fished = entries.filter((entry) => entry.rig.tipId === item.id).length
  const told = item.sinkRateMps !== undefined
  return (
    <p className="mt-2 text-[0.92rem] text-faint">
      {sayRateUsed(told, rig?.tipId === item.id, fished)} <Tag tag={told ? 'printed' : 'estimate'} />
    </p>
  )
}
