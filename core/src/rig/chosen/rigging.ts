import { OVERHANG_M } from '../../cast/index.ts'
import type { RigParts } from '../parts.ts'
import type { RigJoint } from './knots.ts'

export type RiggingStepCode =
  | 'joint'
  | 'wind'
  | 'cheater'
  | 'set-drag'
  | 'load-mark'
  | 'finger-mark'
  | 'string-rod'
  | 'turn-ferrules'
  | 'stretch'
  | 'pinch-barb'
  | 'glasses'
  | 'look-behind'

export interface RiggingStep {
  readonly id: string
  readonly code: RiggingStepCode
  readonly joint?: RigJoint
  /** Name of the part that is put on, where there is one. */
  readonly name?: string
  /** A length that belongs to the step [m]. */
  readonly lengthM?: number
}

/** Everything from spool to fly, in the order it is done; then marks, the rod, and a look round before the first cast. */
export function riggingSteps(parts: RigParts, backingName?: string): readonly RiggingStep[] {
  const { head, tip, leader, runningLine, rod } = parts
  const steps: RiggingStep[] = []
  const join = (joint: RigJoint, name: string): void =>
    void steps.push({ id: joint, code: 'joint', joint, name })
  join('reel-backing', backingName ?? 'backing')
  steps.push({ id: 'wind', code: 'wind' })
  if (head.onePiece) join('backing-running', head.head.name)
  else {
    join('backing-running', runningLine?.item.name ?? 'running line')
    join('running-head', head.head.name)
    if (head.head.cheaterM !== undefined)
      steps.push({ id: 'cheater', code: 'cheater', lengthM: head.head.cheaterM })
  }
  if (runningLine?.item.build === 'mono') steps.push({ id: 'stretch', code: 'stretch' })
  // The rod stands before the line goes through it; what is looped on in front of the head would catch in its guides.
  steps.push({ id: 'turn-ferrules', code: 'turn-ferrules' }, { id: 'string-rod', code: 'string-rod' })
  if (tip) join('head-tip', tip.item.name)
  join('front-leader', leader?.name ?? 'leader')
  join('leader-fly', 'fly')
  if (!head.onePiece) {
    steps.push({ id: 'load-mark', code: 'load-mark', lengthM: OVERHANG_M })
    steps.push({ id: 'finger-mark', code: 'finger-mark', lengthM: OVERHANG_M + rod.lengthM })
  }
  for (const code of ['set-drag', 'pinch-barb', 'glasses', 'look-behind'] as const)
    steps.push({ id: code, code })
  return steps
}
