import { changeRig, noticeDone, noticeFailed } from '../store/index.ts'

/** Puts a tip into the strip at the angle it was best at. */
export function takeTip(itemId: string | null, name: string, angleDeg: number): void {
  const label = `Change the tip to ${name}, cast at ${angleDeg}°`
  changeRig(label, { part: { slot: 'tipId', itemId }, fished: { angleDeg } }).then(
    (did) => did && noticeDone(label),
    noticeFailed,
  )
}

/** Swaps the tip on the bank. What is on the line is seen at once, and nothing is laid over the buttons. */
export function swapTo(itemId: string | null, name: string): void {
  changeRig(`Swap the tip for ${name}`, { part: { slot: 'tipId', itemId } }).catch(noticeFailed)
}
