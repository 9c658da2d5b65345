/**
 * The invented angler's season: some forty swings over four pools and their levels, and heads tried on two rods. As the model has it, in pools whose
 * depth and current are a little off what was measured, with an angler's scatter. Seeded: `npm run season` writes the same each time.
 */
import { readFileSync, writeFileSync } from 'node:fs'
import { itemSchema } from '@hoxen/core/gear'
import {
  bentSchema,
  chanceOf,
  type Entry,
  entrySchema,
  FEELS,
  sawOf,
  type Tried,
  triedSchema,
} from '@hoxen/core/journal'
import { resolveRig, swingInput, walletSchema } from '@hoxen/core/rig'
import { bentRod } from '@hoxen/core/rod'
import { swing, USUAL_PLAN } from '@hoxen/core/swing'
import { atFlow, runSchema, scaledRun } from '@hoxen/core/water'

const FILE = new URL('skarn.json', import.meta.url)
const DAY_MS = 24 * 3600_000
const FIRST_DAY = Date.UTC(2026, 8, 12, 14)
const GRAINS = 64.79891e-6

/** Lehmer's generator: the same season each time. */
let seed = 20260912
function roll(): number {
  seed = (seed * 48271) % 2147483647
  return seed / 2147483647
}
const pick = <T>(list: readonly T[]): T => list[Math.floor(roll() * list.length)] as T

const BIG = { rodId: 'long-seven-13-ft', runningLineId: 'coated-30-lb', reelId: 'full-frame-eleven' } as const
const POOLS = [
  { id: 'kettle-run', depth: 1.1, current: 0.94, head: '510-gr-short-skagit', castM: 21 },
  { id: 'long-alder', depth: 0.95, current: 1.06, head: '480-gr-long-skagit', castM: 20 },
  { id: 'ferry-stones', depth: 1.05, current: 1.02, head: '510-gr-short-skagit', castM: 23 },
  { id: 'bell-tail', depth: 0.92, current: 0.97, head: '240-gr-trout-skagit', castM: 11 },
] as const
/** Light to heavy: an angler who was too high takes the next, one who touched the one before. */
const TIPS = [
  't-8-5-ft',
  'part-sinking-5-ft-of-10',
  't-11-7-ft-6',
  't-8-10-ft',
  't-11-10-ft',
  't-14-10-ft',
] as const
const LIGHT = [
  'floating-tip-10-ft',
  'part-sinking-2-ft-of-10',
  'part-sinking-5-ft-of-10',
  't-8-5-ft',
] as const
const DAYS = 5
const SWINGS = 2
const NOTES = {
  touched: ['ticked the stones at the end of it', 'weed on the fly'],
  band: ['a pull, half way across', 'slow and level all the way'],
  high: ['skated over the seam', 'too quick in the fast tongue'],
} as const

const document = JSON.parse(readFileSync(FILE, 'utf8'))
const byId = new Map(
  (document.gear.items as unknown[]).map((raw) => {
    const item = itemSchema.parse(raw)
    return [item.id, item] as const
  }),
)

