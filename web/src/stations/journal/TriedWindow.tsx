import { type Head, itemsOf, type Rod, type WindowStyle } from '@hoxen/core/gear'
import { nextHead, type OwnWindow, priorOf, type Tried } from '@hoxen/core/journal'
import { headFacts } from '@hoxen/core/line'
import { windowStyleOf } from '@hoxen/core/rig'
import { type GrainWindow, windowFor } from '@hoxen/core/rod'
import { FEEL_WORDS, sayOwnWindow } from '@hoxen/core/words'
import { type AxisBand, GrainAxis } from '../../drawing/index.ts'
import { useGear } from '../../store/index.ts'
import { useUnits } from '../../ui/index.ts'

interface WindowProps {
  readonly rod: Rod
  readonly style: WindowStyle
  readonly own: OwnWindow
  readonly mine: readonly Tried[]
  readonly options: Parameters<typeof windowFor>[2]
  readonly headId: string
  readonly onHead: (id: string) => void
}

/** The window before and after, on one axis with the heads that were tried; and what to do next. */
export function TriedWindow(props: WindowProps) {
  const { rod, style, own, mine, options, headId, onHead } = props
  const { system } = useUnits()
  const items = useGear()?.items ?? []
  const found = windowFor(rod, style, options)
  if (found.outcome !== 'window') return null
  const prior = priorOf(found.window)
  const owned = itemsOf({ items }, 'head').filter((h) => windowStyleOf(h.style) === style)
  const massOf = (h: Head): number => headFacts(h).massKg.value
  const next = nextHead(prior, mine)
  const here = nextHead(prior, mine, owned.map(massOf))
  const mineHere = here && owned.find((h) => massOf(h) === here.headKg)
  return (
    <>
      <figure className="mt-3 rounded-lg border border-rule bg-sheet px-4 pt-3">
        <GrainAxis
          bands={bandsOf(found.window, own, mine, next?.headKg)}
          marks={marksOf(owned, mine, headId)}
          ticks="heads you own or tried; touch your own to try it again"
          onChoose={onHead}
          dots="the next head worth borrowing"
        />
      </figure>
      <p className="mt-2 text-lg" role="status" data-own={own.settled ? 'settled' : 'open'}>
        {sayOwnWindow(own, next?.headKg, system)}
        {mineHere !== undefined && next !== undefined
          ? ` Of your own, ${mineHere.name} would tell you most.`
          : ''}
      </p>
    </>
  )
}

/** The window as it was, and the caster's own once something has been tried. */
function bandsOf(
  window: GrainWindow,
  own: OwnWindow,
  mine: readonly Tried[],
  nextKg: number | undefined,
): readonly AxisBand[] {
  const before = { label: window.from === 'bend' ? 'from a bend test' : window.tag, window }
  if (mine.length === 0) return [before]
  const after = {
    label: 'yours',
    window: { ...window, ...own, tag: 'log' as const, aimKg: own.centreKg },
    ...(nextKg === undefined ? {} : { dotsKg: [nextKg] }),
  }
  return [before, after]
}

/** Heads that are owned, each with how it felt; then those that were only tried. */
const marksOf = (owned: readonly Head[], mine: readonly Tried[], headId: string) => [
  ...owned.map((h) => ({
    id: h.id,
    label: [h.name, ...mine.filter(({ name }) => name === h.name).map(({ feel }) => FEEL_WORDS[feel])].join(
      ', ',
    ),
    massKg: headFacts(h).massKg.value,
    chosen: h.id === headId,
  })),
  ...mine
    .filter(({ name }) => owned.every((h) => h.name !== name))
    .map((t) => ({
      id: t.id,
      label: `${t.name ?? 'a head'}, ${FEEL_WORDS[t.feel]}`,
      massKg: t.headKg,
      chosen: false,
    })),
]
