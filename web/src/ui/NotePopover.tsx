import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react'
import { noteOn } from '@hoxen/core/words'
import { useEffect, useRef } from 'react'
import { Link } from 'react-router'
import { type NoteProps, noteLook } from './noteLook.ts'

/** The word with its note, open at once; from then on its button opens and closes it. */
export function NotePopover({ about, children, className = '' }: NoteProps) {
  const button = useRef<HTMLButtonElement>(null)
  const { word, text } = noteOn(about)
  useEffect(() => {
    button.current?.focus()
    button.current?.click()
  }, [])
  return (
    <Popover as="span" className="inline">
      <PopoverButton ref={button} data-about={about} className={`${noteLook} ${className}`}>
        {children}
      </PopoverButton>
      <PopoverPanel
        anchor={{ to: 'bottom start', gap: 6, padding: 12 }}
        aria-label={word}
        className="font-text z-50 w-72 max-w-[92vw] rounded-lg border border-rule bg-sheet p-3.5 text-[0.95rem] font-normal tracking-normal text-ink shadow-xl"
      >
        <b className="font-semibold">{word}</b>
        <p className="mt-0.5">{text}</p>
        <Link
          to={`/tables#${about}`}
          className="mt-1 inline-flex min-h-11 items-center text-river underline underline-offset-4"
        >
          All words
        </Link>
      </PopoverPanel>
    </Popover>
  )
}
