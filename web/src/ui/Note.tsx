import { Suspense, useState } from 'react'
import { lazily } from './lazily.tsx'
import { type NoteProps, noteLook } from './noteLook.ts'

// Notes and their popover come with the first word that is asked about.
const popover = () => import('./NotePopover.tsx')
const NotePopover = lazily(() => popover().then((m) => m.NotePopover))

/** A word that opens a short note beside it, by touch and by keyboard. */
export function Note(props: NoteProps) {
  const [asked, setAsked] = useState(false)
  const button = (
    <button
      type="button"
      aria-expanded={false}
      data-about={props.about}
      onPointerEnter={() => void popover()}
      onFocus={() => void popover()}
      onClick={() => setAsked(true)}
      className={`${noteLook} ${props.className ?? ''}`}
    >
      {props.children}
    </button>
  )
  return asked ? (
    <Suspense fallback={button}>
      <NotePopover {...props} />
    </Suspense>
  ) : (
    button
  )
}

/** A word of the trade where it is first met on a page: a quiet link to its note. */
export const Term = ({ about, children }: Omit<NoteProps, 'className'>) => (
  <Note
    about={about}
    className="underline decoration-faint/70 decoration-dotted underline-offset-4 hover:decoration-ink"
  >
    {children}
  </Note>
)
