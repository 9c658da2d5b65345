import type { Day } from '@hoxen/core/day'
import type { CsvReading, DocumentReading, TypedLinesReading } from '@hoxen/core/format'
import type { Gear, Item } from '@hoxen/core/gear'
import type { PlanMend } from '@hoxen/core/ladder'
import {
  judgeSwung,
  type MatchResult,
  matchInSteps,
  type Option,
  type RankedRig,
  type Remedy,
  secondLookInSteps,
  type Wanted,
} from '@hoxen/core/match'
import {
  type CheckCode,
  keepSwung,
  type RigChoice,
  type RigSlot,
  resolveRig,
  worstFirst,
} from '@hoxen/core/rig'
import type {
  FixedParts,
  MissingItem,
  NamedDay,
  Neighbour,
  OtherSchool,
  OverDaysQuestion,
  Serving,
  Specified,
  SpecifiedRig,
  SpecifiedStyle,
} from '@hoxen/core/specify'
import type { SwingInput, Swung } from '@hoxen/core/swing'
import type { TideFileReading } from '@hoxen/core/tide'
import type { GaugeFileReading } from '@hoxen/core/water'
import { expose } from 'comlink'
import { callOff, unhurried } from './unhurried.ts'

/** What a file of gear was read as. */
export interface GearFileReading {
  readonly table?: CsvReading
  readonly document?: DocumentReading
  readonly lines?: TypedLinesReading
}

type Apart = Extract<Specified, { outcome: 'do-not-go-together' }>

/** A question's number, by which it can be called off, and the gear it is about. */
export interface About {
  readonly id: number
  readonly revision: number
}

/** Works out these swings, in their order. */
export type LetSwing = (wanted: Wanted) => Promise<readonly Swung[]>

/** Gear is brought in once for each revision; a question about another is refused, and its asker brings the right one. */
export const OTHER_GEAR = 'other gear'
let known:
  | { readonly revision: number; readonly gear: Gear; readonly byId: ReadonlyMap<string, Item> }
  | undefined

function gearOf(revision: number): NonNullable<typeof known> {
  if (known?.revision !== revision) throw new Error(OTHER_GEAR)
  return known
}

function rigOf({ revision }: About, day: Day, choice: RigChoice): RankedRig | undefined {
  const resolved = resolveRig(choice, gearOf(revision).byId)
  return resolved.outcome === 'resolved' ? judgeSwung(resolved.parts, day) : undefined
}

type RemedyFor = typeof import('./look.ts').remedyFor

function* remediesInSteps(
  remedyFor: RemedyFor,
  about: About,
  day: Day,
  choices: readonly RigChoice[],
): Generator<unknown, readonly (Remedy | undefined)[]> {
  const { gear } = gearOf(about.revision)
  const out: (Remedy | undefined)[] = []
  for (const choice of choices) {
    const rig = rigOf(about, day, choice)
    const [worst] = rig === undefined ? [] : worstFirst(rig.checks)
    out.push(rig && worst && remedyFor(gear, rig, worst.code, day))
    yield
  }
  return out
}

