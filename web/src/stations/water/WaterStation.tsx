import { newRun } from '@hoxen/core/water'
import { useSearchParams } from 'react-router'
import { Gone } from '../../ledger/index.ts'
import { goToPool, useMySetup, useWater, type Water } from '../../pool/index.ts'
import { addRun, loadDemoRuns, newId, noticeDone, noticeFailed } from '../../store/index.ts'
import { Button, Empty, Tabs, viewAt } from '../../ui/index.ts'
import { ChartView } from './ChartView.tsx'
import { LadderView } from './LadderView.tsx'
import { BedView } from './pool/BedView.tsx'
import { LevelLine } from './pool/LevelLine.tsx'
import { PoolBar } from './pool/PoolBar.tsx'
import { PoolFiles } from './pool/PoolFiles.tsx'
import { SwingView } from './SwingView.tsx'

const VIEWS = [
  ['swing', 'Swing'],
  ['ladder', 'Tip ladder'],
  ['chart', 'Flow chart'],
  ['bed', 'The pool'],
] as const
/** The water: what a rig does in this run at today's level. */
export function WaterStation() {
  const water = useWater()
  const [params, setParams] = useSearchParams()
  const view = viewAt(VIEWS, params.get('view'))
  if (water === undefined) return <p className="py-10 text-faint">Opening…</p>
  const addPool = async (): Promise<void> => {
    const name = `New pool ${water.runs.length + 1}`
    if (!(await addRun(newRun(water.day.run, newId(name), name)))) return
    setParams({ view: 'bed' })
    noticeDone(`${name} added, its bed copied from ${water.day.run.name}: now make it yours`)
  }
  const onNew = (): void => void addPool().catch(noticeFailed)
  return (
    <>
      <PoolBar runs={water.runs} chosen={water.pool} onChoose={goToPool} onNew={onNew} />
      <div className="mt-1 flex flex-wrap items-end gap-x-6 border-b border-rule">
        <h1 className="pb-1.5 text-[1.6rem] leading-tight">{water.day.run.name}</h1>
        <Tabs label="Water views" home="/water" tabs={VIEWS} at={view} />
      </div>
      <LevelLine water={water} />
      {view === 'bed' ? (
        <>
          {water.pool === undefined ? (
            <NoPool onNew={onNew} any={water.runs.length > 0} />
          ) : (
            <BedView key={water.pool.id} run={water.pool} />
          )}
          <PoolFiles runs={water.runs} likeRun={water.day.run} />
        </>
      ) : (
        <WithRig water={water} view={view} />
      )}
    </>
  )
}

function WithRig({ water, view }: { readonly water: Water; readonly view: 'swing' | 'ladder' | 'chart' }) {
  const setup = useMySetup()
  if (setup === undefined) return <p className="py-10 text-faint">Opening…</p>
  if (setup === 'none' || setup === 'gone') return <Gone none={setup === 'none'} level={2} />
  if (view === 'chart') return <ChartView setup={setup} water={water} />
  return view === 'swing' ? <SwingView setup={setup} water={water} /> : <LadderView setup={setup} />
}

function NoPool({ onNew, any }: { readonly onNew: () => void; readonly any: boolean }) {
  return (
    <Empty
      level={2}
      title={any ? 'No pool chosen' : 'No pool yet'}
      action={
        <>
          <Button weight="strong" onClick={onNew}>
            Save as a pool
          </Button>
          {!any && (
            <Button
              onClick={() =>
                void loadDemoRuns().then((did) => did && noticeDone('The demo pools are open'), noticeFailed)
              }
            >
              Open the demo pools
            </Button>
          )}
        </>
      }
    >
      This is the water you described in words. Save it as a pool and enter how wide, deep and fast it is:
      Hoxen then applies today’s flow and judges every rig in it.
    </Empty>
  )
}
