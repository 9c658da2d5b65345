import { CALIBRATE_MODEL, type Calibrated, type Entry, seenIn } from '@hoxen/core/journal'
import type { ByLog, Run } from '@hoxen/core/water'
import { sayByLog, sayCalibrated, sayUsable } from '@hoxen/core/words'
import { useMutation } from '@tanstack/react-query'
import { useEffect, useMemo, useRef, useState } from 'react'
import { useQuestion } from '../../ledger/index.ts'
import { editRow, noticeDone, noticeFailed } from '../../store/index.ts'
import { askJudged } from '../../swings/index.ts'
import { Button, onDay, Tag, today } from '../../ui/index.ts'

interface Props {
  readonly run: Run
  readonly entries: readonly Entry[]
}

/** What the entries tell of the pool, worked out when it is asked; what was found of it as it was before says nothing. */
function useLearning({ run, entries }: Props) {
  const question = useQuestion()
  const [done, setDone] = useState(0)
  const going = useRef<AbortController>(undefined)
  // Who leaves the page wants the workers for something else.
  useEffect(() => () => going.current?.abort(), [])
  const seen = useMemo(
    () => (question === undefined ? [] : entries.flatMap((entry) => seenIn(entry, question.byId) ?? [])),
    [entries, question],
  )
  const learning = useMutation({
    mutationFn: async () => {
      if (question === undefined) throw new Error('The gear is still loading.')
      setDone(0)
      going.current?.abort()
      going.current = new AbortController()
      const result = await askJudged(
        question.gear,
        (api, about, letSwing): Promise<Calibrated> => api.calibrate(about, run, entries, letSwing),
        { signal: going.current.signal, onProgress: ({ done }) => setDone(done) },
      )
      return { seen, run, result }
    },
  })
  const fresh = learning.data?.seen === seen && learning.data.run === run
  return { seen, learning, done, found: fresh ? learning.data?.result : undefined }
}

/** Correction of a pool's depth and current by its log; kept beside its measure when one wants it. */
export function Learn(props: Props) {
  const { run } = props
  const { seen, learning, done, found } = useLearning(props)
  const keep = (label: string, byLog: ByLog | undefined): void => {
    const { byLog: _was, ...measured } = run
    editRow(label, 'runs', run, byLog === undefined ? measured : { ...measured, byLog }).then(
      (did) => did && noticeDone(label),
      noticeFailed,
    )
  }
  return (
    <section aria-labelledby="learn" className="mt-5">
      <h2 id="learn" className="text-xl">
        What your log says about this pool <Tag tag="estimate" />
      </h2>
      {run.byLog !== undefined && <Kept run={run} byLog={run.byLog} onKeep={keep} />}
      <p className="mt-1" role="status" data-learnt={found?.outcome ?? 'not-asked'}>
        {learning.isPending
          ? `${done} of ${seen.length * CALIBRATE_MODEL.swings ** 2} swings…`
          : learning.isError
            ? `${learning.error.message} Nothing was changed.`
            : found === undefined
              ? sayUsable(seen.length)
              : sayCalibrated(found)}
      </p>
      <div className="no-print mt-2 flex flex-wrap gap-2">
        <Button
          disabled={seen.length < CALIBRATE_MODEL.least || learning.isPending}
          onClick={() => learning.mutate()}
        >
          Work it out
        </Button>
        {found?.outcome === 'calibrated' && (
          <Button
            weight="strong"
            onClick={() => keep(`${run.name} is corrected by your log`, { ...found.byLog, on: today() })}
          >
            Correct the pool
          </Button>
        )}
      </div>
    </section>
  )
}

interface KeptProps {
  readonly run: Run
  readonly byLog: ByLog
  readonly onKeep: (label: string, byLog: ByLog | undefined) => void
}

/** Correction learnt before, beside the pool: listened to, or not. */
function Kept({ run, byLog, onKeep }: KeptProps) {
  const { off, ...on } = byLog
  return (
    <div className="mt-1" data-by-log={off ? 'off' : 'on'}>
      <p>
        {sayByLog(byLog, onDay)} <Tag tag="log" />
      </p>
      <div className="no-print flex flex-wrap gap-x-2">
        <Button
          weight="quiet"
          className="px-0"
          onClick={() =>
            onKeep(
              off ? `${run.name} is corrected by your log` : `${run.name} is shown as measured`,
              off ? on : { ...on, off: true },
            )
          }
        >
          {off ? 'Use the correction again' : 'Show as measured'}
        </Button>
        <Button weight="quiet" onClick={() => onKeep(`${run.name}: correction deleted`, undefined)}>
          Delete the correction
        </Button>
      </div>
    </div>
  )
}
