import type { Day } from '@hoxen/core/day'
import { itemsOf, type Rod, WINDOW_STYLES } from '@hoxen/core/gear'
import { headFacts } from '@hoxen/core/line'
import { windowStyleOf } from '@hoxen/core/rig'
import { windowFor } from '@hoxen/core/rod'
import type { SpecifiedRig } from '@hoxen/core/specify'
import { SPECIFIED_NAMES, saySortOf, WINDOW_NAMES } from '@hoxen/core/words'
import { Link } from 'react-router'
import { type AxisBand, GrainAxis } from '../../drawing/index.ts'
import { type Question, useSpecified } from '../../ledger/index.ts'
import { buttonLook, StateMark, Tag, useUnits } from '../../ui/index.ts'

/** Range round the windows in which a head is still drawn. */
const NEAR = { low: 0.8, high: 1.2 } as const

interface Props {
  readonly rod: Rod
  readonly question: Question
}

/** Heads that belong on a rod, in every style: its windows on one axis, and on each the best head for today. */
export function BelongsOn({ rod, question }: Props) {
  const { day, gear } = question
  const { found, busy, error } = useSpecified(day, { rod })
  const rigs = found?.outcome === 'specified' ? found.rigs : []
  const bands = bandsOf(rod, day, rigs)
  return (
    <>
      <figure className="mt-3 max-w-xl">
        <GrainAxis bands={bands} marks={nearBy(gear, bands)} dots="the best head weight for the day" />
      </figure>
      <WindowList bands={bands} />
      <div className="mt-2" aria-busy={busy}>
        <h3 className="text-[1rem] font-semibold">What to put on it for the day</h3>
        {error ? (
          <p role="alert" className="text-[0.92rem] text-breaks">
            {error.message}
          </p>
        ) : found === undefined ? (
          <p className="text-[0.92rem] text-faint">Putting rigs together…</p>
        ) : rigs.length === 0 ? (
          <p className="text-[0.92rem]">No rig with this rod works on a day like this.</p>
        ) : (
          <ul className="space-y-0.5 text-[0.92rem]">
            {rigs.map((each) => (
              <BestOf key={each.style} specified={each} />
            ))}
          </ul>
        )}
        <Link to={`/match/look?rod=${rod.id}`} className={`${buttonLook('quiet')} px-0`}>
          What to look for, and the range for each figure
        </Link>
      </div>
    </>
  )
}

/** The rod’s window in each style, and on it the best head of that style for the day. */
const bandsOf = (rod: Rod, day: Day, rigs: readonly SpecifiedRig[]): readonly AxisBand[] =>
  WINDOW_STYLES.flatMap((style): AxisBand[] => {
    const result = windowFor(rod, style, day)
    if (result.outcome !== 'window') return []
    const best = rigs.find((each) => windowStyleOf(each.style) === style)
    return [
      {
        label: WINDOW_NAMES[style],
        window: result.window,
        ...(best === undefined ? {} : { dotsKg: [best.rig.massKg] }),
      },
    ]
  })

/** Heads of one's own that come near this rod at all. */
function nearBy(gear: Question['gear'], bands: readonly AxisBand[]) {
  const low = Math.min(...bands.map(({ window }) => window.lowKg))
  const high = Math.max(...bands.map(({ window }) => window.highKg))
  return itemsOf(gear, 'head').flatMap((head) => {
    const massKg = headFacts(head).massKg.value
    const near = massKg >= NEAR.low * low && massKg <= NEAR.high * high
    return near ? [{ id: head.id, label: head.name, massKg, chosen: false }] : []
  })
}

function WindowList({ bands }: { readonly bands: readonly AxisBand[] }) {
  const { range } = useUnits()
  return (
    <ul className="space-y-0.5 text-[0.92rem]">
      {bands.map(({ label, window }) => (
        <li key={label}>
          {label}: {range({ low: window.lowKg, high: window.highKg }, 'lineMass')},{' '}
          {window.counts === 'head' ? 'head alone' : 'head and tip'}
          {window.countsStated ? '' : ' (assumed)'} <Tag tag={window.tag} />
        </li>
      ))}
    </ul>
  )
}

function BestOf({ specified: { style, rig } }: { readonly specified: SpecifiedRig }) {
  const { system, show } = useUnits()
  const { head, tip, leader } = rig.parts
  const others = [tip?.item, leader].flatMap((item) => (item == null ? [] : [saySortOf(item, system)]))
  const its =
    head.head.massKg === undefined
      ? [`no. ${head.head.labelNumber ?? ''}`]
      : [show(head.massKg.value, 'lineMass')]
  return (
    <li data-belongs={style}>
      <StateMark state={rig.verdict} /> <b className="font-semibold">{SPECIFIED_NAMES[style].title}</b>{' '}
      {[`${its}, ${show(head.lengthM, 'length')}`, ...others].join(' · ')}
    </li>
  )
}
