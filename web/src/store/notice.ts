import { undo } from './commit.ts'

// Loaded when first needed: nothing is to be said before something was done.
const toaster = () => import('sonner')

async function say(text: string): Promise<void> {
  const { toast } = await toaster()
  toast(text, { action: { label: 'Undo', onClick: () => void undo().catch(noticeFailed) } })
}

/** Says what was done and offers to take it back. */
export function noticeDone(text: string): void {
  void say(text).catch(console.error)
}

/** Says something there is nothing to take back of. */
export function noticeSaid(text: string): void {
  void toaster().then(({ toast }) => toast(text), console.error)
}

/** Says that something could not be done. */
export function noticeFailed(error: unknown): void {
  const text = error instanceof Error ? error.message : 'That did not work. Nothing was changed.'
  void toaster().then(({ toast }) => toast.error(text), console.error)
}
