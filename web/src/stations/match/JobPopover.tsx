import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react'
import { useEffect, useRef } from 'react'
import { type TokenProps, tokenLook } from './token.ts'

/** The question behind one answer, open at once; from then on its button opens and closes it. */
export function JobPopover({ question, answer, children }: TokenProps) {
  const button = useRef<HTMLButtonElement>(null)
  useEffect(() => {
    button.current?.focus()
    button.current?.click()
  }, [])
  return (
    <Popover as="span" className="inline">
      <PopoverButton ref={button} aria-label={`${question} ${answer}`} className={tokenLook}>
        {answer}
      </PopoverButton>
      <PopoverPanel
        anchor={{ to: 'bottom start', gap: 6, padding: 12 }}
        className="z-40 w-80 max-w-[92vw] rounded-lg border border-rule bg-sheet p-4 text-ink shadow-xl"
      >
        {({ close }) => (
          <>
            <p className="font-display mb-2 text-lg font-semibold">{question}</p>
            {children(close)}
          </>
        )}
      </PopoverPanel>
    </Popover>
  )
}
