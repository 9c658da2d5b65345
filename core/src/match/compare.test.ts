import { describe, expect, test } from '@jest/globals'
import { DEMO, DEMO_GEAR, dayWith, partsOf } from '../testing/index.ts'
import { sayAdvantages } from '../words/index.ts'
import { advantagesOf, compareRigs, judgeSwung } from './index.ts'

const KETTLE = dayWith(
  { castM: 20 },
  { runs: DEMO.runs, water: { runId: 'kettle-run', plan: { angleDeg: 60, tipHeightM: 1, mends: [] } } },
)
const skagit = judgeSwung(partsOf({ tipId: 't-8-5-ft' }), KETTLE)
const scandi = judgeSwung(
  partsOf({ headId: '450-gr-scandi', tipId: null, leaderId: 'tapered-13-ft' }),
  KETTLE,
)

describe('two rigs', () => {
  test('what stands otherwise comes first, then other figures; nothing is told twice or left out', () => {
    const { differ, same } = compareRigs(skagit, scandi)
    const codes = [...differ, ...same].map(({ code }) => code)
    expect(new Set(codes).size).toBe(codes.length)
    expect(new Set(codes)).toEqual(new Set([...skagit.checks, ...scandi.checks].map(({ code }) => code)))
    const otherwise = differ.map(({ lines: [a, b] }) => a?.state !== b?.state)
    expect(otherwise).toEqual([...otherwise].sort((a, b) => Number(b) - Number(a)))
    expect(compareRigs(skagit, skagit).differ).toEqual([])
    expect(DEMO_GEAR.items.length).toBeGreaterThan(20)
  })
  test('a Skagit needs less room, a Scandi goes further; a rig is no better than itself', () => {
    const found = advantagesOf(skagit, scandi)
    expect(found.find(({ what }) => what === 'room')?.of).toBe(0)
    expect(found.find(({ what }) => what === 'reach')?.of).toBe(1)
    expect(advantagesOf(scandi, skagit).find(({ what }) => what === 'room')?.of).toBe(1)
    expect(advantagesOf(skagit, skagit)).toEqual([])
    expect(sayAdvantages(found, ['The one', 'The other'], 'metric')).toMatch(
      /^The one needs .* less room behind.*\. The other casts /,
    )
    expect(sayAdvantages([], ['a', 'b'], 'metric')).toContain('nothing to choose')
  })
})
