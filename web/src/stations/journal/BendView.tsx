import { itemsOf, type Rod, WINDOW_STYLES } from '@hoxen/core/gear'
import { BEND_LIMITS, type Bent } from '@hoxen/core/journal'
import { BEND_MODEL, type BendTest, compareBends, type HungWeight, windowFor } from '@hoxen/core/rod'
import { sayBend, WINDOW_NAMES } from '@hoxen/core/words'
import { useMemo } from 'react'
import { Link } from 'react-router'
import { useDay } from '../../day/index.ts'
import { type AxisBand, GrainAxis } from '../../drawing/index.ts'
import { dropDraft, useDraftState } from '../../store/drafts.ts'
import { commit, noticeDone, noticeFailed, useGear, useList } from '../../store/index.ts'
import { newId } from '../../store/rows.ts'
import {
  Button,
  buttonLook,
  Empty,
  QuantityField,
  Select,
  Tag,
  today,
  useUnits,
  useWithin,
} from '../../ui/index.ts'
import { BentRods } from './BentRods.tsx'

const ROWS = 3
const NO_ROWS: readonly Row[] = Array.from({ length: ROWS }, () => ({}))

type Which = 'known' | 'unknown'

/** One weight, and how far it brings either tip down; a rod that was not loaded with it has none. */
interface Row {
  readonly massKg?: number
  readonly known?: number
  readonly unknown?: number
}

/** A rod’s test as far as it is whole. */
function testOf(which: Which, freeLengthM: number | undefined, rows: readonly Row[]): BendTest | undefined {
  const loads = rows.flatMap(({ massKg, [which]: dropM }): readonly HungWeight[] =>
    massKg === undefined || dropM === undefined ? [] : [{ massKg, dropM }],
  )
  return freeLengthM === undefined || loads.length === 0 ? undefined : { freeLengthM, loads }
}

/** The rows that two rods' weights were typed in. */
function rowsOf(known: readonly HungWeight[], unknown: readonly HungWeight[]): readonly Row[] {
  const masses = [...new Set([...known, ...unknown].map(({ massKg }) => massKg))].sort((a, b) => a - b)
  const dropUnder = (loads: readonly HungWeight[], massKg: number): number | undefined =>
    loads.find((load) => load.massKg === massKg)?.dropM
  const rows = masses.map((massKg): Row => {
    const [a, b] = [dropUnder(known, massKg), dropUnder(unknown, massKg)]
    return { massKg, ...(a === undefined ? {} : { known: a }), ...(b === undefined ? {} : { unknown: b }) }
  })
  return [...rows, ...Array.from({ length: Math.max(0, ROWS - rows.length) }, () => ({}))]
}

