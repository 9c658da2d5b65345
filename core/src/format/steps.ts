import { JOINT_KNOTS } from '../rig/index.ts'

/** Contents of a file or store before its schemas have looked at it. */
export type Raw = { readonly [key: string]: unknown }

const isRaw = (value: unknown): value is Raw =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

const without = (raw: Raw, ...keys: readonly string[]): Raw =>
  Object.fromEntries(Object.entries(raw).filter(([key]) => !keys.includes(key)))

/** Path of each list that does not stand under its own name in a file. */
export const FILE_PLACES: Readonly<Record<string, readonly string[]>> = Object.freeze({
  items: ['gear', 'items'],
})

/** One change of the format: what a document of the version before becomes. What is new already stays as it is. */
interface Step {
  readonly to: number
  readonly change: (document: Raw) => Raw
}

/** Knots as versions 0.2.0 and 0.3.0 wrote them, in words. */
const KNOT_WORDS: Readonly<Record<string, string>> = {
  'arbor knot': 'arbor',
  'double slip knot': 'double-slip',
  'loop to loop': 'loops',
  'nail knot': 'nail',
  'small swivel between two loops': 'swivel',
  'nail knot with a perfection loop': 'nail-loop',
  'tippet ring': 'ring',
  'non-slip loop': 'non-slip-loop',
  'improved clinch knot': 'clinch',
  'double clinch knot': 'double-clinch',
}

/** Knots became codes; one that no joint knows is left out. */
function knotsAsCodes(rigging: unknown): unknown {
  if (!isRaw(rigging) || !isRaw(rigging.knots)) return rigging
  const codes = Object.entries(rigging.knots)
    .map(([joint, knot]) => [joint, KNOT_WORDS[String(knot)] ?? knot] as const)
    .filter(([joint, knot]) =>
      (JOINT_KNOTS as Readonly<Record<string, readonly unknown[]>>)[joint]?.includes(knot),
    )
  return { ...rigging, knots: Object.fromEntries(codes) }
}

/** The cast is the job's alone; a plan tells angle, rod and mends. */
const planWithoutCast = (water: unknown): unknown =>
  isRaw(water) && isRaw(water.plan) ? { ...water, plan: without(water.plan, 'castM') } : water

/** Temperature used to be copied from a pool's gauge into the job; a pool's day now reads the gauge itself. */
const jobWithoutCopy = (job: unknown, water: unknown): unknown =>
  isRaw(job) && isRaw(water) && water.runId !== undefined ? without(job, 'waterC') : job

/** Every change the format has had, oldest first. Append; never edit one that has shipped. */
const STEPS: readonly Step[] = [
  {
    to: 2,
    change: ({ rigging, water, job, ...rest }) => ({
      ...rest,
      ...(job === undefined ? {} : { job: jobWithoutCopy(job, water) }),
      ...(rigging === undefined ? {} : { rigging: knotsAsCodes(rigging) }),
      ...(water === undefined ? {} : { water: planWithoutCast(water) }),
    }),
  },
  // Pools may say where fish are known to hold: nothing that was written before does.
  { to: 3, change: (document) => document },
]

/** The version this code writes. */
export const FORMAT_VERSION = 3

/** A document of an older version, step by step made one of today. @param from the version it was written in, [1, FORMAT_VERSION] */
export function upgraded(document: Raw, from: number): Raw {
  return STEPS.filter((step) => step.to > from).reduce((at, step) => step.change(at), document)
}

/** One named part of a document that does not say its version, as whatever version wrote it. */
export const upgradedPart = (name: string, value: unknown): unknown => upgraded({ [name]: value }, 1)[name]
