/** @jest-environment jsdom */
import { type CastChoice, type CastSetting, chooseCasts, stepsOf } from '@hoxen/core/cast'
import { unitOf } from '@hoxen/core/quantity'
import { afterEach, expect, jest, test } from '@jest/globals'
import { cleanup, fireEvent, screen, within } from '@testing-library/react'
import { useState } from 'react'
import { show } from '../../../testing/show.tsx'
import { CastFaults, CastStep, PlayButtons } from '../CastMoves.tsx'
import { CastPicture } from './CastPicture.tsx'
import { castFrame } from './castFrame.ts'
import type { Moved } from './Handles.tsx'
import { usePlayed } from './usePlayed.ts'

afterEach(cleanup)

const feet = unitOf('ft').toSi
const SETTING: CastSetting = {
  hand: 'right',
  bank: 'right',
  wind: { fromDeg: 270, mps: 3 },
  targetDeg: 30,
  roomM: feet(20),
  wadingM: 0.5,
  obstruction: 'brush',
  behindHighM: feet(5),
  rig: { rodLengthM: 4, style: 'skagit', headLengthM: 7, tipLengthM: 3, leaderLengthM: 1.2 },
}
const NOW: Moved = { aim: { angleDeg: 60, castM: feet(70) }, roomM: feet(20), wadingM: 0.5 }

function Page({
  choice,
  onMove,
  now = NOW,
  setting = SETTING,
}: {
  choice: CastChoice
  onMove: (moved: Moved) => void
  now?: Moved
  setting?: CastSetting
}) {
  const played = usePlayed(choice.cast, stepsOf(choice.cast).length)
  return (
    <CastPicture
      setting={setting}
      chosen={choice}
      castM={feet(70)}
      surf={false}
      played={played}
      now={now}
      onMove={onMove}
      onBank={now.wadingM === undefined ? undefined : () => onMove({})}
      controls={<PlayButtons {...played} />}
    >
      <CastStep choice={choice} setting={SETTING} played={played} />
      <CastFaults choice={choice} setting={SETTING} played={played} />
    </CastPicture>
  )
}
const best = (): CastChoice => chooseCasts(SETTING)[0] as CastChoice
const shown = (now?: Moved, setting?: CastSetting) => {
  const onMove = jest.fn()
  show(<Page choice={best()} onMove={onMove} {...(now && { now })} {...(setting && { setting })} />)
  return onMove
}
const handle = (name: RegExp): Element => screen.getByRole('slider', { name })

test.each([
  [/^Where the fly lands/, 'ArrowRight', { aim: { angleDeg: 59, castM: feet(70) } }],
  [/^Where the fly lands/, 'ArrowUp', { aim: { angleDeg: 60, castM: feet(71) } }],
  [/^Room behind me/, 'ArrowDown', { roomM: feet(21) }],
  [/^Height of what is behind/, 'ArrowUp', { behindHighM: feet(6) }],
  [/^Wading depth/, 'ArrowDown', { wadingM: 0.6 }],
])('by keys: %p, %s', (name, key, moved) => {
  const onMove = shown()
  fireEvent.keyDown(handle(name), { key })
  const [[is]] = onMove.mock.calls as [[Moved]]
  expect(is).toEqual(
    JSON.parse(JSON.stringify(moved), (_key, it) => (typeof it === 'number' ? expect.closeTo(it, 6) : it)),
  )
})

// The drawing stands at the corner of the page: a place in it is a place of its frame.
const TO_FRAME = {
  shared: false,
  // A page of the tests has no width of its own: the least.
  width: 120,
  wide: false,
  castM: feet(70),
  targetDeg: 30,
  lineDeg: 30,
  behindM: feet(20) + 1,
  topM: 6.1,
  wadingM: 0.5,
}
const FRAME = castFrame(TO_FRAME)
test.each([
  [
    'a cast straight across',
    /^Where the fly lands/,
    FRAME.plan([0, feet(60), 0]),
    { aim: { angleDeg: 90, castM: feet(60) } },
  ],
  ['more room', /^Room behind me/, FRAME.plan([0, -feet(22), 0]), { roomM: feet(22) }],
  ['lower brush', /^Height of what is behind/, FRAME.profile([0, -4, feet(3)]), { behindHighM: feet(3) }],
  ['deeper', /^Wading depth/, FRAME.profile([0, 0, -0.8]), { wadingM: 0.8 }],
] as const)(
  'dragged to %s: shown while it is held, kept when let go',
  (_to, name, [clientX, clientY], moved) => {
    const onMove = shown()
    const group = handle(name).closest('svg') as SVGSVGElement
    fireEvent.pointerDown(handle(name), { pointerId: 1 })
    fireEvent.pointerMove(group, { clientX, clientY })
    expect(onMove).not.toHaveBeenCalled()
    const held = handle(name).getAttribute('aria-valuetext')
    fireEvent.pointerUp(group)
    const [[is]] = onMove.mock.calls as [[Moved]]
    expect(is).toEqual(
      JSON.parse(JSON.stringify(moved), (_key, it) => (typeof it === 'number' ? expect.closeTo(it, 1) : it)),
    )
    // Nothing was kept, so it stands where it stood.
    expect(handle(name).getAttribute('aria-valuetext')).not.toBe(held)
  },
)

test('the bank is changed by a button in the picture', () => {
  const onMove = shown()
  fireEvent.click(screen.getByRole('button', { name: 'You stand on the right bank: go to the other' }))
  expect(onMove).toHaveBeenCalledWith({})
})

