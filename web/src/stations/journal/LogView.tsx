import type { Entry } from '@hoxen/core/journal'
import { sayToLog } from '@hoxen/core/words'
import { Link } from 'react-router'
import { useToday } from '../../day/index.ts'
import { Gone } from '../../ledger/index.ts'
import { Memory, SawButtons, useLog } from '../../pool/index.ts'
import { useList } from '../../store/index.ts'
import { buttonLook, Empty, Tag, useUnits } from '../../ui/index.ts'
import { Learn } from './Learn.tsx'
import { Timeline } from './Timeline.tsx'

/** The pool’s log: one touch says what a swing did, the pool remembers, and learns. */
export function LogView() {
  const found = useToday()
  const entries = useList('entries')
  const pool = found?.day.where.by === 'pool' ? found.day.where : undefined
  if (found === undefined || entries === undefined) return <p className="py-10 text-faint">Opening…</p>
  if (pool === undefined)
    return (
      <Empty
        title="No pool to log in"
        action={
          <Link to="/water" className={buttonLook('strong')}>
            Choose a pool
          </Link>
        }
      >
        A swing is logged in a pool, with its flow, your rig and how you fished. The pool remembers it, and
        from what you saw Hoxen corrects its depth and current.
      </Empty>
    )
  const here = entries.filter(({ runId }) => runId === pool.pool.id)
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <section aria-labelledby="log-title">
        <h1 id="log-title" className="text-2xl">
          {pool.pool.name}, swing by swing
        </h1>
        <LogButtons />
        {pool.flow !== undefined && (
          <section aria-labelledby="memory" className="mt-5">
            <h2 id="memory" className="text-xl">
              At this flow <Tag tag="log" />
            </h2>
            <Memory run={pool.pool} flowM3ps={pool.flow.m3ps} entries={here} />
          </section>
        )}
        <Learn run={pool.pool} entries={here} />
      </section>
      <Here entries={here} />
    </div>
  )
}

function Here({ entries }: { readonly entries: readonly Entry[] }) {
  return (
    <section aria-labelledby="here-title" className="mt-5 lg:mt-0">
      <h2 id="here-title" className="mb-2 text-xl">
        Logged here
      </h2>
      {entries.length === 0 ? (
        <p className="text-faint">No swing yet.</p>
      ) : (
        <Timeline entries={entries} label="Swings logged here, latest first" />
      )}
    </section>
  )
}

/** Three large buttons: one touch logs a swing as it is fished now. */
function LogButtons() {
  const { system } = useUnits()
  const log = useLog()
  if (log?.outcome === 'no-rig')
    return (
      <p className="mt-3">
        Choose your rig before logging a swing.{' '}
        <Link to="/match" className={buttonLook('quiet')}>
          Choose one
        </Link>
      </p>
    )
  if (log?.outcome === 'gone') return <Gone level={2} />
  if (log?.outcome !== 'ready') return null

  return (
    <>
      <p className="mt-1 mb-2">{sayToLog(log.swing, system)}</p>
      <SawButtons onSaw={log.log} />
    </>
  )
}
