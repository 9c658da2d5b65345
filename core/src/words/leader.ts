import { LEADER_STEP_M, type LeaderWarning } from '../leader/index.ts'
import { printMeasure, type UnitSystem } from '../quantity/index.ts'

/** Warning on a leader that was built. */
export function sayLeaderWarning(warning: LeaderWarning, system: UnitSystem): string {
  switch (warning) {
    case 'step-too-big':
      return `One step is more than ${printMeasure(LEADER_STEP_M, 'diameter', system)}: put another spool in between, or a tippet ring.`
    case 'butt-too-thin':
      return 'Your thickest spool is thin for a butt: the line will hinge there.'
    case 'strength-unknown':
      return 'The spool at the point doesn’t give its breaking strain.'
  }
}
