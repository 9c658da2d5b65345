import type { Run } from '@hoxen/core/gear'
import { Link, useSearchParams } from 'react-router'
import { Gone } from '../../ledger/index.ts'
import { loadDemoRuns, newId, noticeDone, noticeFailed, saveDocuments, saveRun } from '../../store/index.ts'
import { Button, Empty } from '../../ui/index.ts'
import { BedView } from './BedView.tsx'
import { LadderView } from './LadderView.tsx'
import { LevelLine } from './LevelLine.tsx'
import { PoolBar } from './PoolBar.tsx'
import { SwingView } from './SwingView.tsx'
import { useCrashNotice, useMySetup } from './useSwing.ts'
import { useWater, type Water } from './useWater.ts'

const VIEWS = [
  ['swing', 'Swing'],
  ['ladder', 'Ladder of tips'],
  ['bed', 'The pool'],
] as const
type View = (typeof VIEWS)[number][0]

const isView = (text: string | null): text is View => VIEWS.some(([view]) => view === text)

/** An ordinary pool to start from. */
const FIRST_POOL: Omit<Run, 'id' | 'name'> = {
  bank: 'right',
  widthM: 30,
  soundings: [
    { fromBankM: 5, depthM: 0.7 },
    { fromBankM: 15, depthM: 1.4 },
    { fromBankM: 25, depthM: 1.2 },
  ],
  currents: [
    { fromBankM: 3, mps: 0.4 },
    { fromBankM: 18, mps: 0.8 },
  ],
  bottom: 'gravel',
  wadeM: 4,
}

/** The water: what a rig does in this run at today's level. */
export function WaterStation() {
  const water = useWater()
  const [params, setParams] = useSearchParams()
  const asked = params.get('view')
  const view: View = isView(asked) ? asked : 'swing'
  useCrashNotice()
  if (water === undefined) return <p className="py-10 text-faint">Opening…</p>
  const addPool = async (): Promise<void> => {
    const name = `New pool ${water.runs.length + 1}`
    const run = { ...FIRST_POOL, id: newId(name), name }
    await saveRun('Add a pool', run)
    await saveDocuments('Go to the new pool', { water: { ...water.choice, runId: run.id } })
    setParams({ view: 'bed' })
    noticeDone(`${name} is here; make it yours`)
  }
  const onNew = (): void => void addPool().catch(noticeFailed)
  if (water.run === undefined) return <NoPool onNew={onNew} />
  return (
    <>
      <PoolBar
        runs={water.runs}
        chosen={water.run}
        onChoose={(run) => water.change(`Go to ${run.name}`, { runId: run.id })}
        onNew={onNew}
      />
      <div className="mt-1 flex flex-wrap items-end gap-x-6 border-b border-rule">
        <h1 className="pb-1.5 text-[1.6rem] leading-tight">{water.run.name}</h1>
        <nav aria-label="Sides of the water" className="no-print -mb-px flex gap-x-1">
          {VIEWS.map(([name, title]) => (
            <Link
              key={name}
              to={name === 'swing' ? '/water' : `/water?view=${name}`}
              aria-current={view === name ? 'page' : undefined}
              className="flex min-h-11 shrink-0 items-center border-b-[3px] border-transparent px-3 hover:border-rule aria-[current=page]:border-river aria-[current=page]:font-semibold"
            >
              {title}
            </Link>
          ))}
        </nav>
      </div>
      <LevelLine water={water} />
      {view === 'bed' ? (
        <BedView key={water.run.id} run={water.run} />
      ) : (
        <WithRig water={water} view={view} />
      )}
    </>
  )
}

function WithRig({ water, view }: { readonly water: Water; readonly view: 'swing' | 'ladder' }) {
  const setup = useMySetup(water.today, water.choice.plan)
  if (setup === undefined) return <p className="py-10 text-faint">Opening…</p>
  if (setup === 'none' || setup === 'gone') return <Gone none={setup === 'none'} />
  return view === 'swing' ? (
    <SwingView setup={setup} water={water} />
  ) : (
    <LadderView setup={setup} water={water} />
  )
}

function NoPool({ onNew }: { readonly onNew: () => void }) {
  return (
    <Empty
      title="No pool yet"
      action={
        <>
          <Button weight="strong" onClick={onNew}>
            Describe a pool
          </Button>
          <Button
            onClick={() =>
              void loadDemoRuns().then(
                (did) => did && noticeDone('The demo angler’s pools are here'),
                noticeFailed,
              )
            }
          >
            Open the demo angler’s pools
          </Button>
        </>
      }
    >
      Describe a run once: how wide, how deep, how fast, what it is made of. From then on today’s level is
      applied to it, and your rig swings in it before you do.
    </Empty>
  )
}
