import { useSearchParams } from 'react-router'
import { Tabs, viewAt } from '../../ui/index.ts'
import { BendView } from './BendView.tsx'
import { LogView } from './LogView.tsx'
import { SeasonView } from './SeasonView.tsx'
import { TrialsView } from './TrialsView.tsx'

const VIEWS = [
  ['log', 'Log'],
  ['season', 'Season'],
  ['trials', 'Head trials'],
  ['bend', 'Bend test'],
] as const

/** Trials and bends: which heads a rod wants under their own hands, and how a rod bends beside another. */
export function JournalStation() {
  const [params] = useSearchParams()
  const view = viewAt(VIEWS, params.get('view'))
  return (
    <>
      <div className="mb-4 border-b border-rule">
        <Tabs label="Journal views" home="/journal" tabs={VIEWS} at={view} />
      </div>
      {view === 'log' && <LogView />}
      {view === 'season' && <SeasonView />}
      {view === 'trials' && <TrialsView />}
      {view === 'bend' && <BendView />}
    </>
  )
}
