import { type ReactNode, useRef } from 'react'
import { useQuestion, useRig } from '../ledger/index.ts'
import { useSingle } from '../store/index.ts'
import { ActiveStrip } from './ActiveStrip.tsx'
import { DayLine } from './DayLine.tsx'
import { useScrolledDown } from './useScrolledDown.ts'

interface Props {
  readonly menu: ReactNode
  readonly tools: ReactNode
  /** At the bank a phone's page says day and rig by itself. */
  readonly quiet: boolean
}

/**
 * Head of every page: menu and tools, the day, my rig in one band. On a phone the day stands beside the tools. Scrolled down, all but
 * the band gives way; it comes back when one scrolls up, or goes into it by keyboard.
 */
export function Head({ menu, tools, quiet }: Props) {
  const question = useQuestion()
  const choice = useSingle('rig')
  const rig = useRig(question, choice)
  const [down, show] = useScrolledDown()
  const above = useRef<HTMLDivElement>(null)
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: it comes back for whoever goes into it by keyboard
    <header
      style={{ top: down ? -(above.current?.offsetHeight ?? 0) : 0 }}
      onFocus={({ target }) => target.matches(':focus-visible') && show()}
      data-down={down}
      className="no-print sticky z-30 border-b border-rule bg-paper transition-[top] motion-reduce:transition-none [@media(max-height:520px)]:static"
    >
      <div
        ref={above}
        className="mx-auto grid max-w-[84rem] grid-cols-[minmax(0,1fr)_auto] items-center gap-x-2 px-4"
      >
        <div
          className={`col-start-1 row-start-1 h-11 min-w-0 items-center gap-2 lg:flex ${quiet ? 'flex' : 'hidden'}`}
        >
          {menu}
        </div>
        <div className="col-start-2 row-start-1">{tools}</div>
        {question !== undefined && (
          <DayLine day={question.day} rig={rig === 'gone' ? undefined : rig} quiet={quiet} />
        )}
      </div>
      <div className={`mx-auto min-h-11 max-w-[84rem] px-4 ${quiet ? 'max-lg:hidden' : ''}`}>
        {question !== undefined && choice !== undefined && <ActiveStrip none={choice === null} rig={rig} />}
      </div>
    </header>
  )
}
