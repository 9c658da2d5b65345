/** @jest-environment jsdom */

import { unitOf } from '@hoxen/core/quantity'
import type { Aim, Mend } from '@hoxen/core/swing'
import type { Run } from '@hoxen/core/water'
import { afterEach, expect, jest, test } from '@jest/globals'
import { cleanup, fireEvent, screen } from '@testing-library/react'
import { riverLayout, roundAim, roundLength, sceneOf } from '../../drawing/index.ts'
import { show } from '../../testing/show.tsx'
import { PlanHandles } from './PlanHandles.tsx'

afterEach(cleanup)

const feet = unitOf('ft').toSi
const RUN: Run = {
  id: 'r',
  name: 'R',
  bank: 'right',
  widthM: 40,
  soundings: [{ fromBankM: 20, depthM: 2 }],
  currents: [{ fromBankM: 5, mps: 0.6 }],
  bottom: 'gravel',
  wadeM: 4,
}

function handles(bank: Run['bank'], mend?: Mend) {
  const run = { ...RUN, bank }
  const scene = sceneOf({
    run,
    swings: [],
    fish: { fishAt: 'bottom' },
    farM: 20,
    tipHeightM: 1,
    system: 'trade',
  })
  const onAim = jest.fn()
  const onMend = jest.fn()
  show(
    <PlanHandles
      layout={riverLayout(scene, 700, 450)}
      wadeM={run.wadeM}
      aim={{ angleDeg: 60, castM: feet(70) }}
      mend={mend}
      onAim={onAim}
      onMend={onMend}
    />,
  )
  return { onAim, onMend }
}
const press = (name: RegExp, key: string, shiftKey = false): void =>
  void fireEvent.keyDown(screen.getByRole('slider', { name }), { key, shiftKey })

// What is up in the picture is upstream from the right bank, downstream from the left.
test.each([
  ['right', 61],
  ['left', 59],
] as const)('from the %s bank the landing goes up in the picture, to %p°', (bank, angleDeg) => {
  const { onAim } = handles(bank)
  press(/^Where the cast lands/, 'ArrowUp')
  expect(onAim).toHaveBeenLastCalledWith({ angleDeg, castM: expect.closeTo(feet(70), 6) })
})
test('left and right shorten and lengthen the cast by whole feet; other keys are let pass', () => {
  const { onAim } = handles('right')
  press(/^Where the cast lands/, 'ArrowRight')
  press(/^Where the cast lands/, 'ArrowLeft', true)
  press(/^Where the cast lands/, 'Enter')
  expect(onAim.mock.calls.map(([aim]) => (aim as Aim).castM)).toEqual([
    expect.closeTo(feet(71), 6),
    expect.closeTo(feet(65), 6),
  ])
})
test('no cast is turned beyond what can be cast', () => {
  const { onAim } = handles('right')
  for (let i = 0; i < 4; i++) press(/^Where the cast lands/, 'ArrowDown', true)
  for (const [aim] of onAim.mock.calls) expect((aim as Aim).angleDeg).toBeGreaterThanOrEqual(10)
})
test('the middle of the line is laid over by keys, and Delete takes the mend away', () => {
  const { onMend } = handles('right', { kind: 'upstream', sizeM: 2, atS: 0.5 })
  expect(screen.getByRole('slider', { name: /^Mend/ }).getAttribute('aria-valuetext')).toBe(
    'upstream, 6.6 ft',
  )
  press(/^Mend/, 'ArrowUp')
  expect(onMend).toHaveBeenLastCalledWith({ kind: 'upstream', sizeM: 2.5 })
  press(/^Mend/, 'ArrowDown')
  expect(onMend).toHaveBeenLastCalledWith({ kind: 'upstream', sizeM: 1.5 })
  press(/^Mend/, 'Delete')
  expect(onMend).toHaveBeenLastCalledWith(undefined)
})
test.each([
  ['trade', 21.4, 21.336],
  ['metric', 21.4, 21.5],
  ['metric', 0.1, 0.5],
] as const)('by hand a length is as fine as a hand is (%s)', (system, m, expected) => {
  expect(roundLength(m, system)).toBeCloseTo(expected, 9)
  expect(roundAim({ angleDeg: 61.4, castM: m }, system).angleDeg).toBe(61)
})
