import { itemsOf, type Rod } from '@hoxen/core/gear'
import { type Bent, USUAL_BEND_KG } from '@hoxen/core/journal'
import { usualFreeM } from '@hoxen/core/reel'
import { BEND_MODEL, type BendTest } from '@hoxen/core/rod'
import { useMemo } from 'react'
import { Link } from 'react-router'
import {
  commit,
  dropDraft,
  newId,
  noticeDone,
  noticeFailed,
  useDraftState,
  useGear,
  useList,
} from '../../store/index.ts'
import { buttonLook, Empty, today } from '../../ui/index.ts'
import { OneRod, Weights } from './BendFields.tsx'
import { BendResult, useBendResults } from './BendResult.tsx'
import { BentRods } from './BentRods.tsx'
import { type Free, NO_ROWS, type Row, rowsOf, testOf, type Which } from './bendRows.ts'
import { KeptBends } from './KeptBends.tsx'

/** A rod with no window gets one: from its bend beside one that has it, under the same few weights. */
export function BendView() {
  const items = useGear()?.items
  const bends = useList('bends')
  if (items === undefined || bends === undefined) return <p className="py-10 text-faint">Opening…</p>
  const rods = itemsOf({ items }, 'rod')
  const one = rods.find((r) => r.windows !== undefined) ?? rods[0]
  const other =
    rods.find((r) => r.id !== one?.id && r.windows === undefined) ?? rods.find((r) => r.id !== one?.id)
  if (one === undefined || other === undefined)
    return (
      <Empty
        title="You need two rods"
        action={
          <Link to="/gear/new/rod" className={buttonLook('strong')}>
            Add a rod
          </Link>
        }
      >
        One whose window you know, and one whose window you don’t. Clamp both at the front of the upper grip,
        hang the same few weights from each tip-top, and measure how far the rod tip drops.
      </Empty>
    )
  return <Bend rods={rods} bends={bends} usual={{ known: one, unknown: other }} />
}

interface Props {
  readonly rods: readonly Rod[]
  readonly bends: readonly Bent[]
  readonly usual: Readonly<Record<Which, Rod>>
}

/** What is typed of a bend test: at first the last one that was saved. */
function useBend({ rods, bends, usual }: Props) {
  const last = bends.at(-1)
  const [ids, setIds] = useDraftState<{ known?: string; unknown?: string }>('bend', 'rods', {})
  const [free, setFree] = useDraftState<Free>('bend', 'free', {})
  const [rows, setRows] = useDraftState<readonly Row[]>('bend', 'rows', NO_ROWS)
  const begun =
    ids.known !== undefined || ids.unknown !== undefined || rows.some((row) => Object.keys(row).length > 0)
  const shown = begun ? undefined : last
  const rodOf = (which: Which): Rod =>
    rods.find((r) => r.id === (ids[which] ?? shown?.[which].rodId)) ?? usual[which]
  const open = ({ known, unknown }: Bent): void => {
    setIds({ known: known.rodId, unknown: unknown.rodId })
    setFree({ known: known.freeLengthM, unknown: unknown.freeLengthM })
    setRows(rowsOf(known.loads, unknown.loads))
  }
  const now = shown === undefined ? rows : rowsOf(shown.known.loads, shown.unknown.loads)
  const freeOf = (which: Which): number | undefined => free[which] ?? shown?.[which].freeLengthM
  /** What is shown is what is changed. */
  const taking = (change: () => void): void => {
    if (shown !== undefined) open(shown)
    change()
  }
  return {
    rods: { known: rodOf('known'), unknown: rodOf('unknown') },
    free: { known: freeOf('known'), unknown: freeOf('unknown') },
    rows: now,
    begun: begun || shown !== undefined,
    open,
    setRod: (which: Which, id: string) =>
      taking(() => setIds({ known: rodOf('known').id, unknown: rodOf('unknown').id, [which]: id })),
    setFree: (which: Which, m: number) =>
      taking(() => setFree({ known: freeOf('known'), unknown: freeOf('unknown'), [which]: m })),
    setRow: (i: number, row: Row) =>
      taking(() => setRows(now.map((r, k) => (k === i ? { ...r, ...row } : r)))),
  }
}

function saveBend(one: Rod, other: Rod, known: BendTest, unknown: BendTest): void {
  const bent: Bent = {
    id: newId('bend'),
    known: { rodId: one.id, freeLengthM: known.freeLengthM, loads: [...known.loads] },
    unknown: { rodId: other.id, freeLengthM: unknown.freeLengthM, loads: [...unknown.loads] },
    on: today(),
  }
  commit(`Bend ${other.name} beside ${one.name}`, (tx) => tx.put('bends', [bent])).then((did) => {
    if (!did) return
    void dropDraft('bend')
    noticeDone(`${other.name} has a window from the bend test`)
  }, noticeFailed)
}

