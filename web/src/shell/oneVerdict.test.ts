import { readFileSync } from 'node:fs'
import { type Day, dayOf, type Job } from '@hoxen/core/day'
import { dayPartsOf, readDocument, readShared, sharedOf, writeShared } from '@hoxen/core/format'
import { DEFAULT_SCHOOLS, type Item, type Kind } from '@hoxen/core/gear'
import { chartCells, chartColumns, frontsToTry, strandsOf, tipIdOf, tipRungs } from '@hoxen/core/ladder'
import {
  compareRigs,
  judgeStrand,
  matchRigs,
  optionsInSteps,
  type RankedRig,
  secondLook,
} from '@hoxen/core/match'
import {
  type RigChoice,
  swingInput,
  swingsInSteps,
  swungIn,
  through,
  triedTips,
  type Wallet,
} from '@hoxen/core/rig'
import type { TipItem } from '@hoxen/core/sink'
import { type Ride, type SwingInput, type Swung, swingVerdict, USUAL_PLAN } from '@hoxen/core/swing'
import { expect, test } from '@jest/globals'
import { judgedIn, partsIn } from '../ledger/judged.ts'
import { packed, unpacked } from '../link/packed.ts'
import { type GearNow, gearNow } from '../store/gear.ts'

const demo = readDocument(readFileSync(`${process.cwd()}/demo/skarn.json`, 'utf8')).document
const PAIRS = 60

function seeded(seed: number): () => number {
  let now = seed
  return () => {
    now = (now * 48271) % 2147483647
    return now / 2147483647
  }
}
const roll = seeded(20261129)
const pick = <T>(list: readonly T[]): T => list[Math.floor(roll() * list.length)] as T
const some = (...kinds: readonly Kind[]): readonly Item[] =>
  demo.items.filter(({ kind }) => kinds.includes(kind))

/** A handful of the demo's gear: a rod, a head, two tips, two leaders, a line and a reel; of every second one those that go together. */
function handful(day: Day, suited: boolean): GearNow {
  const { parts } = pick(matchRigs({ items: demo.items }, day).cards.slice(0, 8)).rig
  const other = (kinds: readonly Kind[], one: Item): Item =>
    pick(some(...kinds).filter((item) => item.id !== one.id))
  const tip = (suited ? parts.tip?.item : undefined) ?? pick(some('tip', 'sinking-leader'))
  const leader = (suited ? parts.leader : undefined) ?? pick(some('leader'))
  const [rod, head] = suited ? [parts.rod, parts.head.head] : [pick(some('rod')), pick(some('head'))]
  return gearNow([
    rod,
    head,
    tip,
    other(['tip', 'sinking-leader'], tip),
    leader,
    other(['leader'], leader),
    (suited ? parts.runningLine?.item : undefined) ?? pick(some('running-line')),
    (suited ? parts.reel : undefined) ?? pick(some('reel')),
  ])
}

/** A pool at a level it can be carried to. */
function water(): { readonly day: Day; readonly parts: Parameters<typeof dayOf>[0] } {
  const pool = pick(demo.runs.filter(({ shore }) => shore === undefined))
  const flowM3ps = (pool.measuredFlowM3ps ?? 20) * (0.6 + roll())
  const job = {
    ...demo.job,
    fishAt: pick(['bottom', 'middle', 'surface'] as const),
    castM: 15 + 12 * roll(),
  } as Job
  const plan = { ...USUAL_PLAN, angleDeg: pick([45, 60, 75]) }
  const stand = demo.stand && { ...demo.stand, windBy: 'hand' as const }
  const parts = {
    job,
    schools: DEFAULT_SCHOOLS,
    runs: demo.runs,
    water: { runId: pool.id, plan, flowM3ps },
    stand,
  }
  return { day: dayOf(parts), parts }
}

const tipsOf = (gear: GearNow): readonly TipItem[] =>
  gear.items.filter((item): item is TipItem => item.kind === 'tip' || item.kind === 'sinking-leader')

/** The one swing of a rig in a day, as every page has it of the service. */
const rideBy = (input: SwingInput): Ride => ({ ...(through(swingsInSteps([input]))[0] as Swung), track: [] })

interface Said {
  readonly verdict: string
  readonly share: number | undefined
}
const saidBy = ({ verdict, swung }: Pick<RankedRig, 'verdict' | 'swung'>): Said => ({
  verdict,
  share: swung?.summary.holdingShare,
})
const waterSays = (swung: Swung): string => swingVerdict(swung).state