const entries: Entry[] = POOLS.flatMap((pool, p) => {
  const run = runSchema.parse((document.runs as { id: string }[]).find(({ id }) => id === pool.id))
  const measured = run.measuredFlowM3ps ?? 1
  const beck = pool.id === 'bell-tail'
  const tips: readonly string[] = beck ? LIGHT : TIPS
  const rod = beck
    ? { rodId: 'beck-three-10-ft-9', runningLineId: 'coated-20-lb', reelId: 'little-full-frame-five' }
    : BIG
  return Array.from({ length: DAYS }, (_, day) => {
    const flowM3ps = Math.round(measured * Math.exp((roll() - 0.5) * 1.1) * 10) / 10
    const firstMs = FIRST_DAY + (14 * day + 3 * p) * DAY_MS + Math.round(roll() * 2) * 3600_000
    const waterC = Math.round((11 - 1.8 * day + roll()) * 10) / 10
    // More water, a heavier tip to begin with.
    let at = Math.max(
      0,
      Math.min(
        tips.length - 1,
        Math.round((tips.length - 1) / 2 + 4 * Math.log(flowM3ps / measured) + (roll() - 0.5)),
      ),
    )
    return Array.from({ length: SWINGS }, (__, swingNo): Entry => {
      const rig = { ...rod, headId: pool.head, tipId: tips[at] ?? null, leaderId: 'level-4-ft' }
      const resolved = resolveRig(rig, byId)
      if (resolved.outcome !== 'resolved') throw new Error(`the demo has no ${resolved.id}`)
      const carried = atFlow(scaledRun(run, pool.depth, pool.current), measured, flowM3ps)
      if (carried.outcome === 'too-far') throw new Error('too far')
      const plan = { ...USUAL_PLAN, angleDeg: pick([45, 60, 60]), mends: [] }
      const fly = { dress: beck ? 'sparse' : 'medium', weighting: 'light' } as const
      const whole = { ...plan, rod: 'follow' as const, castM: pool.castM }
      const swung = swing(
        swingInput({
          parts: resolved.parts,
          fly,
          fishAt: 'bottom',
          fishKg: undefined,
          plan: whole,
          run: carried.run,
        }),
      )
      const saw = sawOf(swung, roll())
      const fish = saw === 'band' && roll() < 0.4
      const noted = roll() < 0.3
      at = Math.max(0, Math.min(tips.length - 1, at + (saw === 'high' ? 1 : saw === 'touched' ? -1 : 0)))
      return entrySchema.parse({
        id: `${pool.id}-${day + 1}-${swingNo + 1}`,
        runId: pool.id,
        atMs: firstMs + swingNo * 40 * 60_000 + Math.round(roll() * 20) * 60_000,
        flowM3ps,
        waterC,
        rig,
        tip: resolved.parts.tip?.item.name ?? null,
        leader: resolved.parts.leader?.name ?? null,
        fly,
        fishAt: 'bottom',
        plan,
        castM: pool.castM,
        saw,
        ...(saw === 'band' ? { pace: 'right' } : saw === 'high' ? { pace: 'fast' } : {}),
        ...(fish ? { fish: 1 } : {}),
        ...(noted ? { notes: pick(NOTES[saw]) } : {}),
      })
    })
  }).flat()
}).sort((a, b) => a.atMs - b.atMs)

/** Heads of a friend's, on rods whose windows this caster likes a little heavier than the number has it. */
const trials: Tried[] = (
  [
    ['switch-six-11-ft-3', 'skagit', 440, [390, 425, 460]],
    ['beck-three-10-ft-9', 'skagit', 252, [225, 240]],
  ] as const
).flatMap(([rodId, style, trueGr, heads]) =>
  heads.map((headGr, i): Tried => {
    let left = roll()
    const feel = FEELS.find((f) => {
      left -= chanceOf(f, Math.log(headGr / trueGr), Math.log(1.08))
      return left <= 0
    })
    return triedSchema.parse({
      id: `trial-${rodId}-${i + 1}`,
      rodId,
      style,
      headKg: headGr * GRAINS,
      feel: feel ?? 0,
      on: `2026-09-${20 + i}`,
    })
  }),
)

/** The switch rod has no printed window: bent beside the long seven with a bag of coins, read by a tape to half a centimetre. */
const GRAVITY = 9.80665
const KNOWN = { rodId: 'long-seven-13-ft', freeLengthM: 3.42, stiffness: 26, tipShare: 0.32 }
const UNKNOWN = { rodId: 'switch-six-11-ft-3', freeLengthM: 2.9, stiffness: 15.4, tipShare: 0.34 }
const bentUnder = ({ rodId, freeLengthM, stiffness, tipShare }: typeof KNOWN) => ({
  rodId,
  freeLengthM,
  loads: [0.12, 0.18, 0.25].map((massKg) => {
    const { shape } = bentRod((massKg * GRAVITY * freeLengthM ** 2) / stiffness, tipShare)
    const share = shape.at(-1)?.[1] ?? 0
    return { massKg, dropM: Math.round((share * freeLengthM + (roll() - 0.5) * 0.01) * 200) / 200 }
  }),
})
const bends = [
  bentSchema.parse({
    id: 'switch-six-beside-the-long-seven',
    known: bentUnder(KNOWN),
    unknown: bentUnder(UNKNOWN),
    on: '2026-09-19',
  }),
]

const wallet = walletSchema.parse({
  pockets: ['left chest pocket', 'right chest pocket', 'bag'],
  tips: {
    't-8-10-ft': { pocket: 'left chest pocket', leaderId: 'level-4-ft' },
    't-11-10-ft': { pocket: 'left chest pocket', leaderId: 'stepped-5-ft' },
    't-14-10-ft': { pocket: 'left chest pocket', leaderId: 'level-4-ft' },
    't-8-5-ft': { pocket: 'right chest pocket', leaderId: 'level-4-ft' },
    'part-sinking-5-ft-of-10': { pocket: 'right chest pocket', leaderId: 'stepped-5-ft' },
    'floating-tip-10-ft': { pocket: 'bag' },
    'tapered-seven-12-ft': { pocket: 'bag' },
  },
})

writeFileSync(FILE, `${JSON.stringify({ ...document, trials, bends, entries, wallet }, null, 2)}\n`)
