import type { CsvReading, DocumentReading, Gear, Job, RigChoice, RigSlot, Schools } from '@hoxen/core/gear'
import {
  judge,
  type MatchResult,
  type Mend,
  type MissingItem,
  matchRigs,
  mendFor,
  missingItem,
  type Option,
  optionsFor,
} from '@hoxen/core/match'
import { type CheckCode, resolveRig, worstFirst } from '@hoxen/core/rig'
import type { GaugeFileReading } from '@hoxen/core/water'
import { expose } from 'comlink'

export interface Question {
  readonly gear: Gear
  readonly job: Job
  readonly schools: Schools
}

export interface Answer {
  readonly result: MatchResult
  readonly missing?: MissingItem
  /** Mend of each rig's worst line, for the rigs shown first. */
  readonly mends: readonly (Mend | undefined)[]
}

/** Rigs whose mends are worked out with the ranking; the rest when they are opened. */
const MENDED = 12

function rigOf({ gear, job, schools }: Question, choice: RigChoice) {
  const resolved = resolveRig(choice, new Map(gear.items.map((item) => [item.id, item])))
  return resolved.outcome === 'resolved' ? judge(resolved.parts, { job, schools }) : undefined
}

const api = {
  match(question: Question): Answer {
    const result = matchRigs(question.gear, question.job, question.schools)
    const mends = result.rigs.slice(0, MENDED).map((rig) => {
      const [worst] = worstFirst(rig.checks)
      return worst === undefined ? undefined : mendFor(question.gear, rig, worst.code, question)
    })
    const missing = result.outcome === 'ranked' ? undefined : missingItem(question.gear, question)
    return { result, mends, ...(missing ? { missing } : {}) }
  },

  /** The mend of every failing line of one rig. */
  mends(question: Question, choice: RigChoice): readonly (readonly [CheckCode, Mend])[] {
    const rig = rigOf(question, choice)
    if (rig === undefined) return []
    return rig.checks.flatMap((check) => {
      const mend = mendFor(question.gear, rig, check.code, question)
      return mend === undefined ? [] : [[check.code, mend] as const]
    })
  },

  options(question: Question, choice: RigChoice, slot: RigSlot): readonly Option[] {
    const rig = rigOf(question, choice)
    return rig === undefined ? [] : optionsFor(question.gear, rig, slot, question)
  },

  async readTable(text: string, stamp: string): Promise<CsvReading> {
    const { readCsv } = await import('./files.ts')
    return readCsv(text, (row) => `row-${row}-${stamp}`)
  },
  async readGauge(text: string): Promise<GaugeFileReading> {
    const { readGaugeFile } = await import('./files.ts')
    return readGaugeFile(text)
  },
  async readFile(text: string): Promise<DocumentReading> {
    const { readDocument } = await import('./files.ts')
    return readDocument(text)
  },
}

export type CoreApi = typeof api
expose(api)
