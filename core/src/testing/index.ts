/** Starting points of many tests: the demo's gear, a rig of it, a run of one depth and current, a day. Only tests read this. */
import { readFileSync } from 'node:fs'
import { type Day, type DayParts, dayOf, FIRST_JOB, type Job } from '../day/index.ts'
import { readDocument } from '../format/index.ts'
import { DEFAULT_SCHOOLS, type Item } from '../gear/index.ts'
import { type RigChoice, type RigParts, resolveRig } from '../rig/index.ts'
import type { Run } from '../water/index.ts'

export const DEMO = readDocument(readFileSync(`${process.cwd()}/demo/skarn.json`, 'utf8')).document
export const DEMO_GEAR = { items: DEMO.items }
export const byId = (items: readonly Item[]): ReadonlyMap<string, Item> =>
  new Map(items.map((item) => [item.id, item]))
export const DEMO_BY_ID = byId(DEMO.items)

/** Everything called something else, the other way round: no answer may change by it. */
export const renamed = (items: readonly Item[]): readonly Item[] =>
  items.map((item, i) => ({ ...item, name: `${String.fromCharCode(122 - (i % 26))} ${i}` })).reverse()

/** The long seven with a short Skagit and T-11, as on a winter day. */
export const WINTER_RIG: RigChoice = {
  rodId: 'long-seven-13-ft',
  headId: '510-gr-short-skagit',
  tipId: 't-11-10-ft',
  leaderId: 'stepped-5-ft',
  runningLineId: 'coated-30-lb',
  reelId: 'full-frame-eleven',
}
export function partsOf(change: Partial<RigChoice> = {}, items = DEMO_BY_ID): RigParts {
  const resolved = resolveRig({ ...WINTER_RIG, ...change }, items)
  if (resolved.outcome !== 'resolved') throw new Error(resolved.id)
  return resolved.parts
}

/** The first job with these answers, and the usual schools. */
export const dayWith = (job: Partial<Job> = {}, more: Partial<DayParts> = {}): Day =>
  dayOf({ schools: DEFAULT_SCHOOLS, ...more, job: { ...FIRST_JOB, ...job } })

/** A run of one depth and one current. */
export const flatRun = (depthM: number, mps: number, more: Partial<Run> = {}): Run => ({
  id: 'flat',
  name: 'Flat',
  bank: 'right',
  widthM: 60,
  soundings: [
    { fromBankM: 0, depthM },
    { fromBankM: more.widthM ?? 60, depthM },
  ],
  currents: [{ fromBankM: 0, mps }],
  bottom: 'gravel',
  wadeM: 5,
  ...more,
})
