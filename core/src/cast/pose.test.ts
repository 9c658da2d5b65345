import { describe, expect, test } from '@jest/globals'
import type { CastChoice, CastSetting } from './choose.ts'
import {
  backCastIn,
  CAST_MOVES,
  CAST_NAMES,
  type CastFault,
  dLoopOf,
  fullestOf,
  type PlayedCast,
  poseAt,
  rollBehindM,
  stepsOf,
} from './index.ts'

const SETTING: CastSetting = {
  hand: 'right',
  bank: 'right',
  wind: { fromDeg: 0, mps: 0 },
  targetDeg: -35,
  roomM: 8,
  wadingM: 0.5,
  rig: { rodLengthM: 4, style: 'skagit', headLengthM: 7, tipLengthM: 3, leaderLengthM: 1.2 },
}
const ROD_M = SETTING.rig.rodLengthM
const played = (cast: CastChoice['cast'], more: Partial<PlayedCast> = {}): PlayedCast => ({
  choice: { cast, side: 'right', reasons: [] },
  setting: SETTING,
  castM: 20,
  ...more,
})
const apart = (a: readonly number[], b: readonly number[]): number =>
  Math.hypot(...a.map((one, i) => one - (b[i] ?? 0)))
/** Out along the line of the cast [m]; less is behind. */
const out = ([x, y]: readonly [number, number, number], deg = -35): number =>
  x * Math.sin((deg * Math.PI) / 180) + y * Math.cos((deg * Math.PI) / 180)
const stepNo = (cast: CastChoice['cast'], code: string): number =>
  stepsOf(cast).findIndex((step) => step.code === code)

// Geometry of our own figures; the movements themselves are common practice, no source.
describe.each(
  CAST_NAMES.flatMap((cast) => (['left', 'right'] as const).map((side) => [cast, side] as const)),
)('%s off the %s side', (cast, side) => {
  const it = played(cast, { choice: { cast, side, reasons: [] } })
  const moments = stepsOf(cast).flatMap((_step, i) =>
    [0, 0.2, 0.5, 0.8, 1].map((share) => poseAt(it, i, share)),
  )

  test('the rod keeps its length, and nothing is under water', () => {
    for (const { hands, tip, line } of moments) {
      expect(apart(hands, tip)).toBeGreaterThan(0.6 * ROD_M)
      expect(apart(hands, tip)).toBeLessThan(ROD_M)
      expect(Math.min(...line.map(([, , up]) => up))).toBeGreaterThanOrEqual(0)
      expect(line[0]).toBe(tip)
    }
  })

  test('each movement begins where the one before has ended, and the fly lands at its target', () => {
    for (let i = 1; i < stepsOf(cast).length; i++) {
      const [end, start] = [poseAt(it, i - 1, 1), poseAt(it, i, 0)]
      expect(apart(end.tip, start.tip)).toBeLessThan(1e-9)
      end.line.forEach((point, n) => {
        expect(apart(point, start.line[n] ?? [])).toBeLessThan(1e-9)
      })
    }
    const fly = poseAt(it, stepsOf(cast).length - 1, 1).line.at(-1) ?? [0, 0, 9]
    expect(out(fly)).toBeCloseTo(20)
    expect(Math.hypot(...fly)).toBeCloseTo(20)
  })

  test('it goes off its own side: the other is its image', () => {
    const other = played(cast, {
      choice: { cast, side: side === 'left' ? 'right' : 'left', reasons: [] },
      setting: { ...SETTING, targetDeg: 0 },
    })
    const same = { ...it, setting: { ...SETTING, targetDeg: 0 } }
    stepsOf(cast).forEach((_step, i) => {
      const [a, b] = [poseAt(same, i, 1), poseAt(other, i, 1)]
      expect(a.tip[0]).toBeCloseTo(-b.tip[0])
      expect(a.tip[2]).toBeCloseTo(b.tip[2])
      expect(a.line[20]?.[0]).toBeCloseTo(-(b.line[20]?.[0] ?? 0))
    })
  })
})

test('the line hangs as long as it is, and no further out than it is cast; hands are lower the deeper one stands', () => {
  const start = (castM: number) => poseAt(played('double-spey', { castM }), 0, 0)
  expect(Math.hypot(...(start(40).line.at(-1) ?? []))).toBeCloseTo(
    (backCastIn(SETTING).lineM + ROD_M) * Math.hypot(1, 0.15),
  )
  expect(Math.hypot(...(start(9).line.at(-1) ?? []))).toBeCloseTo(9 * Math.hypot(1, 0.15))
  expect(start(9).hands[2]).toBeCloseTo(0.7)
})

test('the loop lies opposite the target and reaches as far as the ledger says, less in the compact stroke', () => {
  const looped = { rodM: ROD_M, style: 'skagit', carriedM: 7, wadingM: 0.5 } as const
  for (const stroke of ['full', 'compact'] as const) {
    const choice: PlayedCast['choice'] = {
      cast: 'double-spey',
      side: 'right',
      reasons: stroke === 'compact' ? ['compact-stroke'] : [],
    }
    const { pose, behindM } = fullestOf(played('double-spey', { choice }))
    expect(behindM).toBe(dLoopOf(looped, stroke).behindM)
    expect(-Math.min(...pose.line.map((point) => out(point)))).toBeCloseTo(behindM)
  }
})

test('a roll cast’s line hangs no further behind than the ledger gives it room for', () => {
  const { pose, behindM } = fullestOf(played('roll'))
  expect(behindM).toBe(rollBehindM(ROD_M))
  expect(-Math.min(...pose.line.map((point) => out(point)))).toBeCloseTo(behindM)
})

test('a back cast comes as low as the ledger says; the deeper one stands, the lower all of it', () => {
  const { pose, behindM } = fullestOf(played('overhead-two-handed'))
  const end = pose.line.at(-1) ?? [0, 0, 0]
  expect(end[2]).toBeCloseTo(backCastIn(SETTING).lowM)
  expect([-out(end), behindM]).toEqual([expect.closeTo(behindM), backCastIn(SETTING).lineM])
  const deep = poseAt(played('overhead-two-handed', { setting: { ...SETTING, wadingM: 1 } }), 1, 1)
  expect(deep.tip[2]).toBeCloseTo(poseAt(played('overhead-two-handed'), 1, 1).tip[2] - 0.5, 1)
})

test('every fault of a cast shows in its picture, as its sentence says', () => {
  for (const cast of CAST_NAMES)
    for (const fault of CAST_MOVES[cast].faults) {
      const moved = stepsOf(cast).some((_step, i) =>
        poseAt(played(cast), i, 1).line.some(
          (point, n) => apart(point, poseAt(played(cast, { fault }), i, 1).line[n] ?? []) > 0.5,
        ),
      )
      expect([cast, fault, moved]).toEqual([cast, fault, true])
    }
  const end = (fault?: CastFault) => poseAt(played('single-spey', { fault }), 1, 1).line.at(-1) ?? [0, 0, 0]
  expect(out(end('anchor-far-back'))).toBeLessThan(0)
  expect(end('lift-too-fast')[2]).toBeGreaterThan(1)
  const depth = (fault?: CastFault) =>
    Math.min(
      ...poseAt(played('perry-poke', { fault }), stepNo('perry-poke', 'form-loop'), 1).line.map((point) =>
        out(point),
      ),
    )
  expect(depth('loop-stalls')).toBeGreaterThan(depth() * 0.6)
})

test('a step there is none of is refused', () => {
  expect(() => poseAt(played('roll'), 3, 0)).toThrow(RangeError)
})