test('what is only touched, or taken from the hand, stays as it was; what is held is judged at once', () => {
  const onMove = shown()
  const room = handle(/^Room behind me/)
  const group = room.closest('svg') as SVGSVGElement
  const ground = () => document.querySelector('[data-ground]')?.getAttribute('data-ground')
  fireEvent.pointerDown(room, { pointerId: 1 })
  fireEvent.pointerUp(group)
  expect(ground()).toBe('fits')
  fireEvent.pointerDown(room, { pointerId: 1 })
  const [clientX, clientY] = FRAME.plan([0, -feet(2), 0])
  fireEvent.pointerMove(group, { clientX, clientY })
  expect(ground()).toBe('short')
  fireEvent.pointerCancel(group)
  expect(room.getAttribute('aria-valuetext')).toBe('20 ft behind')
  expect(ground()).toBe('fits')
  expect(onMove).not.toHaveBeenCalled()
})

test('turned by keys the cast keeps the length one asked for; in the surf it is not turned', () => {
  const asked = { ...NOW, aim: { angleDeg: 60, castM: feet(90) } }
  const onMove = shown(asked)
  fireEvent.keyDown(handle(/^Where the fly lands/), { key: 'ArrowRight' })
  expect(onMove).toHaveBeenCalledWith({ aim: { angleDeg: 59, castM: feet(90) } })
  cleanup()
  const inSurf = shown(NOW, { ...SETTING, bank: null, targetDeg: 0 })
  fireEvent.keyDown(handle(/^Where the fly lands/), { key: 'ArrowRight' })
  expect(inSurf).not.toHaveBeenCalled()
})

test('a height that nobody has said is not told as one', () => {
  const { behindHighM: _said, ...unsaid } = SETTING
  shown(NOW, unsaid)
  expect(handle(/^Height of what is behind/).getAttribute('aria-valuetext')).toBe('how high?')
})

test('what a pool or a tide settles has no handle', () => {
  const { wadingM: _tide, ...rest } = NOW
  shown(rest)
  expect(screen.queryByRole('slider', { name: /^Wading depth/ })).toBeNull()
  expect(screen.queryByRole('button', { name: /^You stand on/ })).toBeNull()
  expect(screen.getByRole('slider', { name: /^Room behind me/ })).toBeTruthy()
})

test('on the left bank the river runs the other way: so do the hand and the keys', () => {
  const onMove = shown(undefined, { ...SETTING, bank: 'left', targetDeg: -30 })
  fireEvent.keyDown(handle(/^Where the fly lands/), { key: 'ArrowLeft' })
  const group = handle(/^Where the fly lands/).closest('svg') as SVGSVGElement
  const [x, y] = castFrame({ ...TO_FRAME, targetDeg: -30, lineDeg: -30 }).plan([-feet(40), feet(40), 0])
  fireEvent.pointerDown(handle(/^Where the fly lands/), { pointerId: 1 })
  fireEvent.pointerMove(group, { clientX: x, clientY: y })
  fireEvent.pointerUp(group)
  expect(onMove.mock.calls.map(([moved]) => (moved as Moved).aim?.angleDeg)).toEqual([59, 45])
})

/** Another cast is chosen by a button. */
function Chooses() {
  const [cast, setCast] = useState(best())
  const other = chooseCasts(SETTING).find((each) => each.cast === 'single-spey') as CastChoice
  return (
    <>
      <button type="button" onClick={() => setCast(other)}>
        another
      </button>
      <Page choice={cast} onMove={() => {}} />
    </>
  )
}

test('gone through step by step; a fault is drawn beside what should be; another cast begins anew', () => {
  show(<Chooses />)
  const lines = (): number =>
    screen.getByRole('img', { name: /^From the side/ }).querySelectorAll('circle').length
  fireEvent.click(screen.getByRole('button', { name: 'Next step' }))
  expect(document.querySelector('[data-step]')?.getAttribute('data-step')).toBe('2')
  expect(lines()).toBe(1)
  const faults = within(screen.getByText('What usually goes wrong').closest('details') as HTMLElement)
  fireEvent.click(faults.getByRole('button', { name: 'The rod tip dips in the sweep', hidden: true }))
  expect(lines()).toBe(2)
  expect(faults.getByText(/^Slack between rod and anchor/)).toBeTruthy()
  fireEvent.click(screen.getByRole('button', { name: 'another' }))
  expect(document.querySelector('[data-step]')?.getAttribute('data-step')).toBe('1')
  expect(lines()).toBe(1)
})

test('beside a third part the view from above leaves it room; on a phone the view from the side keeps sky for its buttons', () => {
  const wide = { ...TO_FRAME, width: 1248, wide: true, castM: 24, targetDeg: 0, lineDeg: 0 }
  const [alone, shared] = [castFrame(wide), castFrame({ ...wide, shared: true })]
  expect(alone.above.height).toBeLessThanOrEqual(452)
  expect(shared.above.height).toBeLessThanOrEqual(396)
  const phone = castFrame({ ...TO_FRAME, width: 358, shared: true, castM: 24, behindM: 26 })
  expect(phone.above.height).toBeLessThanOrEqual(184)
  expect(phone.side.height).toBeGreaterThanOrEqual(104)
  // The sky is over the rod: what stands in the water stays at the foot of its view.
  const [, water] = phone.profile([0, 0, 0])
  expect(phone.side.height - water).toBeLessThan(40)
  for (const { pxPerM, plan, profile } of [alone, shared, phone]) {
    expect(plan([0, 10, 0])[1] - plan([0, 9, 0])[1]).toBeCloseTo(-pxPerM, 6)
    expect(profile([0, 0, 2])[1] - profile([0, 0, 1])[1]).toBeCloseTo(-pxPerM, 6)
  }
})
