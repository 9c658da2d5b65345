import type { Item } from '@hoxen/core/gear'
import type { Remedy } from '@hoxen/core/match'
import { type Check, type CheckCode, worstFirst } from '@hoxen/core/rig'
import { CHECK_TITLES, sayAllowed, sayCheck, sayFigure } from '@hoxen/core/words'
import type { ReactNode } from 'react'
import { StateMark, useUnits } from '../ui/index.ts'
import { LedgerLine } from './LedgerLine.tsx'
import { RemedyLine } from './RemedyLine.tsx'

interface Props {
  readonly checks: readonly Check[]
  readonly remedies: ReadonlyMap<CheckCode, Remedy>
  readonly items: ReadonlyMap<string, Item>
  readonly onTake: (remedy: Remedy) => void
  /** Said under a check, besides its fix. */
  readonly besides?: ReadonlyMap<CheckCode, ReactNode> | undefined
  /** The ledger as it would be with the part pointed at. */
  readonly preview?: readonly Check[] | undefined
}

/** Every check one row: what, this rig's figure, what is allowed, why, and what it rests on. Worst first; what holds is one line each, and opens. */
export function Ledger({ checks, remedies, items, onTake, besides, preview }: Props) {
  const { system } = useUnits()
  return (
    <ol aria-label="Ledger" className="divide-y divide-rule border-y border-rule">
      {worstFirst(checks).map((check) => {
        const remedy = remedies.get(check.code)
        return (
          <LedgerLine
            key={check.code}
            data={{ 'data-check': check.code }}
            state={check.state}
            folded={check.state === 'holds'}
            tag={check.tag}
            figure={check.value === null ? undefined : sayFigure(check, check.value, system)}
            allowed={sayAllowed(check, system)}
            besides={
              <Becomes
                now={check}
                then={preview?.find((c) => c.code === check.code)}
                previewing={preview !== undefined}
              />
            }
            title={CHECK_TITLES[check.code]}
            about={`/tables#line-${check.code}`}
          >
            <p className="text-[0.95rem]">{sayCheck(check, system)}</p>
            {remedy !== undefined && (
              <RemedyLine remedy={remedy} items={items} onTake={() => onTake(remedy)} />
            )}
            {besides?.get(check.code)}
          </LedgerLine>
        )
      })}
    </ol>
  )
}

interface BecomesProps {
  readonly now: Check
  readonly then: Check | undefined
  readonly previewing: boolean
}

/** Change of a check with the part pointed at; nothing where it stays. */
function Becomes({ now, then, previewing }: BecomesProps) {
  if (!previewing || then?.state === now.state) return null
  return (
    <span data-becomes={then?.state ?? 'absent'} className="flex items-center gap-1">
      <span aria-hidden="true">→</span>
      {then === undefined ? <span className="text-faint">n/a</span> : <StateMark state={then.state} />}
    </span>
  )
}
