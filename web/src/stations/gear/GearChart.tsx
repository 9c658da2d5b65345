import { type Item, itemsOf, type Kind, type Reel } from '@hoxen/core/gear'
import { headFacts } from '@hoxen/core/line'
import { fillSpool, numberByVolume, PACKING, spoolVolumeM3, USUAL_BACKING_M } from '@hoxen/core/reel'
import { collectionOf } from '@hoxen/core/rig'
import { isTipItem, nameMaterial, tipFacts } from '@hoxen/core/sink'
import { WINDOW_NAMES } from '@hoxen/core/words'
import { useMemo } from 'react'
import { type ChartPoint, GrainAxis, SpotChart } from '../../drawing/index.ts'
import { useQuestion } from '../../ledger/index.ts'
import { useUnits } from '../../ui/index.ts'

/** Beyond so many a drawing tells less than the list. */
const MOST_DRAWN = 300
/** Windows drawn one under another. */
const MOST_WINDOWS = 16

interface Props {
  readonly kind: Kind | undefined
  readonly items: readonly Item[]
}

/** The gear of a kind where a drawing tells more than a list: heads over rods, tips by how they sink, reels by what they hold. */
export function GearChart({ kind, items }: Props) {
  if (items.length > MOST_DRAWN) return null
  if (kind === 'head' || kind === 'rod') return <HeadsOverRods items={items} />
  if (kind === 'tip' || kind === 'sinking-leader') return <Tips items={items} />
  return kind === 'reel' ? <Reels items={items} /> : null
}

const names = (heads: readonly { readonly name: string }[]): string => heads.map((h) => h.name).join(' and ')

/** Every window of one’s rods and every head on one axis: what is missing and what is there twice. */
function HeadsOverRods({ items }: Pick<Props, 'items'>) {
  const question = useQuestion()
  const found = useMemo(
    () => (question === undefined ? undefined : collectionOf({ items }, question.day)),
    [question, items],
  )
  if (found === undefined || found.windows.length === 0) return null
  const marks = itemsOf({ items }, 'head').map((head) => ({
    id: head.id,
    label: head.name,
    massKg: headFacts(head).massKg.value,
    chosen: false,
  }))
  const gaps = found.windows.filter(({ heads }) => heads.length === 0)
  return (
    <figure className="mt-4 rounded-lg border border-rule bg-sheet px-4 pt-3 pb-2" data-chart="heads">
      <GrainAxis
        bands={found.windows.slice(0, MOST_WINDOWS).map(({ rod, style, window, heads }) => ({
          label: `${rod.name}, ${WINDOW_NAMES[style]}`,
          window,
          dotsKg: [...new Set(heads.map((head) => headFacts(head).massKg.value))],
        }))}
        marks={marks}
        dots="heads that suit"
      />
      <figcaption className="text-[0.9rem]">
        {found.windows.length > MOST_WINDOWS &&
          ` The first ${MOST_WINDOWS} of ${found.windows.length} windows.`}
        {gaps.length > 0 && (
          <span data-gaps className="block">
            <b>No head of yours fits</b>{' '}
            {gaps.map(({ rod, style }) => `${rod.name}, ${WINDOW_NAMES[style]}`).join('; ')}.
          </span>
        )}
        {found.doubles.length > 0 && (
          <span data-doubles className="block">
            <b>Near-duplicates:</b> {found.doubles.map(names).join('; ')}.
          </span>
        )}
      </figcaption>
    </figure>
  )
}

/** Tips by their material and how long they are; the mark as large as they sink fast. */
function Tips({ items }: Pick<Props, 'items'>) {
  const { show } = useUnits()
  const spots = items.filter(isTipItem).map((item): ChartPoint => {
    const facts = tipFacts(item)
    const material = facts.level ? nameMaterial(facts.massKg.value, facts.lengthM).material : null
    const sinks =
      facts.sinkingLengthM === 0
        ? 'floats'
        : facts.sinkingLengthM < facts.lengthM
          ? `${show(facts.sinkingLengthM, 'length')} sinks`
          : show(facts.sinkRateMps.value, 'sinkRate')
    return {
      id: item.id,
      name: item.name,
      short: material === null ? sinks : `${material}, ${sinks}`,
      x: facts.massKg.value / facts.lengthM,
      y: facts.lengthM,
      size: 0.2 + facts.sinkRateMps.value,
      partly: facts.sinkingLengthM / facts.lengthM,
    }
  })
  if (spots.length === 0) return null
  return (
    <figure className="mt-4 rounded-lg border border-rule bg-sheet px-3 pt-2 pb-1" data-chart="tips">
      <SpotChart spots={spots} across={['heavier per foot', 'massPerLength']} up={['length', 'length']} />
      <figcaption className="text-[0.88rem] text-faint">
        Right: heavier per foot. Up: longer. Bigger marks sink faster; the fill is the share that sinks.
      </figcaption>
    </figure>
  )
}

type Measured = Reel & { readonly spool: NonNullable<Reel['spool']>; readonly massKg: number }
const isMeasured = (reel: Reel): reel is Measured => reel.spool !== undefined && reel.massKg !== undefined

/** Reels by what they hold and what they weigh. */
function Reels({ items }: Pick<Props, 'items'>) {
  const { show } = useUnits()
  const reels = itemsOf({ items }, 'reel')
  const spots = reels.filter(isMeasured).map(
    (reel): ChartPoint => ({
      id: reel.id,
      name: `${reel.name}, ${show(reel.massKg, 'gearMass')}`,
      short: `${reel.name}, by volume no. ${numberByVolume(spoolVolumeM3(reel.spool))}`,
      x: fillSpool(reel.spool, PACKING.usual, [], USUAL_BACKING_M).backingM ?? 0,
      y: reel.massKg,
      size: reel.spool.rimDiameterM,
      partly: 1,
    }),
  )
  const bare = reels.filter((reel) => !isMeasured(reel))
  if (reels.length === 0) return null
  return (
    <figure className="mt-4 rounded-lg border border-rule bg-sheet px-3 pt-2 pb-1" data-chart="reels">
      {spots.length > 0 && (
        <SpotChart
          spots={spots}
          across={['backing it would hold by itself', 'backingLength']}
          up={['mass', 'gearMass']}
        />
      )}
      <figcaption className="text-[0.88rem] text-faint">
        Right: holds more. Up: heavier.
        {bare.length > 0 && ` Not weighed or measured: ${bare.map((r) => r.name).join(', ')}.`}
      </figcaption>
    </figure>
  )
}
