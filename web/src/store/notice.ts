// Loaded when first needed: nothing is to be said before something was done.
export const toaster = () => import('sonner')

/** Says something there is nothing to take back of. */
export function noticeSaid(text: string): void {
  void toaster().then(({ toast }) => toast(text), console.error)
}

/** Says that something could not be done. */
export function noticeFailed(error: unknown): void {
  const text = error instanceof Error ? error.message : 'That didn’t work. Nothing was changed.'
  void toaster().then(({ toast }) => toast.error(text), console.error)
}
