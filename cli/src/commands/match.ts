import { type Day, dayOf, jobSchema, type Stand, standSchema, USUAL_STAND } from '@hoxen/core/day'
import { DEFAULT_SCHOOLS, type Schools, schoolsSchema } from '@hoxen/core/gear'
import {
  CARD_LIMIT,
  type Card,
  judgeSwung,
  matchRigs,
  type PartOption,
  type RankedRig,
  scoreFigure,
  secondLook,
} from '@hoxen/core/match'
import { rigChoiceSchema, riggingSchema } from '@hoxen/core/rig'
import { missingItem } from '@hoxen/core/specify'
import { planSchema, USUAL_PLAN } from '@hoxen/core/swing'
import { flowReach, flowSchema, type Run } from '@hoxen/core/water'
import { sayCheck } from '@hoxen/core/words'
import * as z from 'zod'
import { command, refusal } from '../command.ts'
import { gearById, partsOf } from '../gearAsked.ts'
import { gearInput, jobInput, runInput } from '../kept.ts'

const { bank, wind, obstruction, wadingM, skill, shoulder } = standSchema.shape
/** Where one stands, as `casts` means it; what is not said is as usual. */
export const standInput = z.strictObject({
  bank: bank.nullable(),
  wind,
  obstruction: obstruction.optional(),
  wadingM: wadingM.optional(),
  skill: skill.optional(),
  shoulder,
})

/** Arguments that tell a day on the command line: the job, and a run at a flow or the water the job describes. */
export const dayInput = {
  job: jobInput,
  run: runInput.optional(),
  flowM3ps: flowSchema.optional(),
  /** As the application keeps it; a cast told here outranks the job's. */
  plan: planSchema.extend({ castM: jobSchema.shape.castM.optional() }).optional(),
  schools: schoolsSchema.partial().optional(),
  stand: standInput.optional(),
  flyKnot: riggingSchema.shape.knots.shape['leader-fly'],
}
const schema = z.strictObject({
  gear: gearInput,
  ...dayInput,
  limit: z.number().int().min(1).max(1000).optional(),
})

const told = (partial: object): object =>
  Object.fromEntries(Object.entries(partial).filter(([, v]) => v !== undefined))

/** A stand as it is told; the bank is the pool's where none is. */
export const standOf = (stand: z.infer<typeof standInput>, run: Run | undefined): Stand => ({
  ...USUAL_STAND,
  ...(told(stand) as Partial<Stand>),
  bank: stand.bank ?? run?.bank ?? USUAL_STAND.bank,
})

const reachOf = ({ measuredFlowM3ps = 0 }: Run) => {
  const { low, high } = flowReach(measuredFlowM3ps)
  return { lowM3ps: low, highM3ps: high }
}

/** The day of a command's input; a flow too far from the one the pool was measured at is refused. */
export function dayFrom({
  job,
  run,
  flowM3ps,
  plan,
  schools,
  stand,
  flyKnot,
}: z.infer<z.ZodObject<typeof dayInput>>): Day {
  const { castM, ...handling } = plan ?? USUAL_PLAN_INPUT
  if (flowM3ps !== undefined && run?.measuredFlowM3ps === undefined)
    throw refusal('flow-without-measure', ['flowM3ps'])
  const day = dayOf({
    job: castM === undefined ? job : { ...job, castM },
    schools: { ...DEFAULT_SCHOOLS, ...(told(schools ?? {}) as Partial<Schools>) },
    stand: stand && standOf(stand, run),
    flyKnot,
    runs: run === undefined ? [] : [run],
    water: {
      plan: handling,
      ...(run === undefined ? {} : { runId: run.id }),
      ...(flowM3ps === undefined ? {} : { flowM3ps }),
    },
  })
  if (day.where.by === 'pool' && day.where.level === 'too-far')
    throw refusal('level-too-far', ['flowM3ps'], reachOf(day.where.pool))
  return day
}
const USUAL_PLAN_INPUT: z.infer<typeof planSchema> & { castM?: number | undefined } = USUAL_PLAN

