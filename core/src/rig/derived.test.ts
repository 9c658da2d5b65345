import { describe, expect, test } from '@jest/globals'
import { dayOf, FIRST_JOB } from '../day/index.ts'
import { DEFAULT_SCHOOLS } from '../gear/index.ts'
import { massOf } from '../line/index.ts'
import { DEMO_BY_ID as byId, partsOf as rig, WINTER_RIG as SKAGIT } from '../testing/index.ts'
import { airParts } from './air.ts'
import {
  JOINT_KNOTS,
  jointPlaces,
  LAUNCH_MPS,
  lineInRings,
  lineOnReelKg,
  massCurve,
  type RigJoint,
  type RigParts,
  resolveRig,
  riggingSteps,
  rigTurnover,
  usualKnot,
  woundLines,
} from './index.ts'

const SCANDI = { headId: '450-gr-scandi', tipId: null, leaderId: 'tapered-15-ft' } as const
const heavyTube = { dress: 'bulky', weighting: 'heavy' } as const

const DAY = dayOf({ job: FIRST_JOB, schools: DEFAULT_SCHOOLS })

describe('what a rig is made of', () => {
  test.each(['rodId', 'headId', 'tipId', 'leaderId', 'runningLineId', 'reelId'] as const)(
    'a missing %s is named',
    (slot) => {
      expect(resolveRig({ ...SKAGIT, [slot]: 'gone' }, byId)).toEqual({ outcome: 'missing-item', id: 'gone' })
    },
  )
  test('an item of another kind does not fill a slot', () => {
    expect(resolveRig({ ...SKAGIT, tipId: 'coated-30-lb' }, byId).outcome).toBe('missing-item')
    expect(resolveRig({ ...SKAGIT, headId: 't-11-10-ft' }, byId).outcome).toBe('missing-item')
    expect(resolveRig({ ...SKAGIT, leaderId: 't-11-10-ft' }, byId).outcome).toBe('missing-item')
  })
})

describe('in the air', () => {
  test('slices keep the mass and length of head, tip and leader', () => {
    const parts = rig()
    const slices = airParts(parts)
    const mass = slices.reduce((sum, s) => sum + s.lengthM * s.kgPerM, 0)
    const rest = (parts.tip?.massKg.value ?? 0) + massOf(parts.head.line)
    expect(mass / rest).toBeGreaterThan(1)
    expect(mass / rest).toBeLessThan(1.02)
    expect(slices.reduce((sum, s) => sum + s.lengthM, 0)).toBeCloseTo(
      parts.head.lengthM + (parts.tip?.lengthM ?? 0) + (parts.leader?.lengthM ?? 0),
      9,
    )
  })
  test('a bulky heavy fly dies on a Scandi and flies on a Skagit with T-11 [estimate]', () => {
    const speed = (parts: RigParts): number => {
      const result = rigTurnover(parts, heavyTube, LAUNCH_MPS.average, DAY)
      if (result.outcome !== 'turned-over') throw new Error(result.outcome)
      return result.speedAtFlyMps / LAUNCH_MPS.average
    }
    expect(speed(rig())).toBeGreaterThan(1.2)
    expect(speed(rig(SCANDI))).toBeLessThan(0.8)
  })
  test('a caster who pulls with the lower hand throws a faster loop', () => {
    expect(LAUNCH_MPS['lower-hand']).toBeGreaterThan(LAUNCH_MPS.average)
    expect(LAUNCH_MPS.average).toBeGreaterThan(LAUNCH_MPS['top-hand'])
  })
})

