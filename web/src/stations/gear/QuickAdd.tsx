import { askedFor, quickAdd } from '@hoxen/core/format'
import { KIND_NAMES, sayGuesses, sayLine, summarize } from '@hoxen/core/words'
import { type FormEvent, useState } from 'react'
import { useNavigate } from 'react-router'
import { useDraftState } from '../../store/drafts.ts'
import { noticeDone, noticeFailed } from '../../store/index.ts'
import { addItem, newId } from '../../store/rows.ts'
import { Button, DECIMAL_MARK, fieldLook, useUnits } from '../../ui/index.ts'
import { pasteList } from './pastedList.ts'

/** One typed line becomes one item; what it was understood as is shown while typing. */
export function QuickAdd({ focus }: { readonly focus: boolean }) {
  const [text, setText] = useDraftState('one line', 'text', '')
  const [asked, setAsked] = useState(false)
  const { system } = useUnits()
  const read = quickAdd(text, 'preview', DECIMAL_MARK)
  const rod = askedFor(text, DECIMAL_MARK)
  const navigate = useNavigate()
  const [problem] = read.ok ? [] : read.problems
  const error = asked && problem !== undefined ? sayLine(problem, system) : undefined
  const submit = (event: FormEvent): void => {
    event.preventDefault()
    setAsked(true)
    if (rod !== undefined) return void navigate(`/match/look?ask=${encodeURIComponent(text.trim())}`)
    if (!read.ok) return
    const item = { ...read.item, id: newId(read.item.name) }
    addItem(item).then((did) => {
      if (!did) return
      noticeDone(`${item.name} added`)
      setText('')
      setAsked(false)
    }, noticeFailed)
  }
  return (
    <form onSubmit={submit} className="min-w-64 flex-1">
      <label htmlFor="quick-add" className="sr-only">
        Add in one line
      </label>
      <div className="flex gap-2">
        <input
          id="quick-add"
          // biome-ignore lint/a11y/noAutofocus: only when the address asks for it
          autoFocus={focus}
          value={text}
          autoComplete="off"
          spellCheck={false}
          placeholder="Add in one line: skagit 510 gr 23 ft"
          aria-invalid={error !== undefined}
          aria-describedby="quick-add-says"
          onPaste={(event) => {
            // Several lines are a list: they are read as one, each by itself.
            const pasted = event.clipboardData.getData('text').trim()
            if (!/\r?\n/.test(pasted)) return
            event.preventDefault()
            void pasteList(pasted).then(() => navigate('/gear?import=list'), noticeFailed)
          }}
          onChange={(event) => {
            setText(event.target.value)
            setAsked(false)
          }}
          className={`${fieldLook} flex-1`}
        />
        <Button type="submit" weight="strong" className="mt-1">
          Add
        </Button>
      </div>
      <p
        id="quick-add-says"
        role="status"
        className={`mt-1 min-h-6 text-[0.9rem] ${error === undefined ? 'text-faint' : 'font-medium text-breaks'}`}
      >
        {rod !== undefined
          ? `To see what to look for around ${summarize(rod, system)}, press Add`
          : (error ??
            (read.ok
              ? `Reads as ${KIND_NAMES[read.item.kind].a}: ${summarize(read.item, system)}. ${sayGuesses(read.item, read.guessed, system)}`
              : 'Also: “T-11 10 ft” · “13 ft no. 7 two-hander” · “leader 5 ft 12 lb stepped” · “reel no. 11 full frame”'))}
      </p>
    </form>
  )
}
