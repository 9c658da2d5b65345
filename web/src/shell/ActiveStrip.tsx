import { type RigSlot, statesBySlot } from '@hoxen/core/rig'
import { Link } from 'react-router'
import { RigStrip } from '../drawing/index.ts'
import { type Question, useRig } from '../ledger/index.ts'
import { useSingle } from '../store/index.ts'
import { VerdictMark } from '../ui/index.ts'

/** Height of the strip's band [px]: what a thumb needs. */
const BAND_PX = 44

const hrefFor = (slot: RigSlot): string => (slot === 'reelId' ? '/reel' : `/rig?part=${slot}`)

/** My rig to scale, judged in the day. Choosing a part opens the page that decides it. */
export function ActiveStrip({ question }: { readonly question: Question }) {
  const choice = useSingle('rig')
  const rig = useRig(question, choice)
  if (choice === undefined) return null
  const none = choice === null
  if (rig === undefined || rig === 'gone')
    return (
      <p className="flex h-11 flex-col justify-center gap-0.5 text-[0.9rem] leading-tight text-faint">
        <svg viewBox="0 0 900 6" preserveAspectRatio="none" className="h-1.5 w-full" aria-hidden="true">
          <path d="M0 3H900" stroke="currentColor" strokeWidth="1.5" strokeDasharray="7 7" />
        </svg>
        <span>
          {none
            ? 'No rig yet. Choose one in Match and make it yours.'
            : 'A part of your rig is no longer in your gear. Choose another rig in Match.'}
        </span>
      </p>
    )
  return (
    <div className="flex items-start gap-4">
      <Link
        to="/rig"
        className="hidden h-11 w-36 shrink-0 flex-col justify-center text-[0.92rem] leading-[1.15] sm:flex"
      >
        <span className="font-display truncate leading-[1.4] font-semibold">{rig.parts.rod.name}</span>
        <VerdictMark state={rig.verdict} provisional={rig.provisional} />
      </Link>
      <div className="min-w-0 flex-1">
        <RigStrip
          parts={rig.parts}
          states={statesBySlot(rig.checks)}
          hrefFor={hrefFor}
          height={BAND_PX}
          bare
        />
      </div>
    </div>
  )
}
