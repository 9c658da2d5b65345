import type { Day, Stand } from '@hoxen/core/day'
import { Suspense } from 'react'
import { Link, useSearchParams } from 'react-router'
import { type Today, useToday } from '../../day/index.ts'
import { Gone } from '../../ledger/index.ts'
import { BackupReminder, useAir, useLog } from '../../pool/index.ts'
import { useStand } from '../../store/index.ts'
import { buttonLook, Empty, lazily, Tabs, useWide, viewAt } from '../../ui/index.ts'
import { CastLine } from './CastLine.tsx'
import { LevelHead } from './LevelHead.tsx'
import { LogDock } from './LogDock.tsx'
import { Minded } from './Minded.tsx'
import { TipRungs } from './TipRungs.tsx'
import { WalletView } from './WalletView.tsx'

// On a phone there is no room for it.
const MySwing = lazily(() => import('./MySwing.tsx').then((m) => m.MySwing))

const VIEWS = [
  ['pool', 'This pool'],
  ['wallet', 'Wallet'],
] as const

/** Everything wanted in the river, in one hand: the pool at its level, what to have on, which cast, and three buttons for what a swing did. */
export function PocketStation() {
  const [params] = useSearchParams()
  const today = useToday()
  const stand = useStand()
  const view = viewAt(VIEWS, params.get('view'))
  if (today === undefined || stand === undefined) return <p className="py-10 text-faint">Opening…</p>
  return (
    <div className="mx-auto max-w-5xl max-lg:-mt-4 max-lg:-mb-10">
      <div className="flex justify-end border-b border-rule">
        <Tabs label="Pocket views" home="/pocket" tabs={VIEWS} at={view} />
      </div>
      {view === 'wallet' ? <WalletView /> : <ThisPool today={today} stand={stand} />}
    </div>
  )
}

function ThisPool({ today, stand }: { readonly today: Today; readonly stand: Stand }) {
  const log = useLog(true)
  const wide = useWide()
  return (
    <div className="lg:mt-3 lg:grid lg:grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)] lg:content-start lg:gap-x-10">
      <LevelHead today={today} />
      <WithAir day={today.day} stand={stand} />
      {log?.outcome === 'no-rig' && (
        <Empty
          level={2}
          title="No rig yet"
          action={
            <Link to="/match" className={buttonLook('strong')}>
              Choose one in Match
            </Link>
          }
        >
          Choose a rig in Match; then this page shows which tip to fish.
        </Empty>
      )}
      {log?.outcome === 'gone' && <Gone level={2} />}
      {log?.outcome === 'ready' && <LogDock log={log} />}
      {log?.outcome === 'ready' && wide && (
        <div className="lg:col-span-2">
          <Suspense>
            <MySwing />
          </Suspense>
        </div>
      )}
    </div>
  )
}

/** Cautions first, then the tips and the cast: all of it in this wind. */
function WithAir({ day, stand }: { readonly day: Day; readonly stand: Stand }) {
  const air = useAir(day, stand)
  return (
    <>
      <Minded day={day} stand={stand} air={air} />
      <CastLine day={day} />
      <TipRungs day={day} />
      <BackupReminder />
    </>
  )
}
