import { itemsOf, WINDOW_STYLES } from '@hoxen/core/gear'
import { FEELS, isWorthTrying, trialsOf } from '@hoxen/core/journal'
import { headFacts } from '@hoxen/core/line'
import { windowStyleOf } from '@hoxen/core/rig'
import { windowFor } from '@hoxen/core/rod'
import { FEEL_WORDS, sayTrialSheet, WINDOW_NAMES } from '@hoxen/core/words'
import { useSearchParams } from 'react-router'
import { useDay } from '../../day/index.ts'
import { GrainAxis } from '../../drawing/index.ts'
import { addressOf } from '../../link/index.ts'
import { Paper, QrCode } from '../../paper/index.ts'
import { useGear, useList, useSettings } from '../../store/index.ts'
import { useUnits } from '../../ui/index.ts'

/** Rows left for heads one borrows. */
const EMPTY_ROWS = 6
const MOST_ROWS = 16

/** What the sheet asks of: the rod and style of the address, and the heads worth trying on it. */
function useSheet() {
  const items = useGear()?.items
  const trials = useList('trials')
  const day = useDay()
  const { castsAs } = useSettings()
  const [params] = useSearchParams()
  if (items === undefined || trials === undefined || day === undefined) return undefined
  const rods = itemsOf({ items }, 'rod')
  const rod = rods.find(({ id }) => id === params.get('rod')) ?? rods[0]
  const style = WINDOW_STYLES.find((each) => each === params.get('style')) ?? 'skagit'
  if (rod === undefined) return null
  const found = windowFor(rod, style, day)
  const heads: readonly SheetHead[] = itemsOf({ items }, 'head')
    .filter((head) => windowStyleOf(head.style) === style)
    .map((head) => ({ name: head.name, massKg: headFacts(head).massKg.value }))
    .filter(({ massKg }) => found.outcome !== 'window' || isWorthTrying(massKg, found.window))
    .sort((a, b) => a.massKg - b.massKg)
    .slice(0, MOST_ROWS)
  return { rod, style, found, heads, done: trialsOf({ trials, caster: castsAs }, rod.id, style).length }
}

interface SheetHead {
  readonly name: string
  readonly massKg: number
}

/** A sheet to tick on the bank: every head of a style that one owns, how it felt, and room for borrowed ones. */
export function TrialSheetPage() {
  const sheet = useSheet()
  if (sheet === undefined) return <p className="py-10 text-faint">Opening…</p>
  if (sheet === null) return <p className="py-10">No rod in your gear yet.</p>
  const { rod, style, found, heads, done } = sheet
  const where = `/journal?view=trials&rod=${rod.id}&style=${style}`
  return (
    <Paper
      title={`Head trials on ${rod.name}: ${WINDOW_NAMES[style]}`}
      back={[where, 'Head trials']}
      about={sayTrialSheet(done)}
      code={<QrCode text={addressOf(where)} label="Opens these trials in Hoxen" mm={22} />}
    >
      {found.outcome === 'window' && (
        <GrainAxis
          bands={[{ label: WINDOW_NAMES[style], window: found.window }]}
          marks={heads.map(({ name, massKg }) => ({ id: name, label: name, massKg, chosen: false }))}
        />
      )}
      <TickTable heads={heads} />
    </Paper>
  )
}

function TickTable({ heads }: { readonly heads: readonly SheetHead[] }) {
  const { show } = useUnits()
  const cell = 'border border-ink'
  return (
    <table className="mt-2 w-full border-collapse text-left text-[0.85rem]">
      <thead>
        <tr>
          <th className={`${cell} px-2 py-1`}>Head</th>
          <th className={`${cell} px-2 py-1`}>Weight</th>
          {FEELS.map((feel) => (
            <th key={feel} className={`${cell} w-[4.2rem] px-1 py-1 text-center font-medium`}>
              {FEEL_WORDS[feel]}
            </th>
          ))}
          <th className={`${cell} px-2 py-1`}>Who, when, tip</th>
        </tr>
      </thead>
      <tbody>
        {[...heads, ...Array.from({ length: EMPTY_ROWS }, () => undefined)].map((head, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: rows of paper do not move
          <tr key={i} className="h-8">
            <td className={`${cell} px-2`}>{head?.name}</td>
            <td className={`${cell} px-2`}>{head === undefined ? '' : show(head.massKg, 'lineMass')}</td>
            {FEELS.map((feel) => (
              <td key={feel} className={cell} />
            ))}
            <td className={cell} />
          </tr>
        ))}
      </tbody>
    </table>
  )
}