describe('along the line', () => {
  test('mass ahead falls from the whole to nothing, without a step', () => {
    const curve = massCurve(rig())
    curve.forEach((point, i) => {
      const before = curve[i - 1]
      if (before !== undefined) {
        expect(point.aheadKg).toBeLessThanOrEqual(before.aheadKg + 1e-15)
        expect(point.atM).toBeGreaterThanOrEqual(before.atM)
      }
    })
    expect(curve.at(-1)?.aheadKg).toBeCloseTo(0, 9)
  })
  test('joints lie where the parts meet; only the tungsten tip on a Scandi steps up', () => {
    const [tip, leader] = jointPlaces(rig())
    expect(tip).toMatchObject({ slot: 'tipId', atM: expect.closeTo(6.096, 9) })
    expect(leader).toMatchObject({ slot: 'leaderId', atM: expect.closeTo(9.144, 9) })
    for (const joint of [tip, leader]) expect(joint?.aheadKgPerM).toBeLessThan(joint?.behindKgPerM ?? 0)
    const [up] = jointPlaces(rig({ ...SCANDI, tipId: 't-8-10-ft' }))
    expect(up?.aheadKgPerM).toBeGreaterThan(up?.behindKgPerM ?? 0)
  })
})

describe('on the reel', () => {
  test('backing lies under the running line, the head on top', () => {
    expect(woundLines(rig(), undefined, 100).map((l) => l.part)).toEqual(['backing', 'running', 'head'])
  })
  test('a line in one piece brings its own running line, a whole double taper none', () => {
    const integrated = woundLines(
      rig({ headId: '465-gr-integrated-scandi', runningLineId: null }),
      undefined,
      50,
    )
    expect(integrated.find((l) => l.part === 'running')?.lengthM).toBeCloseTo(30 - 36 * 0.3048, 9)
    const head = woundLines(rig({ headId: 'no-6-double-taper', runningLineId: null }), undefined, 50)
    expect(head.reduce((sum, l) => sum + (l.part === 'backing' ? 0 : l.lengthM), 0)).toBeGreaterThanOrEqual(
      18,
    )
  })
  test('a full spool adds the head, the running line and the backing', () => {
    const parts = rig()
    const alone = lineOnReelKg(parts, undefined, 0)
    expect(alone).toBeCloseTo(parts.head.massKg.value + 30 * (parts.runningLine?.kgPerM.value ?? 0), 6)
    expect(lineOnReelKg(parts, undefined, 100)).toBeGreaterThan(alone)
  })
  test('line in the rings hangs half way between reel and tip', () => {
    const [hung] = lineInRings(rig(), 0.13)
    expect(hung?.atM).toBeCloseTo((3.9624 + 0.13) / 2, 9)
    expect(lineInRings(rig({ headId: '465-gr-integrated-scandi', runningLineId: null }), 0.13)).toEqual([])
  })
})

describe('the rigging list', () => {
  const codes = (parts: RigParts): string[] => riggingSteps(parts).map((s) => s.joint ?? s.code)
  test('goes from spool to fly, and ends with a look round', () => {
    const order = codes(rig())
    for (const [before, after] of [
      ['reel-backing', 'backing-running'],
      ['backing-running', 'running-head'],
      ['running-head', 'head-tip'],
      ['head-tip', 'front-leader'],
      ['front-leader', 'leader-fly'],
      ['turn-ferrules', 'string-rod'],
      ['string-rod', 'head-tip'],
      ['string-rod', 'leader-fly'],
    ] as const)
      expect(order.indexOf(before)).toBeLessThan(order.indexOf(after))
    expect(order.at(-1)).toBe('look-behind')
  })
  test('a bare Scandi joins no tip; one piece joins no head and needs no marks; mono is stretched', () => {
    expect(codes(rig(SCANDI))).not.toContain('head-tip')
    const whole = codes(rig({ headId: '465-gr-integrated-scandi', runningLineId: null }))
    expect(whole).not.toContain('running-head')
    expect(whole).not.toContain('load-mark')
    expect(codes(rig({ runningLineId: 'mono-7-g' }))).toContain('stretch')
  })
  test('step identifiers are unique, and each joint’s usual knot is one of its own', () => {
    const ids = riggingSteps(rig()).map((s) => s.id)
    expect(new Set(ids).size).toBe(ids.length)
    for (const joint of Object.keys(JOINT_KNOTS) as RigJoint[])
      for (const backingJoint of ['loop', 'knot'] as const)
        expect(JOINT_KNOTS[joint]).toContain(usualKnot(joint, { ...DEFAULT_SCHOOLS, backingJoint }))
    expect(usualKnot('backing-running', { ...DEFAULT_SCHOOLS, backingJoint: 'knot' })).toBe('nail')
  })
})
