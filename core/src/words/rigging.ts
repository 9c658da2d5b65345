import { printMeasure, type UnitSystem } from '../quantity/index.ts'
import type { RiggingStep, RigJoint, RigKnot } from '../rig/index.ts'

export const JOINT_NAMES: Readonly<Record<RigJoint, string>> = Object.freeze({
  'reel-backing': 'Backing to the spool',
  'backing-running': 'Backing to the line',
  'running-head': 'Running line to the head',
  'head-tip': 'Head to the tip',
  'front-leader': 'Leader',
  'leader-fly': 'Fly',
})

export const KNOT_NAMES: Readonly<Record<RigKnot, string>> = Object.freeze({
  arbor: 'arbor knot',
  'double-slip': 'double slip knot',
  loops: 'loop to loop',
  nail: 'nail knot',
  swivel: 'small swivel between two loops',
  'nail-loop': 'nail knot with a perfection loop',
  ring: 'tippet ring',
  'non-slip-loop': 'non-slip loop',
  clinch: 'improved clinch knot',
  'double-clinch': 'double clinch knot',
})

/** One step of the rigging list as a sentence. @param knot the knot chosen for its joint */
export function sayStep(step: RiggingStep, knot: RigKnot | undefined, system: UnitSystem): string {
  const length = step.lengthM === undefined ? '' : printMeasure(step.lengthM, 'length', system)
  switch (step.code) {
    case 'joint':
      return `${step.joint === undefined ? '' : JOINT_NAMES[step.joint]}: ${step.joint === 'leader-fly' ? '' : `${step.name ?? ''}, `}${knot === undefined ? '' : KNOT_NAMES[knot]}.`
    case 'wind':
      return 'Wind on firmly and evenly, and stop below the rim.'
    case 'cheater':
      return `Put the ${length} cheater between them, loop to loop at both ends.`
    case 'load-mark':
      return `Mark the running line where it leaves the tip-top with the head at its load point, about ${length} of overhang.`
    case 'finger-mark':
      return `Mark it again where your finger holds it, about ${length} behind the head.`
    case 'string-rod':
      return 'Thread the line through every guide, doubled over so it can’t slip back.'
    case 'turn-ferrules':
      return 'Put the rod together: line up the guides and seat the ferrules with a quarter turn.'
    case 'stretch':
      return 'Stretch the mono by hand so that it lies straight.'
    case 'set-drag':
      return 'Set the drag: a firm pull by hand should just take line.'
    case 'pinch-barb':
      return 'Pinch the barb; test the hook on a nail.'
    case 'glasses':
      return 'Glasses and hat on; the hook on the downwind side.'
    case 'look-behind':
      return 'Look behind and above: brush, people, power lines. In lightning lay the rod down.'
  }
}
