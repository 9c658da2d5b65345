import { type ReactNode, Suspense, useRef } from 'react'
import { useQuestion } from '../ledger/index.ts'
import { lazily } from '../ui/index.ts'
import { DayLine } from './DayLine.tsx'
import { useScrolledDown } from './useScrolledDown.ts'

// What judges a rig comes beside the first answer, which needs none of it.
const ActiveStrip = lazily(() => import('./ActiveStrip.tsx').then((m) => m.ActiveStrip))

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
        {question !== undefined && <DayLine day={question.day} quiet={quiet} />}
      </div>
      <div className={`mx-auto min-h-11 max-w-[84rem] px-4 ${quiet ? 'max-lg:hidden' : ''}`}>
        {question !== undefined && (
          <Suspense>
            <ActiveStrip question={question} />
          </Suspense>
        )}
      </div>
    </header>
  )
}
