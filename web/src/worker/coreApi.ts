import type { Day } from '@hoxen/core/day'
import type { CsvReading, DocumentReading, PlacesReading, TypedLinesReading } from '@hoxen/core/format'
import type { Gear, Item } from '@hoxen/core/gear'
import type { Entry, Learnt } from '@hoxen/core/journal'
import { type MatchResult, matchInSteps } from '@hoxen/core/match'
import type { Drawn, Situation } from '@hoxen/core/practise'
import type { DecimalMark } from '@hoxen/core/quantity'
import type { RigChoice, RigSlot, Steps, Wallet, Wanted } from '@hoxen/core/rig'
import type { WindowOptions } from '@hoxen/core/rod'
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
import type { GaugeFileReading, Run } from '@hoxen/core/water'
import type { RoundAsked } from './practise.ts'
import { alive, callOff, unhurried } from './unhurried.ts'

/** Reading of a file of gear. */
export interface GearFileReading {
  readonly table?: CsvReading
  readonly document?: DocumentReading
  readonly lines?: TypedLinesReading
}

type Apart = Extract<Specified, { outcome: 'do-not-go-together' }>

/** A question's number, by which it can be cancelled, and the gear it is about. */
export interface About {
  readonly id: number
  readonly revision: number
}

/** Computes these swings, in their order. */
export type LetSwing = (wanted: Wanted) => Promise<readonly Swung[]>

/** The gear as it was brought last. Messages come in their order: a question finds the gear that was sent before it. */
let known:
  | { readonly revision: number; readonly gear: Gear; readonly byId: ReadonlyMap<string, Item> }
  | undefined

function gearOf({ revision }: About): NonNullable<typeof known> {
  if (known?.revision !== revision) throw new Error('asked about gear that was not brought')
  return known
}

/** Runs a question in steps; the page schedules the swings it needs. */
const worked = <T>({ id }: Pick<About, 'id'>, steps: Steps<T>, letSwing: LetSwing): Promise<T> =>
  unhurried(id, steps, (wanted) => {
    if (wanted === undefined || wanted.length === 0) return undefined
    return Promise.all([judgement(), letSwing(wanted)]).then(([{ keepSwung }, swings]) => {
      for (const [i, swung] of swings.entries()) keepSwung(wanted[i] as SwingInput, swung)
    })
  })

// All that needs a swing, and what looks for what is not owned, come with the first such question.
const judgement = () => import('./judgement.ts')
const look = () => import('./look.ts')

