import type { ReactNode } from 'react'
import { useQuestion, useRig } from '../ledger/index.ts'
import { useSingle } from '../store/index.ts'
import { ActiveStrip } from './ActiveStrip.tsx'
import { DayLine } from './DayLine.tsx'

interface Props {
  readonly menu: ReactNode
  readonly tools: ReactNode
  /** At the bank a phone's page says day and rig by itself. */
  readonly quiet: boolean
}

/** Head of every page: menu and tools, my rig in one band, the day. On a phone the day stands beside the tools. */
export function Head({ menu, tools, quiet }: Props) {
  const question = useQuestion()
  const choice = useSingle('rig')
  const rig = useRig(question, choice)
  return (
    <header className="no-print sticky top-0 z-30 border-b border-rule bg-paper [@media(max-height:520px)]:static">
      <div className="mx-auto grid max-w-[84rem] grid-cols-[minmax(0,1fr)_auto] items-center gap-x-2 px-4">
        <div
          className={`col-start-1 row-start-1 h-11 min-w-0 items-center gap-2 lg:flex ${quiet ? 'flex' : 'hidden'}`}
        >
          {menu}
        </div>
        <div className="col-start-2 row-start-1">{tools}</div>
        <div className={`col-span-2 row-start-2 min-h-11 min-w-0 ${quiet ? 'max-lg:hidden' : ''}`}>
          {question !== undefined && choice !== undefined && <ActiveStrip none={choice === null} rig={rig} />}
        </div>
        {question !== undefined && (
          <DayLine day={question.day} rig={rig === 'gone' ? undefined : rig} quiet={quiet} />
        )}
      </div>
    </header>
  )
}