/** Both tests as they were measured, and what comparing them says. */
function useCompared({ rods: { known: one, unknown: other }, free, rows }: ReturnType<typeof useBend>) {
  const [known, unknown] = useMemo(
    () => [testOf('known', free.known, rows), testOf('unknown', free.unknown, rows)] as const,
    [free.known, free.unknown, rows],
  )
  const same = one.id === other.id
  const results = useBendResults({ one, ...(known && !same && { known }), ...(unknown && { unknown }) })
  return { one, other, known, unknown, same, results }
}

function Bend(props: Props) {
  const bend = useBend(props)
  const { free, rows } = bend
  const compared = useCompared(bend)
  const fit = compared.results[0]?.result
  /** A weight hung in the picture: a rod whose free length nobody has measured has its usual one. */
  const hang = (which: Which, i: number, dropM: number): void => {
    bend.setRow(i, { massKg: rows[i]?.massKg ?? USUAL_BEND_KG[i], [which]: dropM })
    if (free[which] === undefined) bend.setFree(which, usualFreeM(bend.rods[which]))
  }
  const drawn = (which: Which, ink: string) => ({
    which,
    name: bend.rods[which].name,
    freeM: free[which] ?? usualFreeM(bend.rods[which]),
    tipShare: fit?.outcome === 'compared' ? fit[which].tipShare : BEND_MODEL.usualTaper,
    ink,
  })
  return (
    <section aria-labelledby="bend-title">
      <h1 id="bend-title" className="text-2xl">
        Bend test
      </h1>
      <div className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-2 lg:grid-cols-2">
        <BentRods
          rods={[drawn('known', 'var(--ink)'), drawn('unknown', 'var(--caster)')]}
          rows={rows}
          onDrop={hang}
        />
        <div>
          <Compared {...compared} />
          <HowTo />
        </div>
      </div>
      <BendFigures rods={props.rods} bend={bend} />
      <KeptBends bends={props.bends} rods={props.rods} onOpen={bend.open} />
    </section>
  )
}

/** What the bends say of the unknown rod, or what is missing yet. */
function Compared({ one, other, known, unknown, same, results }: ReturnType<typeof useCompared>) {
  if (same) return <p className="mt-3 font-medium text-watch">That is the same rod twice.</p>
  if (known === undefined || unknown === undefined)
    return (
      <p className="mt-2">
        Hang a weight on each rod: drag its tip down to where it comes to rest, or type the figures.
      </p>
    )
  return (
    <BendResult
      one={one}
      other={other}
      results={results}
      onSave={() => saveBend(one, other, known, unknown)}
    />
  )
}

interface FiguresProps {
  readonly rods: readonly Rod[]
  readonly bend: ReturnType<typeof useBend>
}

/** Rods, free lengths and drops, typed. */
const BendFigures = ({ rods, bend }: FiguresProps) => (
  <details className="mt-3" open={!bend.begun}>
    <summary className="min-h-11 cursor-pointer content-center font-semibold">The figures</summary>
    <div className="grid gap-3 sm:grid-cols-2">
      {(['known', 'unknown'] as const).map((which) => (
        <OneRod
          key={which}
          title={which === 'known' ? 'The rod whose window you know' : 'The rod you don’t know'}
          rods={rods}
          rod={bend.rods[which]}
          onRod={(id) => bend.setRod(which, id)}
          freeLengthM={bend.free[which]}
          onFree={(m) => bend.setFree(which, m)}
        />
      ))}
    </div>
    <Weights
      rows={bend.rows}
      names={[bend.rods.known.name, bend.rods.unknown.name]}
      free={bend.free}
      onRow={bend.setRow}
    />
  </details>
)

const HowTo = () => (
  <details className="mt-2 text-[0.95rem] text-faint">
    <summary className="min-h-11 cursor-pointer content-center">How to measure it</summary>
    <p>
      Clamp each rod level at the front of the upper grip. Hang the same few weights from the tip-top (a bag
      of coins weighed on a kitchen scale will do) and measure how far the rod tip drops. A drop of a quarter
      to a half of the rod’s length tells you most.{' '}
      <Link to="/rig?view=weigh" className="underline underline-offset-4">
        Weigh them on the bench scale
      </Link>
    </p>
  </details>
)
