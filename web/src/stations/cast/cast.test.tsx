/** @jest-environment jsdom */

import { type CastSetting, castToMake, chooseCasts } from '@hoxen/core/cast'
import { USUAL_STAND } from '@hoxen/core/day'
import { leaveBy, type Shore, tideWindows } from '@hoxen/core/tide'
import { sayCast, TIDE_WINDOW_NAMES } from '@hoxen/core/words'
import { afterEach, expect, jest, test } from '@jest/globals'
import { cleanup, fireEvent, screen } from '@testing-library/react'
import { demo, show } from '../../testing/show.tsx'
import { clock } from '../../ui/index.ts'
import { BeachClock, LeaveBy } from './Beach.tsx'
import { CastList, keyOf } from './CastList.tsx'
import { WindDial } from './picture/WindDial.tsx'

afterEach(() => {
  cleanup()
  jest.restoreAllMocks()
})

const SETTING: CastSetting = {
  hand: 'right',
  bank: 'right',
  wind: { fromDeg: 270, mps: 5 },
  targetDeg: 30,
  roomM: 6,
  rig: { rodLengthM: 4, style: 'skagit', headLengthM: 7, tipLengthM: 3, leaderLengthM: 1.2 },
}

test('of the casts that can be made only the chosen one says why; of those that are out each does', () => {
  const casts = chooseCasts(SETTING)
  const onPick = jest.fn()
  show(<CastList casts={casts} setting={SETTING} chosen={castToMake(casts)} onPick={onPick} />)
  expect(new Set(casts.map(({ fit }) => fit))).toEqual(new Set(['good', 'care', 'no']))
  for (const each of casts) {
    const row = document.querySelector<HTMLElement>(`[data-cast="${keyOf(each)}"]`)
    const why = sayCast(each, SETTING, 'trade').join(' ')
    const told = each === castToMake(casts) || each.fit === 'no'
    expect([keyOf(each), row?.textContent?.includes(why)]).toEqual([keyOf(each), told])
    expect(row?.closest('[data-fit]')?.getAttribute('data-fit')).toBe(each.fit)
  }
  const other = casts.find(({ fit }) => fit === 'care')
  if (other === undefined) throw new Error('none with care')
  fireEvent.click(document.querySelector(`[data-cast="${keyOf(other)}"]`) as Element)
  expect(onPick).toHaveBeenCalledWith(other)
})

test('the wind is turned clockwise by the arrow to the right, past straight ahead; one that a station says is not', () => {
  const onWind = jest.fn<(turn: (fromDeg: number) => number) => void>()
  show(<WindDial wind={{ fromDeg: 350, mps: 3 }} left onWind={onWind} />)
  fireEvent.keyDown(screen.getByRole('slider', { name: 'Wind direction' }), { key: 'ArrowRight' })
  fireEvent.keyDown(screen.getByRole('slider', { name: 'Wind direction' }), { key: 'ArrowDown' })
  expect(onWind.mock.calls.map(([turn]) => turn(350))).toEqual([5, 335])
  cleanup()
  show(<WindDial wind={{ fromDeg: 350, mps: 3 }} left />)
  expect(screen.queryByRole('slider')).toBeNull()
})

test('a touch on the wind turns nothing; while its arrow is held the casts are judged in it, and Escape gives it up', () => {
  const onWind = jest.fn<(turn: (fromDeg: number) => number) => void>()
  const onHold = jest.fn()
  show(<WindDial wind={{ fromDeg: 0, mps: 3 }} left onWind={onWind} onHold={onHold} />)
  const arrow = screen.getByRole('slider', { name: 'Wind direction' })
  const dial = arrow.closest('svg') as SVGSVGElement
  fireEvent.pointerDown(arrow, { pointerId: 1, clientX: 140, clientY: 56 })
  fireEvent.pointerUp(dial)
  expect(onWind).not.toHaveBeenCalled()
  fireEvent.pointerDown(arrow, { pointerId: 1, clientX: 76, clientY: 20 })
  // Straight to the right of its middle.
  fireEvent.pointerMove(dial, { clientX: 120, clientY: 56 })
  expect(onHold).toHaveBeenLastCalledWith(90)
  fireEvent.keyDown(arrow, { key: 'Escape' })
  expect(onHold).toHaveBeenLastCalledWith(undefined)
  fireEvent.pointerUp(dial)
  expect(onWind).not.toHaveBeenCalled()
})

const beach = demo.runs.find(({ shore }) => shore !== undefined)
const HOUR_MS = 3_600_000
/** First minute of the day, from an hour on, at which it is so. */
function firstWhen(shore: Shore, so: (nowMs: number) => boolean): number {
  const from = Date.parse('2026-11-28T06:00:00Z')
  for (let ms = from; ms < from + 26 * HOUR_MS; ms += 60_000) if (so(ms)) return ms
  throw new Error(`never on ${shore.standM} m`)
}

test.each(['leave-by', 'cut-off'])(
  'the hour to leave on the beach, %s, is urgent when it is past',
  (outcome) => {
    if (beach?.shore === undefined) throw new Error('no beach in the demo')
    const { shore } = beach
    const now = firstWhen(shore, (ms) => leaveBy(shore, ms, { shiftM: 0, runUpM: 0.3 }).outcome === outcome)
    jest.spyOn(Date, 'now').mockReturnValue(now)
    show(<LeaveBy run={beach} stand={USUAL_STAND} />)
    const said = screen.getByRole('heading')
    expect(said.dataset.leave).toBe(outcome)
    expect(said.className.includes('text-breaks')).toBe(outcome === 'cut-off')
  },
)

test('the clock in words names what is still to come; a beach whose tide nobody knows asks for it', () => {
  if (beach?.shore === undefined) throw new Error('no beach in the demo')
  const now = Date.parse('2026-11-28T18:30:00Z')
  jest.spyOn(Date, 'now').mockReturnValue(now)
  show(<BeachClock run={beach} stand={USUAL_STAND} />)
  const said = screen.getByRole('img').getAttribute('aria-label') ?? ''
  const all = tideWindows(beach.shore.station, now - 3 * HOUR_MS, now + 21 * HOUR_MS, {
    place: beach.spot,
    roundTurnH: 1.5,
  })
  expect(all.some(({ toMs }) => toMs <= now)).toBe(true)
  for (const { kind, fromMs, toMs } of all)
    expect(said.includes(`${TIDE_WINDOW_NAMES[kind]} ${clock(fromMs)} to ${clock(toMs)}`)).toBe(toMs > now)
  cleanup()
  const { shore: _none, ...bare } = beach
  show(<BeachClock run={bare} stand={USUAL_STAND} />)
  expect(screen.getByText(/has no tide yet/)).toBeTruthy()
})
