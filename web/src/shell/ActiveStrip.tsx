import { statesBySlot } from '@hoxen/core/rig'
import { Link } from 'react-router'
import { RigStrip } from '../drawing/index.ts'
import { useQuestion, useRig } from '../ledger/index.ts'
import { useSingle } from '../store/index.ts'
import { VerdictMark } from '../ui/index.ts'
import { DayLine } from './DayLine.tsx'

/** Above every station: the day, and my rig to scale, judged in it. Choosing a part opens the station that decides it. */
export function ActiveStrip() {
  const question = useQuestion()
  const choice = useSingle('rig')
  const rig = useRig(question, choice)
  if (question === undefined || choice === undefined) return <div className="h-[7.1rem]" />
  return (
    <>
      <DayLine day={question.day} rig={rig === 'gone' ? undefined : rig} />
      {rig === undefined || rig === 'gone' ? (
        <p className="flex h-[5.25rem] flex-col justify-center gap-1 text-faint">
          <svg viewBox="0 0 900 6" preserveAspectRatio="none" className="h-1.5 w-full" aria-hidden="true">
            <path d="M0 3H900" stroke="currentColor" strokeWidth="1.5" strokeDasharray="7 7" />
          </svg>
          <span>
            {choice === null
              ? 'No rig yet. Choose one in Match and make it yours.'
              : 'A part of your rig is no longer in your gear. Choose another rig in Match.'}
          </span>
        </p>
      ) : (
        <div className="flex items-start gap-4 py-1.5">
          <Link
            to="/rig"
            className="hidden min-h-11 w-36 shrink-0 flex-col justify-center leading-tight sm:flex"
          >
            <span className="font-display truncate text-[1.02rem] font-semibold">{rig.parts.rod.name}</span>
            <VerdictMark state={rig.verdict} provisional={rig.provisional} />
          </Link>
          <div className="min-w-0 flex-1">
            <RigStrip
              parts={rig.parts}
              states={statesBySlot(rig.checks)}
              hrefFor={(slot) => (slot === 'reelId' ? '/reel' : `/rig?part=${slot}`)}
            />
          </div>
        </div>
      )}
    </>
  )
}
