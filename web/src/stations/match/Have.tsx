import { quickAdd } from '@hoxen/core/format'
import type { Item } from '@hoxen/core/gear'
import { KIND_NAMES, quickLine, sayGuesses, sayLine, summarize } from '@hoxen/core/words'
import { type FormEvent, useState } from 'react'
import { noticeDone, noticeFailed } from '../../store/index.ts'
import { addItem, newId } from '../../store/rows.ts'
import { Button, DECIMAL_MARK, fieldLook, useUnits } from '../../ui/index.ts'

/** Line by which what is looked for is added: changed to what one really has, it becomes an item. */
export function Have({
  item,
  onHave,
  onLeave,
  onRead,
}: {
  readonly item: Item
  readonly onHave: (id: string) => void
  readonly onLeave: () => void
  /** What is typed so far; undefined while it is nothing that can be. */
  readonly onRead: (item: Item | undefined) => void
}) {
  const { system } = useUnits()
  const [text, setText] = useState(quickLine(item))
  const read = quickAdd(text, 'have', DECIMAL_MARK)
  const wrong = read.ok && read.item.kind !== item.kind
  const [problem] = read.ok ? [] : read.problems
  const keep = (event: FormEvent): void => {
    event.preventDefault()
    if (!read.ok || wrong) return
    const mine = { ...read.item, id: newId(read.item.name) }
    addItem(mine).then((did) => {
      if (!did) return
      noticeDone(`${mine.name} added`)
      onHave(mine.id)
    }, noticeFailed)
  }
  return (
    <form onSubmit={keep} className="no-print mt-2">
      <label className="block text-[0.9rem] text-faint">
        Yours, in one line
        <input
          // biome-ignore lint/a11y/noAutofocus: it was asked for by the button beside it
          autoFocus
          value={text}
          autoComplete="off"
          spellCheck={false}
          aria-invalid={!read.ok || wrong}
          onChange={({ target }) => {
            setText(target.value)
            const now = quickAdd(target.value, 'have', DECIMAL_MARK)
            onRead(now.ok && now.item.kind === item.kind ? now.item : undefined)
          }}
          className={fieldLook}
        />
      </label>
      <p
        role="status"
        className={`min-h-6 text-[0.9rem] ${problem || wrong ? 'font-medium text-breaks' : 'text-faint'}`}
      >
        {problem !== undefined
          ? sayLine(problem, system)
          : wrong
            ? `That is ${read.ok ? KIND_NAMES[read.item.kind].a : ''}, not ${KIND_NAMES[item.kind].a}.`
            : read.ok && `${summarize(read.item, system)}. ${sayGuesses(read.item, read.guessed, system)}`}
      </p>
      <div className="flex gap-2">
        <Button type="submit" weight="strong">
          Save to my gear
        </Button>
        <Button onClick={onLeave}>Cancel</Button>
      </div>
    </form>
  )
}
