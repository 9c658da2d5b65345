import { cylinderDiameterM, type RunningLine } from '../gear/index.ts'
import { estimated, type Figure, given, KG_PER_POUND, STANDARD_GRAVITY_MPS2 } from '../quantity/index.ts'
import { FLOATING_KG_PER_M3, strandKgPerM } from './material.ts'

/** A running line with what its owner did not say. */
export interface RunningLineFacts {
  readonly item: RunningLine
  readonly diameterM: Figure
  readonly kgPerM: Figure
}

/**
 * Coated running line where its owner does not say, behind a head or as the rear of a line in one piece: 1.3 g/m (the
 * figure C28 uses), and as thick as that floats. [practice, estimate]
 */
export const COATED_RUNNING = Object.freeze({
  kgPerM: 1.3e-3,
  diameterM: cylinderDiameterM(1.3e-3, FLOATING_KG_PER_M3),
})
/** Core of the usual coated line [lb]: another's section goes with its strength. [practice] */
const USUAL_CORE_POUNDS = 25

/** Mono of 30 to 50 lb is 0.40 to 0.70 mm thick. [practice] */
const MONO = { lowPounds: 30, highPounds: 50, lowM: 0.4e-3, highM: 0.7e-3, usualM: 0.45e-3 } as const

function monoDiameterM(breakingN: number | undefined): number {
  if (breakingN === undefined) return MONO.usualM
  const pounds = breakingN / (KG_PER_POUND * STANDARD_GRAVITY_MPS2)
  const share = (pounds - MONO.lowPounds) / (MONO.highPounds - MONO.lowPounds)
  return MONO.lowM + Math.max(-0.5, Math.min(1.5, share)) * (MONO.highM - MONO.lowM)
}

function coatedDiameterM(breakingN: number | undefined): number {
  if (breakingN === undefined) return COATED_RUNNING.diameterM
  const pounds = breakingN / (KG_PER_POUND * STANDARD_GRAVITY_MPS2)
  return COATED_RUNNING.diameterM * Math.sqrt(Math.max(0.4, Math.min(2.5, pounds / USUAL_CORE_POUNDS)))
}

export function runningLineFacts(item: RunningLine): RunningLineFacts {
  const coated = item.build === 'coated'
  const usualM = coated ? coatedDiameterM(item.breakingN) : monoDiameterM(item.breakingN)
  const diameterM = item.diameterM === undefined ? estimated(usualM) : given(item.diameterM)
  // As heavy as it is thick: coated line floats, mono is nylon.
  const usualKgPerM = coated
    ? (FLOATING_KG_PER_M3 * Math.PI * diameterM.value ** 2) / 4
    : strandKgPerM(diameterM.value, 'nylon')
  return { item, diameterM, kgPerM: item.kgPerM === undefined ? estimated(usualKgPerM) : given(item.kgPerM) }
}

/** A usual line of each build, for comparing with where none is owned. [practice] */
export const USUAL_RUNNING_LINES: readonly RunningLine[] = Object.freeze([
  { kind: 'running-line', id: 'usual-coated', name: 'A usual coated line', build: 'coated' },
  {
    kind: 'running-line',
    id: 'usual-mono',
    name: 'A usual mono, 0.50 mm',
    build: 'mono',
    diameterM: 0.5e-3,
  },
])
