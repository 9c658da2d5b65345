import { quickAdd } from '@hoxen/core/format'
import type { Item, Kind } from '@hoxen/core/gear'
import { LINE_EXAMPLES, sayGuesses, sayLine, sayOtherKind } from '@hoxen/core/words'
import { useState } from 'react'
import { dropDraft, useDraftState } from '../../store/index.ts'
import { DECIMAL_MARK, fieldLook, useUnits } from '../../ui/index.ts'

interface ByOneLineProps {
  readonly kind: Kind
  readonly onRead: (item: Item) => void
}

/** The form filled from one typed line, by the reader of the one-line field. */
export function ByOneLine({ kind, onRead }: ByOneLineProps) {
  const { system } = useUnits()
  const form = `one line ${kind}`
  const [text, setText] = useDraftState(form, 'text', '')
  const [said, setSaid] = useState('')
  /** Reads the line; what is said of it. */
  const taken = (): string => {
    if (text.trim() === '') return ''
    const found = quickAdd(text, 'typed', DECIMAL_MARK)
    if (!found.ok) return found.problems[0] === undefined ? '' : sayLine(found.problems[0], system)
    if (found.item.kind !== kind) return sayOtherKind(found.item.kind, kind)
    onRead(found.item)
    void dropDraft(form)
    return `Filled in below. ${sayGuesses(found.item, found.guessed, system)}`
  }
  const read = (): void => setSaid(taken())
  return (
    <div className="mt-2">
      <label htmlFor="by-one-line" className="text-[0.92rem] text-faint">
        Or in one line
      </label>
      <input
        id="by-one-line"
        value={text}
        autoComplete="off"
        spellCheck={false}
        placeholder={LINE_EXAMPLES[kind]}
        aria-describedby="by-one-line-says"
        onChange={(event) => setText(event.target.value)}
        onBlur={read}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return
          event.preventDefault()
          read()
        }}
        className={fieldLook}
      />
      <p id="by-one-line-says" role="status" className="min-h-6 text-[0.9rem] text-faint">
        {said}
      </p>
    </div>
  )
}
