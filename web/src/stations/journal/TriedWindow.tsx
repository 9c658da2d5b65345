import { itemsOf, type Rod, type WindowStyle } from '@hoxen/core/gear'
import { nextHead, type OwnWindow, priorOf, type Tried } from '@hoxen/core/journal'
import { headFacts } from '@hoxen/core/line'
import { windowStyleOf } from '@hoxen/core/rig'
import { windowFor } from '@hoxen/core/rod'
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
export function TriedWindow({ rod, style, own, mine, options, headId, onHead }: WindowProps) {
  const { system } = useUnits()
  const items = useGear()?.items ?? []
  const found = windowFor(rod, style, options)
  if (found.outcome !== 'window') return null
  const prior = priorOf(found.window)
  const owned = itemsOf({ items }, 'head').filter((h) => windowStyleOf(h.style) === style)
  const next = nextHead(prior, mine)
  const here = nextHead(
    prior,
    mine,
    owned.map((h) => headFacts(h).massKg.value),
  )
  const mineHere = here && owned.find((h) => headFacts(h).massKg.value === here.headKg)
  const bands: readonly AxisBand[] = [
    { label: found.window.from === 'bend' ? 'from a bend test' : found.window.tag, window: found.window },
    ...(mine.length === 0
      ? []
      : [
          {
            label: 'yours',
            window: { ...found.window, ...own, tag: 'log' as const, aimKg: own.centreKg },
            ...(next === undefined ? {} : { dotsKg: [next.headKg] }),
          },
        ]),
  ]
  return (
    <>
      <figure className="mt-3 rounded-lg border border-rule bg-sheet px-4 pt-3">
        <GrainAxis
          bands={bands}
          marks={[
            ...owned.map((h) => ({
              id: h.id,
              label: [
                h.name,
                ...mine.filter(({ name }) => name === h.name).map(({ feel }) => FEEL_WORDS[feel]),
              ].join(', '),
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
          ]}
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
