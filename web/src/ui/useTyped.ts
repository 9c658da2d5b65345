import { createContext, useContext, useEffect, useRef, useState } from 'react'
import { draftOf, dropField, keepField } from '../store/index.ts'

/** Name of the form that fields stand in: what is typed there and not yet taken is kept under it. */
export const FormName = createContext<string | undefined>(undefined)

/**
 * Text of a field while it is typed. In a form with a name it is kept at each key until it is taken, so that Back, a reload
 * or a closed tab loses nothing.
 * @param restore takes what was typed before, once it is found
 */
export function useTyped(field: string, shown: string, restore: (text: string) => void) {
  const form = useContext(FormName)
  const [text, setText] = useState(shown)
  const typing = useRef(false)
  // biome-ignore lint/correctness/useExhaustiveDependencies: found once, as the field opens
  useEffect(() => {
    let here = true
    const find = async (): Promise<void> => {
      const kept = form === undefined ? undefined : (await draftOf(form))?.[field]
      if (here && !typing.current && kept !== undefined) restore(kept)
    }
    find().catch(() => {})
    return () => {
      here = false
    }
  }, [form, field])
  return {
    text,
    setText,
    type: (typed: string): void => {
      typing.current = true
      setText(typed)
      if (form !== undefined) keepField(form, field, typed).catch(() => {})
    },
    /** This text is taken, or given up. */
    taken: (typed: string): void => {
      if (form !== undefined) dropField(form, field, typed).catch(() => {})
    },
  }
}