/** A rod with no window gets one: from its bend beside one that has it, under the same few weights. */
export function BendView() {
  const items = useGear()?.items
  const bends = useList('bends')
  const day = useDay()
  const [ids, setIds] = useDraftState<{ known?: string; unknown?: string }>('bend', 'rods', {})
  const [free, setFree] = useDraftState<Partial<Record<Which, number>>>('bend', 'free', {})
  const [rows, setRows] = useDraftState<readonly Row[]>('bend', 'rows', NO_ROWS)
  const tests = useMemo(
    () => [testOf('known', free.known, rows), testOf('unknown', free.unknown, rows)] as const,
    [free, rows],
  )
  if (items === undefined || bends === undefined || day === undefined)
    return <p className="py-10 text-faint">Opening…</p>
  const rods = itemsOf({ items }, 'rod')
  const one = rods.find((r) => r.id === ids.known) ?? rods.find((r) => r.windows !== undefined) ?? rods[0]
  const other =
    rods.find((r) => r.id === ids.unknown) ?? rods.find((r) => r.id !== one?.id && r.windows === undefined)
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
  const open = ({ known, unknown }: Bent): void => {
    setIds({ known: known.rodId, unknown: unknown.rodId })
    setFree({ known: known.freeLengthM, unknown: unknown.freeLengthM })
    setRows(rowsOf(known.loads, unknown.loads))
  }
  const save = (): void => {
    const [a, b] = tests
    if (a === undefined || b === undefined) return
    const bent: Bent = {
      id: newId('bend'),
      known: { rodId: one.id, freeLengthM: a.freeLengthM, loads: [...a.loads] },
      unknown: { rodId: other.id, freeLengthM: b.freeLengthM, loads: [...b.loads] },
      on: today(),
    }
    commit(`Bend ${other.name} beside ${one.name}`, (tx) => tx.put('bends', [bent])).then((did) => {
      if (!did) return
      void dropDraft('bend')
      noticeDone(`${other.name} has a window from the bend test`)
    }, noticeFailed)
  }
  return (
    <section aria-labelledby="bend-title">
      <h1 id="bend-title" className="text-2xl">
        Bend test
      </h1>
      <p className="mt-1 max-w-3xl text-[0.95rem] text-faint">
        Clamp each rod level at the front of the upper grip. Hang the same few weights from the tip-top (a bag
        of coins weighed on a kitchen scale will do) and measure how far the rod tip drops. A drop of a
        quarter to a half of the rod’s length tells you most.{' '}
        <Link to="/rig?view=weigh" className="underline underline-offset-4">
          Weigh them on the bench scale
        </Link>
      </p>
      <div className="mt-3 grid gap-3 sm:grid-cols-2">
        {(['known', 'unknown'] as const).map((which) => (
          <OneRod
            key={which}
            title={which === 'known' ? 'The rod whose window you know' : 'The rod you don’t know'}
            rods={rods}
            rod={which === 'known' ? one : other}
            onRod={(id) => setIds({ ...ids, [which]: id })}
            freeLengthM={free[which]}
            onFree={(m) => setFree({ ...free, [which]: m })}
          />
        ))}
      </div>
      <Weights
        rows={rows}
        names={[one.name, other.name]}
        free={free}
        onRow={(i, row) => setRows(rows.map((r, k) => (k === i ? { ...r, ...row } : r)))}
      />
      {tests[0] !== undefined && tests[1] !== undefined && one.id !== other.id && (
        <Compared one={one} other={other} known={tests[0]} unknown={tests[1]} onSave={save} />
      )}
      {one.id === other.id && <p className="mt-3 font-medium text-watch">That is the same rod twice.</p>}
      <KeptBends bends={bends} rods={rods} onOpen={open} />
    </section>
  )
}

interface OneRodProps {
  readonly title: string
  readonly rods: readonly Rod[]
  readonly rod: Rod
  readonly onRod: (id: string) => void
  readonly freeLengthM: number | undefined
  readonly onFree: (m: number) => void
}

function OneRod({ title, rods, rod, onRod, freeLengthM, onFree }: OneRodProps) {
  const within = useWithin()
  return (
    <fieldset className="grid gap-x-3 gap-y-2 sm:grid-cols-2">
      <legend className="font-display text-lg font-semibold">{title}</legend>
      <Select label="Rod" value={rod.id} options={rods.map((r) => [r.id, r.name])} onChange={onRod} />
      <QuantityField
        label="From the clamp to the tip-top"
        measure="length"
        value={freeLengthM}
        onChange={onFree}
        refuse={within(BEND_LIMITS.freeLengthM, 'length')}
      />
    </fieldset>
  )
}

interface WeightsProps {
  readonly rows: readonly Row[]
  readonly names: readonly [known: string, unknown: string]
  readonly free: Partial<Record<Which, number>>
  readonly onRow: (index: number, row: Row) => void
}

/** The weights, and how far each brings the two tips down. */
function Weights({ rows, names: [known, unknown], free, onRow }: WeightsProps) {
  const within = useWithin()
  const drop = (which: Which) =>
    within(
      { low: BEND_LIMITS.dropM.low, high: (free[which] ?? BEND_LIMITS.freeLengthM.high) * 0.9 },
      'length',
    )
  return (
    <div className="mt-3 grid grid-cols-[repeat(3,minmax(0,1fr))] gap-x-3 gap-y-1">
      {rows.map(({ massKg, known: a, unknown: b }, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a weight is known by its place in the row
        <div key={i} className="contents">
          <QuantityField
            label={`Weight ${i + 1}`}
            measure="gearMass"
            value={massKg}
            onChange={(m) => onRow(i, { massKg: m })}
            refuse={within(BEND_LIMITS.massKg, 'gearMass')}
          />
          <QuantityField
            label={`Drops ${known}`}
            measure="length"
            value={a}
            onChange={(m) => onRow(i, { known: m })}
            refuse={drop('known')}
          />
          <QuantityField
            label={`Drops ${unknown}`}
            measure="length"
            value={b}
            onChange={(m) => onRow(i, { unknown: m })}
            refuse={drop('unknown')}
          />
        </div>
      ))}
    </div>
  )
}

