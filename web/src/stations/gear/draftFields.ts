import type { FormText } from './itemForm.ts'

/** The fields whose text is no longer as the form opened with it. */
export const changedFields = (values: FormText, opened: FormText): FormText =>
  Object.fromEntries(Object.entries(values).filter(([name, text]) => text !== (opened[name] ?? '')))
