import type { RigChoice } from '@hoxen/core/gear'
import { noticeDone, noticeFailed, saveDocument } from '../../store/index.ts'

/** Keeps a swap of the rig in the strip, under one undo step. */
export function keepSwap(next: RigChoice, label: string): void {
  saveDocument(label, 'rig', next).then((did) => did && noticeDone(label), noticeFailed)
}
