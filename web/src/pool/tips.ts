import { changeRig, noticeDone, noticeFailed } from '../store/index.ts'

/** Puts a tip on the rig at the angle it was best at. */
export function takeTip(itemId: string | null, name: string, angleDeg: number): void {
  const label = `Change tip to ${name}`
  changeRig(label, { part: { slot: 'tipId', itemId }, fished: { angleDeg } }).then(
    (did) => did && noticeDone(`Tip changed to ${name}, cast at ${angleDeg}°`),
    noticeFailed,
  )
}

/** Swaps the tip on the bank. What is on the line is seen at once, and nothing is laid over the buttons. */
export function swapTo(itemId: string | null, name: string): void {
  changeRig(`Change tip to ${name}`, { part: { slot: 'tipId', itemId } }).catch(noticeFailed)
}