interface ComparedProps {
  readonly one: Rod
  readonly other: Rod
  readonly known: BendTest
  readonly unknown: BendTest
  readonly onSave: () => void
}

/** Result of the bends: both rods drawn, the ratio, and the window that comes of it in every style. */
function Compared({ one, other, known, unknown, onSave }: ComparedProps) {
  const day = useDay()
  const { range } = useUnits()
  const results = useMemo(
    () =>
      WINDOW_STYLES.flatMap((style) => {
        const found = windowFor(one, style, day)
        if (found.outcome !== 'window') return []
        return [
          { style, window: found.window, result: compareBends({ ...known, window: found.window }, unknown) },
        ]
      }),
    [one, day, known, unknown],
  )
  const first = results[0]?.result
  if (first === undefined) return <p className="mt-3">{one.name} has no window to compare with.</p>
  const names = { known: one.name, unknown: other.name }
  const usual = BEND_MODEL.usualTaper
  const bands: readonly (AxisBand & { readonly band: { lowKg: number; highKg: number } })[] = results.flatMap(
    ({ style, window, result }) =>
      result.outcome === 'compared'
        ? [
            {
              label: WINDOW_NAMES[style],
              band: result.band,
              window: {
                ...window,
                ...result.window,
                tag: 'estimate' as const,
                aimKg: result.window.centreKg,
              },
            },
          ]
        : [],
  )
  return (
    <div className="mt-4 grid gap-x-6 gap-y-2 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <BentRods
        rods={[
          {
            name: one.name,
            test: known,
            tipShare: first.outcome === 'compared' ? first.known.tipShare : usual,
            ink: 'var(--ink)',
          },
          {
            name: other.name,
            test: unknown,
            tipShare: first.outcome === 'compared' ? first.unknown.tipShare : usual,
            ink: 'var(--caster)',
          },
        ]}
      />
      <div>
        <p className="mt-2 text-lg" role="status" data-bend={first.outcome}>
          {sayBend(first, names)} <Tag tag="estimate" />
        </p>
        {bands.length > 0 && (
          <>
            <figure className="mt-2">
              <GrainAxis bands={bands} marks={[]} />
            </figure>
            <ul className="text-[0.95rem]">
              {bands.map(({ label, window, band }) => (
                <li key={label}>
                  {label}: <b>{range({ low: window.lowKg, high: window.highKg }, 'lineMass')}</b>; likely{' '}
                  {range({ low: band.lowKg, high: band.highKg }, 'lineMass')}
                </li>
              ))}
            </ul>
            <Button weight="strong" className="mt-3" onClick={onSave}>
              Save this bend test
            </Button>
          </>
        )}
      </div>
    </div>
  )
}

interface KeptProps {
  readonly bends: readonly Bent[]
  readonly rods: readonly Rod[]
  readonly onOpen: (bent: Bent) => void
}

function KeptBends({ bends, rods, onOpen }: KeptProps) {
  const name = (id: string): string => rods.find((r) => r.id === id)?.name ?? 'a deleted rod'
  if (bends.length === 0) return null
  return (
    <ol aria-label="Saved bend tests" className="mt-5 divide-y divide-rule border-y border-rule">
      {bends.map((bent) => (
        <li key={bent.id} className="flex flex-wrap items-center justify-between gap-x-4 py-1.5">
          <span>
            {name(bent.unknown.rodId)} beside {name(bent.known.rodId)}
            {bent.on === undefined ? '' : <span className="text-faint">, {bent.on}</span>}
          </span>
          <span className="flex gap-x-1">
            <Button weight="quiet" onClick={() => onOpen(bent)}>
              Show it
            </Button>
            <Button
              weight="quiet"
              onClick={() =>
                void commit('Delete a bend test', (tx) => tx.remove('bends', [bent.id])).catch(noticeFailed)
              }
            >
              Delete
            </Button>
          </span>
        </li>
      ))}
    </ol>
  )
}
