import { askedFor, quickAdd } from '@hoxen/core/format'
import { KIND_NAMES, sayLine, sayTyped, summarize } from '@hoxen/core/words'
import { type ClipboardEvent, type FormEvent, useState } from 'react'
import { useNavigate } from 'react-router'
import { addItem, newId, noticeDone, noticeFailed, useDraftState } from '../../store/index.ts'
import { Button, DECIMAL_MARK, fieldLook, useUnits } from '../../ui/index.ts'
import { pasteList } from './pastedList.ts'

/** What is typed, what it is read as, and adding it. */
function useOneLine() {
  const [text, setText] = useDraftState('one line', 'text', '')
  const [asked, setAsked] = useState(false)
  const navigate = useNavigate()
  const read = quickAdd(text, 'preview', DECIMAL_MARK)
  const rod = askedFor(text, DECIMAL_MARK)
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
  const type = (typed: string): void => {
    setText(typed)
    setAsked(false)
  }
  const [problem] = read.ok || !asked ? [] : read.problems
  return { text, type, read, rod, problem, submit }
}

/** Several lines are a list: they are read as one, each by itself. */
function usePastedList() {
  const navigate = useNavigate()
  return (event: ClipboardEvent): void => {
    const pasted = event.clipboardData.getData('text').trim()
    if (!/\r?\n/.test(pasted)) return
    event.preventDefault()
    void pasteList(pasted).then(() => navigate('/gear?import=list'), noticeFailed)
  }
}

/** One typed line becomes one item; what it was understood as is shown while typing. */
export function QuickAdd({ focus }: { readonly focus: boolean }) {
  const line = useOneLine()
  const onPaste = usePastedList()
  return (
    <form onSubmit={line.submit} className="min-w-64 flex-1">
      <label htmlFor="quick-add" className="sr-only">
        Add in one line
      </label>
      <div className="flex gap-2">
        <input
          id="quick-add"
          // biome-ignore lint/a11y/noAutofocus: only when the address asks for it
          autoFocus={focus}
          value={line.text}
          autoComplete="off"
          spellCheck={false}
          placeholder="Add in one line: skagit 510 gr 23 ft"
          aria-invalid={line.problem !== undefined}
          aria-describedby="quick-add-says"
          onPaste={onPaste}
          onChange={(event) => line.type(event.target.value)}
          className={`${fieldLook} flex-1`}
        />
        <Button type="submit" weight="strong" className="mt-1">
          Add
        </Button>
      </div>
      <ReadAs {...line} />
    </form>
  )
}

function ReadAs({ read, rod, problem }: Pick<ReturnType<typeof useOneLine>, 'read' | 'rod' | 'problem'>) {
  const { system } = useUnits()
  const error = problem && sayLine(problem, system)
  const readAs = read.ok
    ? `Reads as ${KIND_NAMES[read.item.kind].a}: ${sayTyped(read.item, read.guessed, system)}`
    : 'Also: “T-11 10 ft” · “13 ft no. 7 two-hander” · “leader 5 ft 12 lb stepped” · “reel no. 11 full frame”'
  return (
    <p
      id="quick-add-says"
      role="status"
      className={`mt-1 min-h-6 text-[0.9rem] ${error === undefined ? 'text-faint' : 'font-medium text-breaks'}`}
    >
      {rod === undefined
        ? (error ?? readAs)
        : `To see what to look for around ${summarize(rod, system)}, press Add`}
    </p>
  )
}
