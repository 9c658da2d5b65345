import { quickAdd } from '@hoxen/core/format'
import type { Item } from '@hoxen/core/gear'
import { quickLine, sayLine, sayOtherKind, sayTyped } from '@hoxen/core/words'
import { type FormEvent, useState } from 'react'
import { addItem, newId, noticeDone, noticeFailed } from '../../store/index.ts'
import { Button, DECIMAL_MARK, fieldLook, useUnits } from '../../ui/index.ts'

interface Props {
  readonly item: Item
  readonly onHave: (id: string) => void
  readonly onLeave: () => void
  /** What is typed so far; undefined while it is nothing that can be. */
  readonly onRead: (item: Item | undefined) => void
}

/** Line by which what is looked for is added: changed to what one really has, it becomes an item. */
export function Have({ item, onHave, onLeave, onRead }: Props) {
  const [text, setText] = useState(quickLine(item))
  const read = quickAdd(text, 'have', DECIMAL_MARK)
  const fits = read.ok && read.item.kind === item.kind
  const keep = (event: FormEvent): void => {
    event.preventDefault()
    if (!fits) return
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
          aria-invalid={!fits}
          onChange={({ target }) => {
            setText(target.value)
            const now = quickAdd(target.value, 'have', DECIMAL_MARK)
            onRead(now.ok && now.item.kind === item.kind ? now.item : undefined)
          }}
          className={fieldLook}
        />
      </label>
      <ReadAs read={read} item={item} />
      <div className="flex gap-2">
        <Button type="submit" weight="strong">
          Save to my gear
        </Button>
        <Button onClick={onLeave}>Cancel</Button>
      </div>
    </form>
  )
}

interface ReadProps {
  readonly read: ReturnType<typeof quickAdd>
  readonly item: Item
}

/** What the line is read as, or what is wrong with it. */
function ReadAs({ read, item }: ReadProps) {
  const { system } = useUnits()
  const [problem] = read.ok ? [] : read.problems
  const wrong = problem
    ? sayLine(problem, system)
    : read.ok && read.item.kind !== item.kind
      ? sayOtherKind(read.item.kind, item.kind)
      : undefined
  return (
    <p
      role="status"
      className={`min-h-6 text-[0.9rem] ${wrong === undefined ? 'text-faint' : 'font-medium text-breaks'}`}
    >
      {wrong ?? (read.ok && sayTyped(read.item, read.guessed, system))}
    </p>
  )
}
