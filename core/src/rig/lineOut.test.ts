import { describe, expect, test } from '@jest/globals'
import { headFacts } from '../line/index.ts'
import { KG_PER_GRAIN, M_PER_FOOT } from '../quantity/index.ts'
import { dayWith, partsOf } from '../testing/index.ts'
import { roomNeededM } from './checks/water.ts'
import { type CheckCode, LAUNCH_MPS, ledger, type RigParts, rigTurnover, swingInput } from './index.ts'
import { carriedM, lineOutM } from './looped.ts'
import { strandParts } from './swings/strand.ts'

const feet = (n: number): number => n * M_PER_FOOT
const bareScandi = (feetLong: number, leaderId: string): RigParts => ({
  ...partsOf({ rodId: 'switch-six-11-ft-3', tipId: null, leaderId }),
  head: headFacts({
    kind: 'head',
    id: 'h',
    name: 'h',
    style: 'scandi',
    massKg: 450 * KG_PER_GRAIN,
    lengthM: feet(feetLong),
  }),
})
const stateOf = (parts: RigParts, castM: number, code: CheckCode) =>
  ledger(parts, dayWith({ castM })).find((line) => line.code === code)?.state

/** A double taper so long on the one-hand six. */
const doubleTaper = (lengthM: number): RigParts => ({
  ...partsOf({
    rodId: 'one-hand-six-9-ft-6',
    headId: 'no-6-double-taper',
    tipId: null,
    leaderId: 'tapered-9-ft',
  }),
  head: headFacts({
    kind: 'head',
    id: 'dt',
    name: 'dt',
    style: 'double-taper',
    labelNumber: 5,
    labelStandard: 'single-hand',
    frontTaperM: feet(7),
    lengthM,
  }),
})

describe('line out, of the head [physics] C49', () => {
  test('11¼ ft switch, 31 ft Scandi, 13 ft leader, 9 m: next to nothing of it is outside, and it breaks', () => {
    const parts = bareScandi(31, 'tapered-13-ft')
    // Reach of the rod held low: √(3.43² − 1²) and half a metre of arm.
    const reach = Math.sqrt(feet(11.25) ** 2 - 1) + 0.5
    expect(lineOutM(parts, dayWith({ castM: 9 }))).toBeCloseTo(9 - reach - 3.9624, 6)
    expect(stateOf(parts, 9, 'line-out')).toBe('breaks')
    expect(stateOf(parts, 20, 'line-out')).toBe('holds')
  })
  test('nine tenths out hold, three quarters are to be watched [practice], and only that line speaks', () => {
    const parts = bareScandi(30, 'tapered-13-ft')
    const at = (share: number): number => {
      const whole = dayWith({ castM: 40 })
      const allOut = 40 - lineOutM({ ...parts, head: { ...parts.head, lengthM: 99 } }, whole)
      return allOut + share * parts.head.lengthM
    }
    const masses = new Set<unknown>()
    for (const [share, expected] of [
      [1, 'holds'],
      [0.901, 'holds'],
      [0.899, 'watch'],
      [0.751, 'watch'],
      [0.749, 'breaks'],
    ] as const) {
      expect([share, stateOf(parts, at(share), 'line-out')]).toEqual([share, expected])
      masses.add(stateOf(parts, at(share), 'mass-in-window'))
    }
    expect(masses.size).toBe(1)
  })
  test('the strand that swings has as much of the head in it', () => {
    for (const castM of [9, 12, 15, 25]) {
      const parts = bareScandi(31, 'tapered-9-ft')
      const day = dayWith({ castM })
      const laidM = swingInput({ ...day, parts }).parts.reduce((sum, { lengthM }) => sum + lengthM, 0)
      const front = strandParts(parts, laidM).reduce((sum, p) => sum + p.kgPerM * p.lengthM, 0)
      const running = Math.max(0, laidM - parts.head.lengthM - (parts.leader?.lengthM ?? 0))
      expect(lineOutM(parts, day)).toBeCloseTo(laidM - running - (parts.leader?.lengthM ?? 0), 6)
      expect(front).toBeGreaterThan(0)
    }
  })
  test('without a leader the shortest that does is reckoned with', () => {
    const parts = bareScandi(30, 'tapered-13-ft')
    expect(stateOf({ ...parts, leader: null }, 13.5, 'line-out')).not.toBe('holds')
  })
})

describe('lines in one piece carry what is asked [physics] C49', () => {
  const drop = (lengthM: number): number => {
    const fly = { dress: 'bulky', weighting: 'heavy' } as const
    const thrown = rigTurnover(doubleTaper(lengthM), fly, LAUNCH_MPS.average, dayWith({ castM: 14 }))
    if (thrown.outcome !== 'turned-over') throw new Error(thrown.outcome)
    return thrown.dropM
  }
  test('a double taper of 90 ft drops the fly as one of 40 ft does', () => {
    expect(drop(feet(90))).toBeCloseTo(drop(feet(40)), 3)
  })
  test('room and loop go with the cast; a roll cast in a beck wants half a rod length [practice] C50', () => {
    const line = doubleTaper(feet(60))
    const [short, far] = [8, 20].map((castM) => dayWith({ castM, roomBehindM: 1.5 }))
    if (short === undefined || far === undefined) throw new Error('no day')
    expect(carriedM(line, short)).toBeLessThan(carriedM(line, far))
    expect(roomNeededM(line, short)).toBeLessThan(0.5 * line.rod.lengthM)
    expect(stateOf(line, 8, 'room-behind')).toBe('holds')
    const inBeck = ledger(line, short)
    expect(inBeck.find((l) => l.code === 'room-behind')?.state).toBe('holds')
    expect(inBeck.find((l) => l.code === 'cast')?.state).toBe('holds')
    // With next to nothing carried the D loop needs less than a roll cast, and that counts.
    const least = ledger(line, dayWith({ castM: 6, roomBehindM: 1 }))
    expect(least.find((l) => l.code === 'room-behind')?.state).toBe('holds')
    // Further out than three rod lengths of line it does not roll: the D loop counts.
    expect(roomNeededM(line, far)).toBeGreaterThan(short.roomBehindM)
    expect(stateOf(line, 8, 'line-out')).toBeUndefined()
  })
})