/** Figures of a rig on each page, by its own functions. */
function pagesOn(
  gear: GearNow,
  choice: RigChoice,
  wallet: Wallet,
  { day, parts: dayParts }: ReturnType<typeof water>,
) {
  const parts = partsIn(gear, choice)
  if (parts === 'gone') throw new Error('gone')
  const ride = rideBy(swingInput({ ...day, parts }))
  const mine = judgedIn(parts, day, ride)
  const setup = { ...day, parts }
  const owned = { tips: tipsOf(gear), items: gear.byId, wallet }

  const fronts = frontsToTry(parts, owned)
  const rungs = tipRungs(setup, fronts).filter(
    (rung) => rung.angleDeg === day.plan.angleDeg && rung.tipId === choice.tipId,
  )
  const strands = strandsOf(
    rungs,
    new Map(rungs.map(({ id, input }) => [id, rideBy(input)])),
    fronts,
    choice.tipId,
  )
  const [strand] = strands

  const ids = owned.tips.map(({ id }) => id)
  const carried = triedTips(choice, wallet, ids, gear.byId).flatMap(({ tipId, rig }) => {
    const its = partsIn(gear, rig)
    return its === 'gone' ? [] : [{ tipId, parts: its, input: swingInput({ ...day, parts: its }) }]
  })
  // The tips that are not on the line too: Pocket and ladder let the very same swing go, with the leader of that tip.
  const atPlan = tipRungs(setup, fronts).filter(({ angleDeg }) => angleDeg === day.plan.angleDeg)
  expect(carried.map(({ input }) => input)).toEqual(
    carried.map(({ tipId }) => atPlan.find((rung) => rung.tipId === tipId)?.input),
  )
  const onLine = carried.find(({ tipId }) => tipId === choice.tipId)
  const pocket = onLine && judgedIn(onLine.parts, day, rideBy(onLine.input))

  const where = day.where
  if (where.by !== 'pool' || where.flow === undefined) throw new Error('no pool')
  const columns = chartColumns(
    setup,
    where.pool,
    fronts.filter((front) => tipIdOf(front) === choice.tipId),
    [where.flow.m3ps],
  )
  const here = columns.map((column) => ({
    ...column,
    rungs: column.rungs.filter(({ angleDeg }) => angleDeg === day.plan.angleDeg),
  }))
  const [cell] = chartCells(
    here,
    new Map(here.flatMap(({ rungs: all }) => all.map(({ id, input }) => [id, rideBy(input)]))),
  )

  const shared = readShared(
    unpacked(
      packed(
        writeShared(
          sharedOf({
            rig: choice,
            items: gear.items,
            parts: dayParts,
            wind: dayParts.stand?.wind ?? { fromDeg: 0, mps: 0 },
            flowM3ps: where.flow.m3ps,
          }),
        ),
      ),
    ) ?? '',
  )
  if (shared.outcome !== 'read') throw new Error(shared.outcome)
  const sharedGear = gearNow(shared.shared.items)
  const sharedDay = dayOf(dayPartsOf(shared.shared))
  const sharedParts = partsIn(sharedGear, shared.shared.rig)
  if (sharedParts === 'gone') throw new Error('gone')
  const link = judgedIn(sharedParts, sharedDay, rideBy(swingInput({ ...sharedDay, parts: sharedParts })))

  const option =
    choice.tipId === null
      ? undefined
      : through(optionsInSteps({ gear, wallet }, mine, 'tipId', day)).find(
          ({ item }) => item?.id === choice.tipId,
        )
  return { mine, setup, ride, strand, pocket, cell, link, option }
}

test(`one verdict: of ${PAIRS} rigs in pools every page says the same, and shows the same figure`, () => {
  const verdicts = new Set<string>()
  let [ladders, pockets] = [0, 0]
  for (let pair = 0; pair < PAIRS; pair++) {
    const at = water()
    const { day } = at
    const gear = handful(day, pair % 2 === 0)
    const [card] = secondLook(gear, day, matchRigs(gear, day)).cards
    if (card === undefined) throw new Error('nothing ranked')
    const { choice } = card.rig
    // Another leader hangs on every tip in the wallet: none of them is on the line.
    const leader = gear.items.find(({ kind, id }) => kind === 'leader' && id !== choice.leaderId)
    const wallet: Wallet = {
      pockets: [],
      tips: Object.fromEntries(tipsOf(gear).map(({ id }) => [id, { leaderId: leader?.id ?? null }])),
    }
    const { mine, setup, ride, strand, pocket, cell, link, option } = pagesOn(gear, choice, wallet, at)
    const match = saidBy(card.rig)
    verdicts.add(match.verdict)
    expect(card.tips.filter((tip) => tip.choice.tipId === choice.tipId).map(saidBy)).toEqual([match])
    // Strip, ledger, rig card, Compare.
    expect(saidBy(mine)).toEqual(match)
    expect(mine.checks).toEqual(card.rig.checks)
    expect(compareRigs(mine, card.rig).differ).toEqual([])
    // Water: the swing shown is the one judged.
    expect(ride.summary).toEqual(swungIn(setup.parts, day).summary)
    // Ladder, Pocket, the options of a slot, the link.
    if (strand !== undefined) {
      ladders++
      expect(saidBy(judgeStrand(setup.parts, day, strand.front, strand.best))).toEqual(match)
    }
    if (pocket !== undefined) {
      pockets++
      expect(saidBy(pocket)).toEqual(match)
    }
    if (option !== undefined) expect(saidBy(option.rig)).toEqual(match)
    expect(link.checks).toEqual(mine.checks)
    // The chart's cell at today's level.
    if (cell !== undefined)
      expect([waterSays(cell.ride), cell.ride.summary.holdingShare]).toEqual([waterSays(ride), match.share])
  }
  expect(verdicts).toEqual(new Set(['holds', 'watch', 'breaks']))
  expect(Math.min(ladders, pockets)).toBeGreaterThan(PAIRS / 2)
})
