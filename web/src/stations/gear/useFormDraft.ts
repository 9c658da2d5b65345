import { useCallback, useEffect, useState } from 'react'
import type { UseFormReturn } from 'react-hook-form'
import { dropDraft, keepDraft, useOtherDrafts } from '../../store/index.ts'
import { changedFields } from './draftFields.ts'
import type { FormText } from './itemForm.ts'

interface FormDraft {
  /** Whether what was typed before is back in the form. */
  readonly restored: boolean
  /** Forgets what was typed; with `clear`, the form shows what is stored again. */
  readonly giveUp: (clear?: boolean) => Promise<void>
  /** Fields of this form that another tab has changed, as it typed them. */
  readonly elsewhere: FormText
}

/** Keeps what is typed into a form while it is not saved, so that leaving it loses nothing. */
export function useFormDraft(
  name: string,
  form: UseFormReturn<FormText>,
  opened: FormText,
  draft: FormText | null,
): FormDraft {
  const [restored, setRestored] = useState(draft !== null)
  const others = useOtherDrafts(name)
  const { setValue, subscribe, reset } = form
  useEffect(() => {
    for (const [field, text] of Object.entries(draft ?? {})) setValue(field, text, { shouldDirty: true })
  }, [draft, setValue])
  useEffect(
    () =>
      subscribe({
        formState: { values: true },
        callback: ({ values }) => {
          const typed = changedFields(values, opened)
          void (Object.keys(typed).length === 0 ? dropDraft(name) : keepDraft(name, typed)).catch(() => {})
        },
      }),
    [name, opened, subscribe],
  )
  const giveUp = useCallback(
    async (clear = false) => {
      if (clear) reset(opened, { keepDirtyValues: false })
      setRestored(false)
      await dropDraft(name)
    },
    [name, opened, reset],
  )
  return { restored, giveUp, elsewhere: Object.assign({}, ...others) }
}
