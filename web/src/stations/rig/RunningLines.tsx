import { PULL_M } from '@hoxen/core/cast'
import type { Day } from '@hoxen/core/day'
import { itemsOf, type RunningLine } from '@hoxen/core/gear'
import { runningLineFacts, USUAL_RUNNING_LINES } from '@hoxen/core/line'
import type { RankedRig } from '@hoxen/core/match'
import { backingWantedM, woundVolumeM3 } from '@hoxen/core/reel'
import { backingRoomM, type CastPart, castParts, shotWith, woundLines } from '@hoxen/core/rig'
import { HangingLoops, SmallSpool } from '../../drawing/index.ts'
import type { Question } from '../../ledger/index.ts'
import { Tag, useUnits } from '../../ui/index.ts'

/** Length of running line compared for room on the spool [m]. */
const ON_SPOOL_M = 30
const TRAITS: Readonly<Record<RunningLine['build'], readonly string[]>> = {
  coated: [
    'grips in cold or sore hands',
    'stretches little',
    'snarls pick out easily',
    'twists in small loops',
  ],
  mono: [
    'slips through cold fingers',
    'stretches a lot',
    'a kink is a weak point',
    'holds in a few long loops',
  ],
}
/** Coated and mono side by side for this head: how far it shoots, what to hold, what room it takes. */
export function RunningLines({ rig, question }: { readonly rig: RankedRig; readonly question: Question }) {
  const own = itemsOf(question.gear, 'running-line')
  const builds = new Set(own.map((l) => l.build))
  const lines = [...own, ...USUAL_RUNNING_LINES.filter((l) => !builds.has(l.build))]
  if (rig.parts.head.onePiece)
    return (
      <section>
        <h1 className="text-2xl">Running line</h1>
        <p className="mt-2">
          This is an integrated line: its running line is part of it, and nothing clicks through the guides.
        </p>
      </section>
    )
  const longestM = Math.max(
    ...lines.map((line) => shotWith(rig.parts, runningLineFacts(line), question.day).castM),
  )
  return (
    <section aria-labelledby="running-title">
      <h1 id="running-title" className="text-2xl">
        Running line
      </h1>
      <p className="mt-1 max-w-3xl text-[0.95rem] text-faint">
        How each shoots behind {rig.parts.head.head.name}, with a clean cast, here and in this wind{' '}
        <Tag tag="estimate" />
      </p>
      <div className="mt-3 grid gap-3">
        {lines.map((line) => (
          <LineCard key={line.id} line={line} rig={rig} day={question.day} longestM={longestM} />
        ))}
      </div>
    </section>
  )
}

interface CardProps {
  readonly line: RunningLine
  readonly rig: RankedRig
  readonly day: Day
  /** The longest cast of all, which the pictures are to one scale with [m]. */
  readonly longestM: number
}

function LineCard({ line, rig, day, longestM }: CardProps) {
  const { show } = useUnits()
  const facts = runningLineFacts(line)
  const { runningLine } = rig.parts
  const { shootM, castM, loopsM: loops } = shotWith(rig.parts, facts, day)
  const pieces = castParts(rig.parts, facts, day)
  const volume = woundVolumeM3(ON_SPOOL_M, facts.diameterM.value) * 1e6
  return (
    <article
      className={`rounded-lg border bg-sheet px-4 py-3 ${runningLine?.item.id === line.id ? 'border-river' : 'border-rule'}`}
    >
      <h2 className="text-lg">{line.name}</h2>
      <CastBar pieces={pieces} longestM={longestM} />
      <div className="mt-2 grid grid-cols-[minmax(0,1fr)] items-start gap-x-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,33rem)]">
        <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
          <dt className="text-faint">Shoots</dt>
          <dd>
            <b>{show(shootM, 'length')}</b>, so about {show(castM, 'length')} in all
          </dd>
          <dt className="text-faint">Hold</dt>
          <dd>
            {line.build === 'coated'
              ? `${loops.map((m) => Math.round(m / PULL_M)).join(', ')} pulls of ${show(PULL_M, 'length')}, staggered`
              : `${loops.length} loops of about ${show(loops[0] ?? 0, 'length')}`}
          </dd>
          <dt className="text-faint">Room</dt>
          <dd>
            {volume.toFixed(0)} cm³ of spool for {show(ON_SPOOL_M, 'backingLength')}
          </dd>
          <dt className="text-faint">Handling</dt>
          <dd>{TRAITS[line.build].join('; ')}</dd>
        </dl>
        <div className="flex flex-wrap items-center gap-4">
          <OnSpool rig={rig} line={line} day={day} />
          <div className="min-w-48 flex-1">
            <HangingLoops loopsM={loops} wadingM={day.wadingM} />
          </div>
        </div>
      </div>
    </article>
  )
}

/** The ring it takes on the rig's own spool, and the backing that leaves room for. */
function OnSpool({ rig, line, day }: Pick<CardProps, 'rig' | 'line' | 'day'>) {
  const { show } = useUnits()
  const spool = rig.parts.reel?.spool
  if (spool === undefined) return null
  const parts = { ...rig.parts, runningLine: runningLineFacts(line) }
  const backing = show(backingRoomM(parts, spool), 'backingLength')
  const lines = woundLines(parts, undefined, backingWantedM(parts.rod, day.fishKg).low)
  return (
    <figure className="flex items-center gap-2">
      <SmallSpool
        spool={spool}
        lines={lines}
        label={`${line.name} on ${rig.parts.reel?.name}: room for ${backing} of backing`}
      />
      <figcaption className="w-24 text-[0.88rem]">
        leaves room for <b>{backing}</b> of backing
      </figcaption>
    </figure>
  )
}

const PART_LOOK: Readonly<Record<CastPart['part'], string>> = {
  rod: 'h-1.5 bg-ink',
  shot: 'h-0.5 bg-river',
  overhang: 'h-0.5 bg-river',
  head: 'h-3.5 rounded-full bg-ink',
  tip: 'h-2 bg-faint',
  leader: 'h-0.5 bg-faint',
}
/** Shorter than this share of the picture a piece has no room for its length. */
const NAMED = 0.07

/** A cast to scale, from the angler to the fly: what shoots is what running lines differ by. */
function CastBar({ pieces, longestM }: { readonly pieces: readonly CastPart[]; readonly longestM: number }) {
  const { show } = useUnits()
  const said = pieces.map(({ part, lengthM }) => `${part} ${show(lengthM, 'length')}`).join(', ')
  return (
    <div role="img" aria-label={`The cast: ${said}`} className="mt-2 flex items-end">
      {pieces.map(({ part, lengthM }) => (
        <span
          key={part}
          className="flex flex-col items-center justify-end gap-0.5 overflow-hidden text-[0.78rem] text-faint"
          style={{ width: `${(lengthM / longestM) * 100}%` }}
        >
          {lengthM / longestM > NAMED && (part === 'shot' || part === 'head') && (
            <span className="whitespace-nowrap">{show(lengthM, 'length')}</span>
          )}
          <span className="flex h-3.5 w-full items-center">
            <span className={`block w-full ${PART_LOOK[part]}`} />
          </span>
        </span>
      ))}
    </div>
  )
}