const api = {
  callOff,
  gear(revision: number, items: readonly Item[]): void {
    known = { revision, gear: { items }, byId: new Map(items.map((item) => [item.id, item])) }
  },

  match: (about: About, day: Day): Promise<MatchResult> =>
    unhurried(about.id, matchInSteps(gearOf(about.revision).gear, day)),

  /** The answer once the best have been let swing; the swings are worked out by whoever asks. */
  secondLook: (about: About, day: Day, first: MatchResult, letSwing: LetSwing): Promise<MatchResult> =>
    unhurried(about.id, secondLookInSteps(gearOf(about.revision).gear, day, first), async (wanted) => {
      const swings = wanted.length === 0 ? [] : await letSwing(wanted)
      for (const [i, swung] of swings.entries()) keepSwung(wanted[i] as SwingInput, swung)
    }),

  /** What would fix most where nothing fits. */
  async missing(about: About, day: Day): Promise<MissingItem | undefined> {
    const { missingInSteps } = await import('./look.ts')
    return unhurried(about.id, missingInSteps(gearOf(about.revision).gear, day))
  },

  /** The remedy of the worst line of each of these rigs. */
  async remedies(about: About, day: Day, choices: readonly RigChoice[]) {
    const { remedyFor } = await import('./look.ts')
    return unhurried(about.id, remediesInSteps(remedyFor, about, day, choices))
  },

  /** The remedy of every failing line of one rig. */
  async remediesOf(
    about: About,
    day: Day,
    choice: RigChoice,
  ): Promise<readonly (readonly [CheckCode, Remedy])[]> {
    const { remedyFor } = await import('./look.ts')
    const rig = rigOf(about, day, choice)
    if (rig === undefined) return []
    return rig.checks.flatMap((check) => {
      const remedy = remedyFor(gearOf(about.revision).gear, rig, check.code, day)
      return remedy === undefined ? [] : [[check.code, remedy] as const]
    })
  },

  /** Another angle or mend with which this rig would hold. */
  async planMend(about: About, day: Day, choice: RigChoice): Promise<PlanMend | undefined> {
    const { planThatHolds } = await import('./look.ts')
    const rig = rigOf(about, day, choice)
    return rig === undefined || day.indicator ? undefined : planThatHolds({ ...day, parts: rig.parts })
  },

  async options(about: About, day: Day, choice: RigChoice, slot: RigSlot): Promise<readonly Option[]> {
    const { optionsFor } = await import('./look.ts')
    const rig = rigOf(about, day, choice)
    return rig === undefined ? [] : optionsFor(gearOf(about.revision).gear, rig, slot, day)
  },

  /** What to look for round the parts that are there, for one kind of head; which needs no gear. */
  async specify(id: number, day: Day, fixed: FixedParts, style: SpecifiedStyle): Promise<Specified> {
    const { specifyInSteps } = await import('./look.ts')
    return unhurried(id, specifyInSteps(day, fixed, style))
  },
  /** How far the figures of one such rig may go. */
  async spans(id: number, day: Day, rig: SpecifiedRig): Promise<SpecifiedRig> {
    const { withSpansInSteps } = await import('./look.ts')
    return unhurried(id, withSpansInSteps(day, rig))
  },

  /** The rods next to the one of such a rig, and what each gives up. */
  async neighbours(id: number, day: Day, rig: SpecifiedRig): Promise<readonly Neighbour[]> {
    const { neighboursInSteps } = await import('./look.ts')
    return unhurried(id, neighboursInSteps(day, rig))
  },

  /** Which of the parts that are there cannot go together. */
  async clash(id: number, day: Day, fixed: FixedParts, found: Apart): Promise<readonly RigSlot[]> {
    const { clashInSteps } = await import('./look.ts')
    return unhurried(id, clashInSteps(day, fixed, found))
  },
  /** What the other schools would look for. */
  async otherSchools(
    id: number,
    day: Day,
    fixed: FixedParts,
    rig: SpecifiedRig,
  ): Promise<readonly OtherSchool[]> {
    const { otherSchoolsInSteps } = await import('./look.ts')
    return unhurried(id, otherSchoolsInSteps(day, fixed, rig))
  },

  /** What could serve over several days, from the sight of one of them. */
  async candidates(
    about: About,
    question: OverDaysQuestion,
    day: Day,
    fixed: FixedParts,
  ): Promise<readonly Item[]> {
    const { OVER_DAYS } = await import('./look.ts')
    const { gear } = gearOf(about.revision)
    return unhurried(about.id, OVER_DAYS[question].candidates({ gear, fixed }, day))
  },
  /** What of it serves on one day. */
  async serving(
    about: About,
    question: OverDaysQuestion,
    named: NamedDay,
    fixed: FixedParts,
    items: readonly Item[],
  ): Promise<Serving> {
    const { servingInSteps } = await import('./look.ts')
    const { gear } = gearOf(about.revision)
    return unhurried(about.id, servingInSteps(question, { gear, fixed }, named, items))
  },

  /** A file of everything, a table of gear, or a list as it is typed, by what it turns out to be. @param tell told how far it is, [0, 1] */
  async readGear(
    id: number,
    file: Blob,
    stamp: string,
    tell: (share: number) => void,
  ): Promise<GearFileReading> {
    const { readCsvInSteps, readDocument, readTypedLines, rowId, textOf } = await import('./files.ts')
    const text = await textOf(file)
    if (/^\s*[{[<]/.test(text)) return { document: readDocument(text) }
    const steps = readCsvInSteps(text, (row) => rowId(row, stamp))
    const table = await unhurried(id, steps, async (share) => tell(share))
    if (table.fileProblems[0]?.code !== 'not-a-table') return { table }
    const lines = readTypedLines(text, (row) => rowId(row, stamp))
    return lines.items.length > 0 ? { lines } : { table }
  },
  async refusedTable(file: Blob, why: Readonly<Record<number, string>>): Promise<string> {
    const { refusedTable, textOf } = await import('./files.ts')
    return refusedTable(await textOf(file), why)
  },
  async readGauge(file: Blob): Promise<GaugeFileReading> {
    const { readGaugeFile, textOf } = await import('./files.ts')
    return readGaugeFile(await textOf(file))
  },
  async readTide(file: Blob, zone: string, from: string): Promise<TideFileReading> {
    const { readTideFile, textOf } = await import('./tideFile.ts')
    return readTideFile(await textOf(file), zone, from)
  },
}

export type CoreApi = typeof api
expose(api)
