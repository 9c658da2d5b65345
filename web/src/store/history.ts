import { Live, useLive } from './live.ts'
import { noticeFailed, noticeSaid, toaster } from './notice.ts'
import { nextSteps } from './reading.ts'
import { walkBack } from './write.ts'

const steps = new Live(nextSteps)

/** Labels of what undo and redo would do next in this tab. */
export function useHistory(): { readonly undo?: string; readonly redo?: string } {
  return useLive(steps) ?? {}
}

async function walk(step: 'undo' | 'redo'): Promise<void> {
  const walked = await walkBack(step)
  if (walked?.done === false)
    noticeSaid(`“${walked.label}” can’t be undone: it has been changed again since, perhaps in another tab.`)
}

/** Takes back the latest step of this tab, or says why not. Resolves once it is done, or said. */
export const undo = (): Promise<void> => walk('undo').catch(noticeFailed)
export const redo = (): Promise<void> => walk('redo').catch(noticeFailed)

/** Says what was done and offers to take it back. */
export function noticeDone(text: string): void {
  void toaster().then(
    ({ toast }) => toast(text, { action: { label: 'Undo', onClick: () => void undo() } }),
    console.error,
  )
}
