import { BUCKET_M, type TipItem, timedSink } from '@hoxen/core/sink'
import { useId } from 'react'
import { dropDraft, useDraftState } from '../../store/drafts.ts'
import { noticeDone, noticeFailed, useList, useSingle } from '../../store/index.ts'
import { editRow } from '../../store/rows.ts'
import { Button, fieldLook, QuantityField, Tag, useUnits, useWithin } from '../../ui/index.ts'

const TRIES = 3
const NO_TIMES: readonly string[] = Array.from({ length: TRIES }, () => '')

/** Seconds as somebody types them: a comma is a point. */
const seconds = (text: string): number => Number(text.trim().replace(',', '.').replace(/s$/i, ''))

/** Bucket timer for a sink rate: what was only supposed is then measured, and every swing with it uses that. */
export function BucketTimer({ item }: { readonly item: TipItem }) {
  const id = useId()
  const { show } = useUnits()
  const within = useWithin()
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
  return (
    <section aria-labelledby={id} className="no-print mt-5">
      <h2 id={id} className="text-xl">
        Time it in a bucket
      </h2>
      <p className="text-[0.92rem] text-faint">
        Hold it level, let it go, and time it to the bottom of still water; a foot of the same material will
        do. A deep slack tells more than a bucket.
      </p>
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
      <p role="status" className="mt-2" data-timed={found?.outcome}>
        {found === undefined
          ? ''
          : found.outcome === 'timed'
            ? `It sinks ${show(found.rateMps, 'sinkRate')}${found.errorMps === undefined ? '; time it again to know how sure that is' : `, give or take ${show(found.errorMps, 'sinkRate')}`}.`
            : found.outcome === 'too-short'
              ? 'Each try is a number of seconds, 0.4 at least: a thumb is no quicker.'
              : 'Nothing that is fished sinks like that: is the depth right, and the time?'}
      </p>
      {found?.outcome === 'timed' && (
        <Button weight="strong" className="mt-1" onClick={() => take(found.rateMps)}>
          Use what was timed
        </Button>
      )}
      <UsedIn item={item} />
    </section>
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
      {told ? 'Its sink rate is yours' : 'Its sink rate is supposed'}{' '}
      <Tag tag={told ? 'printed' : 'estimate'} />; it counts in every swing, ladder and chart it is in
      {rig?.tipId === item.id ? ', in the rig in the strip' : ''}
      {fished === 0
        ? '.'
        : `, and in what is learnt of ${fished} logged ${fished === 1 ? 'swing' : 'swings'}.`}
    </p>
  )
}
