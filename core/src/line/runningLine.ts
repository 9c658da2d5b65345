import type { RunningLine } from '../gear/index.ts'
import { estimated, type Figure, given, KG_PER_POUND, STANDARD_GRAVITY_MPS2 } from '../quantity/index.ts'
import { strandKgPerM } from './material.ts'

/** A running line with what its owner did not say. */
export interface RunningLineFacts {
  readonly item: RunningLine
  readonly diameterM: Figure
  readonly kgPerM: Figure
}

/** Usual coated running line: 1.3 g/m (the figure C28 uses), about 1 mm thick. [practice] */
const COATED = { kgPerM: 1.3e-3, diameterM: 1e-3 } as const
/** Mono of 30 to 50 lb is 0.40 to 0.70 mm thick. [practice] */
const MONO = { lowPounds: 30, highPounds: 50, lowM: 0.4e-3, highM: 0.7e-3, usualM: 0.45e-3 } as const

function monoDiameterM(breakingN: number | undefined): number {
  if (breakingN === undefined) return MONO.usualM
  const pounds = breakingN / (KG_PER_POUND * STANDARD_GRAVITY_MPS2)
  const share = (pounds - MONO.lowPounds) / (MONO.highPounds - MONO.lowPounds)
  return MONO.lowM + Math.max(-0.5, Math.min(1.5, share)) * (MONO.highM - MONO.lowM)
}

export function runningLineFacts(item: RunningLine): RunningLineFacts {
  const coated = item.build === 'coated'
  const usualM = coated ? COATED.diameterM : monoDiameterM(item.breakingN)
  const diameterM = item.diameterM === undefined ? estimated(usualM) : given(item.diameterM)
  const usualKgPerM = coated ? COATED.kgPerM : strandKgPerM(diameterM.value, 'nylon')
  return { item, diameterM, kgPerM: item.kgPerM === undefined ? estimated(usualKgPerM) : given(item.kgPerM) }
}
