import { describe, expect, test } from '@jest/globals'
import { askedFor, askedRod, quickAdd } from '../format/index.ts'
import type { Rod } from '../gear/index.ts'
import { M_PER_FOOT } from '../quantity/index.ts'
import { type SpecifiedRig, specify } from '../specify/index.ts'
import { dayWith } from '../testing/index.ts'
import { FIGURE_NAMES, lookForText, quickLine, saySort, saySpan, sayStrength } from './index.ts'

describe('a rod as it is asked about', () => {
  test.each([
    ['12½ ft 6', 12.5, 6, 'two-hander'],
    ["13' #7", 13, 7, 'two-hander'],
    ['9 ft 5', 9, 5, 'single'],
    ['11 ft 4', 11, 4, 'trout-two-hander'],
    ['11 ft no. 7 switch', 11, 7, 'switch'],
  ] as const)('%s', (text, feet, lineNumber, hands) => {
    expect(askedRod(text)).toMatchObject({ lineNumber, hands })
    expect((askedRod(text)?.lengthM ?? 0) / M_PER_FOOT).toBeCloseTo(feet, 6)
  })
  test.each(['', 'a stick', '3 ft 40', 'skagit 510 gr 23 ft'])('no rod in “%s”', (text) => {
    expect(askedRod(text)).toBeUndefined()
  })
  test('what for a …?', () => {
    expect(askedFor('what for a 12½ ft 6?')).toMatchObject({ lineNumber: 6, hands: 'two-hander' })
    expect(askedFor('What goes on my 13 ft no. 7 two-hander')).toMatchObject({ lineNumber: 7 })
    expect(askedFor('Go to Gear')).toBeUndefined()
  })
})

test('C9: a rod in the other world’s numbers, both ways and by both schools', () => {
  const one = (text: string): string => sayStrength(askedRod(text) as Rod)
  expect(one('9 ft no. 7 single-hand rod')).toBe('about as strong as a two-hander no. 4 or 5')
  expect(one('11 ft 4')).toBe('about as strong as a single-hand no. 6 or 7')
})

describe('what to look for, in words', () => {
  const rod: Rod = {
    kind: 'rod',
    id: 'r',
    name: 'r',
    lineNumber: 7,
    lengthM: 13 * M_PER_FOOT,
    hands: 'two-hander',
  }
  const found = specify(dayWith({ fishAt: 'bottom', waterDepthM: 1.3, castM: 21, fishKg: 3.6 }), { rod })
  const rigs: readonly SpecifiedRig[] = found.outcome === 'specified' ? found.rigs : []
  test('every part has a sort and every figure a span, in both faces; nothing hollow', () => {
    expect(rigs.length).toBeGreaterThan(1)
    for (const rig of rigs)
      for (const system of ['trade', 'metric'] as const) {
        expect(lookForText(rig, system)).not.toMatch(/undefined|NaN|null/)
        for (const slot of rig.open) expect(saySort(rig.rig.parts, slot).length).toBeGreaterThan(2)
        for (const span of rig.spans)
          expect(`${FIGURE_NAMES[span.figure]} ${saySpan(span, system)}`).toMatch(/\w/)
      }
  })
  test('a part as one typed line is read back as the same part', () => {
    for (const { rig } of rigs)
      for (const item of [
        rig.parts.head.head,
        rig.parts.tip?.item,
        rig.parts.leader,
        rig.parts.runningLine?.item,
        rig.parts.reel,
      ]) {
        if (item == null) continue
        const read = quickAdd(quickLine(item), 'x')
        expect([quickLine(item), read.ok && read.item.kind]).toEqual([quickLine(item), item.kind])
      }
  })
})
