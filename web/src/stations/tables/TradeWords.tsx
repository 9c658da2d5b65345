import { TRADE_WORDS, type TradeWordId } from '@hoxen/core/words'
import { useLocation } from 'react-router'
import { WordDrawing } from '../../drawing/index.ts'

const IDS = Object.keys(TRADE_WORDS) as readonly TradeWordId[]

/** The words of the trade, each with a small picture. */
export function TradeWords() {
  const { hash } = useLocation()
  return (
    <ul className="grid gap-x-8 gap-y-1 md:grid-cols-2">
      {IDS.map((id) => (
        <li
          key={id}
          id={`word-${id}`}
          className={`flex scroll-mt-32 items-center gap-4 border-b border-rule py-2 ${hash === `#word-${id}` ? 'border-l-4 border-l-river pl-3' : ''}`}
        >
          <WordDrawing id={id} />
          <div className="min-w-0">
            <dfn className="font-semibold not-italic">{TRADE_WORDS[id].word}</dfn>
            <p className="text-[0.95rem]">{TRADE_WORDS[id].text}</p>
          </div>
        </li>
      ))}
    </ul>
  )
}