/** Questions of the judging worker. */
export const coreApi = {
  callOff,
  alive,
  gear(revision: number, items: readonly Item[]): void {
    known = { revision, gear: { items }, byId: new Map(items.map((item) => [item.id, item])) }
  },

  match: (about: About, day: Day, letSwing: LetSwing): Promise<MatchResult> =>
    worked(about, matchInSteps(gearOf(about).gear, day), letSwing),

  /** The answer once the best have been swung. @param looks rods with heads that are; left out, as usual */
  async secondLook(
    about: About,
    day: Day,
    first: MatchResult,
    looks: number | undefined,
    letSwing: LetSwing,
  ): Promise<MatchResult> {
    const { gear } = gearOf(about)
    const { secondLookInSteps } = await judgement()
    return worked(about, secondLookInSteps(gear, day, first, looks), letSwing)
  },

  /** The remedy of the worst line of each of these rigs. */
  async remedies(about: About, day: Day, choices: readonly RigChoice[], wallet: Wallet, letSwing: LetSwing) {
    const known = gearOf(about)
    const { remediesInSteps } = await judgement()
    return worked(about, remediesInSteps({ ...known, wallet }, day, choices), letSwing)
  },
  /** The remedy of every failing line of one rig. */
  async remediesOf(about: About, day: Day, choice: RigChoice, wallet: Wallet, letSwing: LetSwing) {
    const known = gearOf(about)
    const { remediesOfInSteps } = await judgement()
    return worked(about, remediesOfInSteps({ ...known, wallet }, day, choice), letSwing)
  },
  /** Another angle or mend with which this rig would hold. */
  async planMend(about: About, day: Day, choice: RigChoice, letSwing: LetSwing) {
    const known = gearOf(about)
    const { planMendInSteps } = await judgement()
    return worked(about, planMendInSteps(known, day, choice), letSwing)
  },
  /** Every item that could stand in a slot of a rig. */
  async options(
    about: About,
    day: Day,
    choice: RigChoice,
    slot: RigSlot,
    wallet: Wallet,
    letSwing: LetSwing,
  ) {
    const known = gearOf(about)
    const { slotOptionsInSteps } = await judgement()
    return worked(about, slotOptionsInSteps({ ...known, wallet }, day, choice, slot), letSwing)
  },
  /** Windows of rods taught by trials and bends. */
  async ownWindows(about: About, learnt: Learnt, options: WindowOptions, letSwing: LetSwing) {
    const { gear } = gearOf(about)
    const { ownWindowsInSteps } = await judgement()
    return worked(about, ownWindowsInSteps(gear, learnt, options), letSwing)
  },
  /** Correction of a pool taught by its log. */
  async calibrate(about: About, run: Run, entries: readonly Entry[], letSwing: LetSwing) {
    const { byId } = gearOf(about)
    const { calibrateInSteps, seenIn } = await judgement()
    const seen = entries.flatMap((entry) => seenIn(entry, byId) ?? [])
    return worked(about, calibrateInSteps(run, seen), letSwing)
  },

  /** Item that would fix most where nothing fits. */
  async missing(about: About, day: Day, letSwing: LetSwing): Promise<MissingItem | undefined> {
    const { gear } = gearOf(about)
    const { missingInSteps } = await look()
    return worked(about, missingInSteps(gear, day), letSwing)
  },
  /** Parts to look for round those that are there, for one kind of head; which needs no gear. */
  async specify(
    id: number,
    day: Day,
    fixed: FixedParts,
    style: SpecifiedStyle,
    letSwing: LetSwing,
  ): Promise<Specified> {
    const { specifyInSteps } = await look()
    return worked({ id }, specifyInSteps(day, fixed, style), letSwing)
  },
  /** Spans of one such rig's figures. */
  async spans(id: number, day: Day, rig: SpecifiedRig, letSwing: LetSwing): Promise<SpecifiedRig> {
    const { withSpansInSteps } = await look()
    return worked({ id }, withSpansInSteps(day, rig), letSwing)
  },
  /** The rods next to the one of such a rig, and what each gives up. */
  async neighbours(
    id: number,
    day: Day,
    rig: SpecifiedRig,
    letSwing: LetSwing,
  ): Promise<readonly Neighbour[]> {
    const { neighboursInSteps } = await look()
    return worked({ id }, neighboursInSteps(day, rig), letSwing)
  },
  /** Slots of the parts that cannot go together. */
  async clash(
    id: number,
    day: Day,
    fixed: FixedParts,
    found: Apart,
    letSwing: LetSwing,
  ): Promise<readonly RigSlot[]> {
    const { clashInSteps } = await look()
    return worked({ id }, clashInSteps(day, fixed, found), letSwing)
  },
  /** Parts the other schools would look for. */
  async otherSchools(
    id: number,
    day: Day,
    fixed: FixedParts,
    rig: SpecifiedRig,
    letSwing: LetSwing,
  ): Promise<readonly OtherSchool[]> {
    const { otherSchoolsInSteps } = await look()
    return worked({ id }, otherSchoolsInSteps(day, fixed, rig), letSwing)
  },
  /** Candidates over several days, from the sight of one of them. */
  async candidates(
    about: About,
    question: OverDaysQuestion,
    day: Day,
    fixed: FixedParts,
    letSwing: LetSwing,
  ): Promise<readonly Item[]> {
    const { gear } = gearOf(about)
    const { OVER_DAYS } = await look()
    return worked(about, OVER_DAYS[question].candidates({ gear, fixed }, day), letSwing)
  },
  /** Candidates that serve on one day. */
  async serving(
    about: About,
    question: OverDaysQuestion,
    named: NamedDay,
    fixed: FixedParts,
    items: readonly Item[],
    letSwing: LetSwing,
  ): Promise<Serving> {
    const { gear } = gearOf(about)
    const { servingInSteps } = await look()
    return worked(about, servingInSteps(question, { gear, fixed }, named, items), letSwing)
  },

  /** A round of practice, drawn from one's own gear where that gives one. */
  async round(about: About, asked: RoundAsked, letSwing: LetSwing) {
    const { gear } = gearOf(about)
    const { askedRound } = await import('./practise.ts')
    return askedRound(asked, gear, (steps) => worked(about, steps, letSwing))
  },
  /** A round that was sent, or comes again; undefined where it is none. */
  async roundAgain(id: number, situation: Situation, letSwing: LetSwing): Promise<Drawn | undefined> {
    const { solveInSteps } = await import('./practise.ts')
    const round = await worked({ id }, solveInSteps(situation), letSwing)
    return round && { round, spare: false }
  },

  /** A file of everything, a table of gear, or a list as it is typed, by what it turns out to be. @param tell told how far it is, [0, 1] */
  async readGear(
    id: number,
    file: Blob,
    stamp: string,
    mark: DecimalMark,
    tell: (share: number) => void,
  ): Promise<GearFileReading> {
    const { readCsvInSteps, readDocument, readTypedLines, rowId, textOf } = await import('./files.ts')
    const text = await textOf(file)
    if (/^\s*[{[<]/.test(text)) return { document: readDocument(text) }
    const steps = readCsvInSteps(text, (row) => rowId(row, stamp))
    const table = await unhurried(id, steps, async (share) => tell(share))
    if (table.fileProblems[0]?.code !== 'not-a-table') return { table }
    const listed = (some: string) => readTypedLines(some, (row) => rowId(row, stamp), mark)
    const lines = listed(text)
    // A list that is too long is told from what is no list by how it begins.
    const isList = lines.fileProblems.length === 0 ? lines : listed(text.split('\n', 50).join('\n'))
    return isList.items.length > 0 ? { lines } : { table }
  },
  async refusedTable(file: Blob, why: Readonly<Record<number, string>>): Promise<string> {
    const { refusedTable, textOf } = await import('./files.ts')
    return refusedTable(await textOf(file), why)
  },
  async readPlaces(file: Blob): Promise<PlacesReading> {
    const { readPlaces, textOf } = await import('./files.ts')
    return readPlaces(await textOf(file))
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

export type CoreApi = typeof coreApi
