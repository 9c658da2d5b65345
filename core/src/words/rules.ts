import { SEASON_C } from '../day/index.ts'
import { LEADER_RULES } from '../leader/index.ts'
import {
  type EvidenceTag,
  KG_PER_GRAIN,
  KG_PER_POUND,
  M_PER_FOOT,
  printMeasure,
  printRange,
  type UnitSystem,
  unitOf,
} from '../quantity/index.ts'
import { COATED_FOR, LIGHT_HEAD_KG, MATERIAL_BY_HEAD, MATERIAL_OVERLAP_GR, MONO_FOR } from '../rig/index.ts'
import { FISH_POUNDS_PER_NUMBER, ROD_FOR_CAST, WINDOW_MODEL } from '../rod/index.ts'

/** A rule the checks go by, in words made from the figures it reads. */
export interface Rule {
  readonly title: string
  readonly tag: EvidenceTag
  readonly say: (system: UnitSystem) => string
}

const grains = (n: number, system: UnitSystem): string => printMeasure(n * KG_PER_GRAIN, 'lineMass', system)
const feet = (n: number, system: UnitSystem): string => printMeasure(n * M_PER_FOOT, 'length', system)
const rodFeet = (n: number, system: UnitSystem): string => printMeasure(n * M_PER_FOOT, 'rodLength', system)
const feetRange = ({ low, high }: { low: number; high: number }, system: UnitSystem): string =>
  printRange({ low: low * M_PER_FOOT, high: high * M_PER_FOOT }, 'length', system)
const percent = (share: number): string => `${Math.round(share * 1000) / 10}%`
const go = (m: number): string =>
  `${(m * 1000).toFixed(2)} mm (${Math.round(unitOf('go').fromSi(m) * 2) / 2} gō)`

function window(system: UnitSystem): string {
  const { standardFactor: standard, lightFactor: light, singleHandFactor: one } = WINDOW_MODEL
  const { standardFrom, halfWidth, perFoot, referenceLengthM } = WINDOW_MODEL
  const reference = printMeasure(referenceLengthM, 'rodLength', system)
  return `From the two-hand standard for no. ${standardFrom} and up; from single-hand grains below. In full: two-handers from no. ${standardFrom} up take the standard’s class S × ${standard.skagit} for a Skagit, × ${standard.scandi} for a Scandi; overhead the middle of classes H and S × ${standard.overhead} (H shooting head, S short belly). Lighter ones take the single-hand grains of three numbers more, trout spey rods of two more, × ${light.skagit} Skagit, × ${light.scandi} Scandi, × ${light.overhead} overhead. All ±${percent(halfWidth)}, and ${percent(perFoot)} more for each foot above ${reference}, less below. Single-handers take their own grains × ${one.skagit} for a short Skagit.`
}

function tipForHead(system: UnitSystem): string {
  const rows = MATERIAL_BY_HEAD.map(({ belowGrains, material }, i) =>
    Number.isFinite(belowGrains)
      ? `${i === 0 ? 'under' : 'to'} ${grains(belowGrains, system)} T-${material}`
      : `above that T-${material}`,
  )
  const said = rows.join(', ')
  return `${said.slice(0, 1).toUpperCase()}${said.slice(1)}; within ${grains(MATERIAL_OVERLAP_GR, system)} below a limit the heavier one works too. On a tip two steps lighter than its own, a heavy head kicks.`
}

function rodForCast(system: UnitSystem): string {
  const rows = ROD_FOR_CAST.map(({ uptoFt, low, high }) => {
    const upTo = Number.isFinite(uptoFt) ? `to ${feet(uptoFt, system)}` : 'longer'
    return `${upTo}: ${rodFeet(low, system)} to ${rodFeet(high, system)}`
  })
  return `Casts ${rows.join('; ')}.`
}

function fishForTrout(system: UnitSystem): string {
  const fish = (number: number): string =>
    `no. ${number} to ${printMeasure(number * FISH_POUNDS_PER_NUMBER * KG_PER_POUND, 'fishMass', system)}`
  return `Up to about ${FISH_POUNDS_PER_NUMBER === 2 ? 'twice' : `${FISH_POUNDS_PER_NUMBER} times`} its number in pounds: ${fish(2)}, ${fish(4)}.`
}

function runningLine(system: UnitSystem): string {
  const load = (bounds: { low: number; high: number }): string => printRange(bounds, 'breakingLoad', system)
  return `Heads up to about ${printMeasure(LIGHT_HEAD_KG, 'lineMass', system)}: mono of ${go(MONO_FOR.light.low)} to ${go(MONO_FOR.light.high)}, or coated with a core of ${load(COATED_FOR.light)}; heavier heads ${go(MONO_FOR.heavy.low)} and up, or ${load(COATED_FOR.heavy)}.`
}

/** The rules the checks go by. Common practice unless tagged otherwise. */
export const RULES: readonly Rule[] = [
  { title: 'Window, where none is printed', tag: 'estimate', say: window },
  { title: 'Tip for a Skagit head', tag: 'practice', say: tipForHead },
  {
    title: 'Joints',
    tag: 'physics',
    say: () =>
      'The weight per foot never steps up from line to fly: the fine front of a Scandi can’t carry a level tungsten tip.',
  },
  { title: 'Rod length', tag: 'practice', say: rodForCast },
  { title: 'Fish for a trout spey rod', tag: 'practice', say: fishForTrout },
  {
    title: 'Leader, floating line',
    tag: 'practice',
    say: (system) =>
      `${LEADER_RULES.rodsFloating.low} to ${LEADER_RULES.rodsFloating.high} rod lengths; on a trout spey rod ${feetRange(LEADER_RULES.troutFloating, system)}, with a weighted fly ${feetRange(LEADER_RULES.troutWeighted, system)}.`,
  },
  {
    title: 'Leader, sinking tip',
    tag: 'practice',
    say: (system) =>
      `On a fast tip ${feetRange(LEADER_RULES.fastTip, system)}; on a slow one ${feetRange(LEADER_RULES.slowTip, system)}; longer on a floating one.`,
  },
  { title: 'Running line', tag: 'practice', say: runningLine },
  {
    title: 'Depth of a sinking part',
    tag: 'physics',
    say: () => 'Length × sin φ, where cos φ = √(1 + q²/4) − q/2 and q = (sink rate ÷ current)².',
  },
  {
    title: 'Season',
    tag: 'practice',
    say: (system) =>
      `Scandi in warm water (summer, or above ${printMeasure(SEASON_C.warm, 'temperature', system)}), Skagit in cold (winter, or below ${printMeasure(SEASON_C.cold, 'temperature', system)}). In between, in spring and autumn, either is usual.`,
  },
]
