import { type Day, dayOf } from '@hoxen/core/day'
import { dayPartsOf, readShared, type Shared, type SharedReading } from '@hoxen/core/format'
import { statesBySlot } from '@hoxen/core/rig'
import { sayFish, sayFlies } from '@hoxen/core/words'
import { useMemo } from 'react'
import { useParams } from 'react-router'
import { RigStrip } from '../../drawing/index.ts'
import { Gone, Ledger, type Question, useRig } from '../../ledger/index.ts'
import { unpacked } from '../../link/index.ts'
import { gearNow, noticeDone, noticeFailed, takeRig, useGear } from '../../store/index.ts'
import { Button, Empty, useUnits, VerdictMark } from '../../ui/index.ts'

/** A rig that somebody sent, in the day they sent with it: judged as they see it, and none of one's own is touched. */
export function SharedPage() {
  const { code = '' } = useParams()
  const reading = useMemo((): SharedReading => {
    const text = unpacked(code)
    return text === undefined ? { outcome: 'damaged' } : readShared(text)
  }, [code])
  if (reading.outcome === 'read') return <SharedRig shared={reading.shared} />
  return (
    <Empty title="This link can’t be opened">
      {reading.outcome === 'newer'
        ? 'It was made by a newer version of Hoxen. Update, then open the link again.'
        : 'The link is incomplete or was altered on the way. Ask for it again and copy all of it. Nothing of yours has changed.'}
    </Empty>
  )
}

const NO_REMEDIES = new Map<never, never>()

/** What was sent, judged by its own gear and day. */
const questionOf = (shared: Shared): Question => {
  const gear = gearNow(shared.items)
  return { gear, byId: gear.byId, day: dayOf(dayPartsOf(shared)) }
}

function SharedRig({ shared }: SharedProps) {
  const question = useMemo(() => questionOf(shared), [shared])
  const rig = useRig(question, shared.rig)
  if (rig === 'gone') return <Gone />
  if (rig === undefined) return <p className="py-10 text-faint">Opening…</p>
  return (
    <section aria-labelledby="shared-title">
      <p className="text-[0.9rem] text-faint">A rig someone sent you, with its day</p>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h1 id="shared-title" className="text-[1.7rem] leading-tight">
          {rig.parts.rod.name} with {rig.parts.head.head.name}
        </h1>
        <span className="text-lg">
          <VerdictMark state={rig.verdict} provisional={rig.provisional} />
        </span>
      </div>
      <SharedDay shared={shared} day={question.day} />
      <div className="mt-2 rounded-lg border border-rule bg-sheet px-4 py-2">
        <RigStrip
          parts={rig.parts}
          states={statesBySlot(rig.checks)}
          hrefFor={() => ''}
          height={84}
          exploded
        />
      </div>
      <TakeShared shared={shared} />
      <div className="mt-4">
        <Ledger checks={rig.checks} remedies={NO_REMEDIES} items={question.byId} onTake={() => {}} />
      </div>
    </section>
  )
}

interface SharedProps {
  readonly shared: Shared
}

function SharedDay({ shared: { run, flowM3ps }, day }: SharedProps & { readonly day: Day }) {
  const { show, system } = useUnits()
  return (
    <p className="mt-1" data-shared-day>
      {run === undefined ? 'Water as described' : run.name}
      {flowM3ps === undefined ? '' : ` at ${show(flowM3ps, 'flow')}`}, {show(day.waterDepthM, 'length')} deep,{' '}
      {show(day.currentMps, 'current')}; {sayFish(day, system)}; {sayFlies(day)}.
    </p>
  )
}

/** Makes it one's own rig, with the parts one has not got. */
function TakeShared({ shared: { items, rig } }: SharedProps) {
  const own = useGear()?.items
  if (own === undefined) return null
  const ids = new Set(own.map(({ id }) => id))
  const fresh = items.filter(({ id }) => !ids.has(id))
  const take = (): void =>
    void takeRig('Use a rig that was sent', rig, fresh).then(
      (did) => did && noticeDone('It’s your rig now, judged in your own day'),
      noticeFailed,
    )
  return (
    <div className="mt-3 flex flex-wrap items-center gap-3">
      <Button weight="strong" onClick={take}>
        {fresh.length === 0
          ? 'Make it my rig'
          : `Add ${fresh.length === 1 ? 'its part' : `its ${fresh.length} parts`} and make it my rig`}
      </Button>
      <span className="text-[0.92rem] text-faint">
        Nothing of yours changes until you do.{' '}
        {fresh.length < items.length && 'Parts you already own stay as they are.'}
      </span>
    </div>
  )
}
