import type { RankedRig } from '@hoxen/core/match'
import { type ReactNode, Suspense } from 'react'
import { useSearchParams } from 'react-router'
import { Gone, type Question, RigView, useQuestion, useRig } from '../../ledger/index.ts'
import { lazily, Tabs, viewAt } from '../../ui/index.ts'
import { LeaderBench } from './LeaderBench.tsx'
import { MassView } from './MassView.tsx'
import { RiggingList } from './RiggingList.tsx'
import { RunningLines } from './RunningLines.tsx'
import { useSwaps } from './useSwaps.ts'
import { WeighBench } from './WeighBench.tsx'

// The chart library comes only with the view that needs it.
const Turnover = lazily(() => import('./Turnover.tsx').then((m) => m.Turnover))

const VIEWS = [
  ['ledger', 'Ledger'],
  ['mass', 'Weight along the line'],
  ['turnover', 'Turnover'],
  ['leader', 'Leader'],
  ['running', 'Running line'],
  ['list', 'Rigging list'],
  ['weigh', 'Weigh and name'],
] as const
type View = (typeof VIEWS)[number][0]

/** The rig in the strip, part by part, with every consequence. */
export function RigStation() {
  const { choice, swap } = useSwaps()
  const question = useQuestion()
  const rig = useRig(question, choice)
  const [params] = useSearchParams()
  const view = viewAt(VIEWS, params.get('view'))
  if (choice === undefined || question === undefined) return <p className="py-10 text-faint">Opening…</p>
  if (view === 'weigh') return <Framed view={view}>{<WeighBench />}</Framed>
  if (choice === null) return <Framed view={view}>{<Gone none />}</Framed>
  if (rig === undefined || rig === 'gone') return <Framed view={view}>{<Gone />}</Framed>
  return (
    <Framed view={view}>
      {view === 'ledger' ? (
        <RigView choice={choice} mine onSwap={swap} />
      ) : (
        <RigPart view={view} rig={rig} question={question} />
      )}
    </Framed>
  )
}

function Framed({ view, children }: { readonly view: View; readonly children: ReactNode }) {
  return (
    <>
      <div className="mb-4 border-b border-rule">
        <Tabs label="Rig views" home="/rig" tabs={VIEWS} at={view} />
      </div>
      {children}
    </>
  )
}

interface PartProps {
  readonly view: Exclude<View, 'ledger' | 'weigh'>
  readonly rig: RankedRig
  readonly question: Question
}

function RigPart({ view, rig, question }: PartProps) {
  switch (view) {
    case 'mass':
      return <MassView key={rig.parts.head.head.id} rig={rig} question={question} />
    case 'turnover':
      return (
        <Suspense fallback={<p className="py-10 text-faint">Opening…</p>}>
          <Turnover rig={rig} question={question} />
        </Suspense>
      )
    case 'leader':
      return <LeaderBench rig={rig} question={question} />
    case 'running':
      return <RunningLines rig={rig} question={question} />
    case 'list':
      return <RiggingList rig={rig} question={question} />
  }
}