export const EXAMPLE = {
  gear: {
    items: [
      {
        kind: 'rod',
        id: 'long-seven',
        name: 'Long seven',
        lineNumber: 7,
        lengthM: 3.9624,
        hands: 'two-hander',
      },
      {
        kind: 'head',
        id: 'skagit-510',
        name: '510 gr Skagit',
        style: 'skagit',
        massKg: 0.03304744,
        lengthM: 7.01,
      },
      { kind: 'tip', id: 't-11', name: 'T-11, 10 ft', build: 'level', lengthM: 3.048, kgPerM: 0.0023385 },
      { kind: 'leader', id: 'stepped-5', name: 'Stepped 5 ft', form: 'stepped', lengthM: 1.524 },
      { kind: 'running-line', id: 'coated', name: 'Coated 30 lb', build: 'coated' },
      { kind: 'reel', id: 'eleven', name: 'Full-frame eleven', forNumber: 11, cage: 'full' },
    ],
  },
  job: {
    fishKg: 3.6,
    water: 'river',
    fly: { dress: 'bulky', weighting: 'light' },
    castM: 21,
    waterDepthM: 1.1,
    fishAt: 'bottom',
    currentMps: 0.4,
    roomBehindM: 4,
    season: 'winter',
    style: 'any',
    caster: { hand: 'right', habit: 'average', mainly: 'spey' },
  },
}

/** A rig of that gear, and a run for it. */
export const EXAMPLE_RIG = {
  rodId: 'long-seven',
  headId: 'skagit-510',
  tipId: 't-11',
  leaderId: 'stepped-5',
  runningLineId: 'coated',
  reelId: 'eleven',
}
export const EXAMPLE_RUN = {
  id: 'run',
  name: 'A run',
  bank: 'right',
  widthM: 34,
  soundings: [{ fromBankM: 15, depthM: 1.6 }],
  currents: [{ fromBankM: 10, mps: 0.6 }],
  bottom: 'cobble',
  wadeM: 4,
  measuredFlowM3ps: 20,
}

/** The swing in a report's JSON; a verdict without one is provisional. */
function swingTold({ swung, provisional }: Pick<RankedRig, 'swung' | 'provisional'>) {
  if (swung === undefined) return provisional ? { provisional } : {}
  const { holdingShare, inBandS, overHoldingS, swingS, hangDepthM } = swung.summary
  const { draggedM, touches, touchesOverHolding, bedShare } = swung.summary
  const contact = { draggedM, touches, touchesOverHolding, bedShare }
  const { onTop } = swung.summary
  const shares = { holdingShare, inBandS, overHoldingS, swingS, hangDepthM }
  return { swing: { outcome: swung.outcome, ...shares, ...contact, ...(onTop && { onTop }) } }
}

const partTold = ({ choice, verdict, ...rest }: PartOption) => ({
  tipId: choice.tipId,
  leaderId: choice.leaderId,
  runningLineId: choice.runningLineId,
  verdict,
  ...swingTold(rest),
})

const rigTold = ({ choice, verdict, score, checks, ...rest }: RankedRig) => ({
  ...choice,
  verdict,
  score: scoreFigure(score),
  scoreParts: score,
  ...swingTold(rest),
  checks: checks.map((check) => ({
    code: check.code,
    state: check.state,
    reason: check.reason,
    value: check.value,
    allowed: check.allowed,
    ...(check.off > 0 ? { off: check.off } : {}),
    tag: check.tag,
    message: sayCheck(check, 'trade'),
  })),
})

const cardTold = ({ rig, tips, leaders, lines }: Card) => ({
  ...rigTold(rig),
  tips: tips.map(partTold),
  leaders: leaders.map(partTold),
  runningLines: lines.map(partTold),
})

export const matchCommand = command({
  name: 'match',
  summary: 'the best rigs from a gear list for one day, each swung in its water',
  schema,
  example: EXAMPLE,
  run: ({ gear, limit, ...asked }) => {
    gearById(gear)
    const day = dayFrom(asked)
    const result = secondLook(gear, day, matchRigs(gear, day, limit ?? CARD_LIMIT))
    const missing = result.outcome === 'ranked' ? undefined : missingItem(gear, day)
    return {
      outcome: result.outcome,
      combinations: result.combinations,
      ...(missing === undefined ? {} : { missing }),
      rigs: result.cards.map(cardTold),
    }
  },
})

export const judgeCommand = command({
  name: 'judge',
  summary: 'one rig on one day: its ledger and how it swings',
  schema: z.strictObject({ gear: gearInput, rig: rigChoiceSchema, ...dayInput }),
  example: {
    ...EXAMPLE,
    rig: EXAMPLE_RIG,
  },
  run: ({ gear, rig, ...asked }) => {
    return rigTold(judgeSwung(partsOf(rig, gearById(gear)), dayFrom(asked)))
  },
})
