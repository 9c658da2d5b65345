import { TRADE_WORDS, type TradeWordId } from '@hoxen/core/words'
import { useLocation } from 'react-router'
import { WordDrawing } from '../../drawing/index.ts'

const IDS = Object.keys(TRADE_WORDS) as readonly TradeWordId[]

/** The words of the trade, each with a small picture. */
export function TradeWords() {
  const { hash } = useLocation()
  return (
    <dl className="grid gap-x-8 gap-y-1 md:grid-cols-2">
      {IDS.map((id) => (
        <div
          key={id}
          id={`word-${id}`}
          className={`flex scroll-mt-32 items-center gap-4 border-b border-rule py-2 ${hash === `#word-${id}` ? 'border-l-4 border-l-river pl-3' : ''}`}
        >
          <WordDrawing id={id} />
          <div className="min-w-0">
            <dt className="font-semibold">{TRADE_WORDS[id].word}</dt>
            <dd className="text-[0.95rem]">{TRADE_WORDS[id].text}</dd>
          </div>
        </div>
      ))}
    </dl>
  )
}
