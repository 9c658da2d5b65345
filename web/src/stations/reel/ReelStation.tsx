import { itemsOf, type Reel, type Spool } from '@hoxen/core/gear'
import type { RankedRig } from '@hoxen/core/match'
import { summarize } from '@hoxen/core/words'
import { useState } from 'react'
import { Link } from 'react-router'
import { Gone, type Question, useQuestion, useRig } from '../../ledger/index.ts'
import { changeRig, noticeDone, noticeFailed, useSingle } from '../../store/index.ts'
import { buttonLook, fieldLook, useUnits } from '../../ui/index.ts'
import { BalanceBench } from './BalanceBench.tsx'
import { FillBench } from './FillBench.tsx'
import { SpoolForm } from './SpoolForm.tsx'

/** Does it all go on, and does it balance? */
export function ReelStation() {
  const choice = useSingle('rig')
  const question = useQuestion()
  const rig = useRig(question, choice)
  if (choice === undefined || question === undefined) return <p className="py-10 text-faint">Opening…</p>
  if (choice === null) return <Gone none />
  if (rig === undefined || rig === 'gone') return <Gone />
  const reel = rig.parts.reel ?? undefined
  return (
    <div className="space-y-6">
      <section aria-labelledby="reel-title">
        <h1 id="reel-title" className="sr-only">
          Reel
        </h1>
        <ReelChoice rig={rig} question={question} />
        {reel === undefined ? (
          <p className="mt-4">
            Choose a reel, or{' '}
            <Link to="/gear/new/reel" className={buttonLook('quiet')}>
              add one
            </Link>
          </p>
        ) : (
          <>
            <div className="mt-4">
              {reel.spool === undefined ? (
                <p>Measure the spool with a caliper, or enter what its box says, to see it fill.</p>
              ) : (
                <Spools rig={rig} question={question} reel={reel} spool={reel.spool} />
              )}
            </div>
            <SpoolForm key={reel.id} reel={reel} />
          </>
        )}
      </section>
      <section aria-labelledby="balance-title">
        <h2 id="balance-title" className="text-xl">
          Balance
        </h2>
        <BalanceBench key={rig.parts.rod.id} rig={rig} question={question} reel={reel} />
      </section>
    </div>
  )
}

interface ChoiceProps {
  readonly rig: RankedRig
  readonly question: Question
}

/** Which reel is on the rig. */
function ReelChoice({ rig: { parts }, question }: ChoiceProps) {
  const { system } = useUnits()
  const pick = (id: string): void => {
    changeRig('Change the reel', { part: { slot: 'reelId', itemId: id === '' ? null : id } }).then(
      (did) => did && noticeDone('Reel changed'),
      noticeFailed,
    )
  }
  return (
    <label className="block max-w-2xl text-sm text-faint">
      Reel on {parts.rod.name} with {parts.head.head.name}
      <select
        value={parts.reel?.id ?? ''}
        onChange={(event) => pick(event.target.value)}
        className={fieldLook}
      >
        <option value="">no reel</option>
        {itemsOf(question.gear, 'reel').map((r) => (
          <option key={r.id} value={r.id}>
            {r.name} — {summarize(r, system)}
          </option>
        ))}
      </select>
    </label>
  )
}

interface SpoolsProps {
  readonly rig: RankedRig
  readonly question: Question
  readonly reel: Reel
  readonly spool: Spool
}

/** The reel's own spool, or one of its spares. */
function Spools({ rig, question, reel, spool }: SpoolsProps) {
  const spares = reel.spareSpools ?? []
  const [name, setName] = useState('')
  const spare = spares.find((s) => s.name === name)
  return (
    <>
      {spares.length > 0 && (
        <label className="mb-3 block max-w-2xl text-sm text-faint">
          Spool
          <select value={name} onChange={(event) => setName(event.target.value)} className={fieldLook}>
            <option value="">its own</option>
            {spares.map((s) => (
              <option key={s.name}>{s.name}</option>
            ))}
          </select>
        </label>
      )}
      <FillBench key={`${reel.id}${name}`} rig={rig} question={question} reel={reel} spool={spare ?? spool} />
    </>
  )
}
