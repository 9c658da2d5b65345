/** @jest-environment jsdom */

import { dayOf, FIRST_JOB } from '@hoxen/core/day'
import { DEFAULT_SCHOOLS } from '@hoxen/core/gear'
import { judge } from '@hoxen/core/match'
import { unitOf } from '@hoxen/core/quantity'
import { afterRun, backingWantedM, PACKING, reelForBalance, usualHandle } from '@hoxen/core/reel'
import { beamOf, lineInRings, resolveRig, woundLines } from '@hoxen/core/rig'
import { afterEach, describe, expect, jest, test } from '@jest/globals'
import { cleanup, fireEvent, screen } from '@testing-library/react'
import { everything } from '../../store/everything.ts'
import { gearNow } from '../../store/index.ts'
import { demo, show } from '../../testing/show.tsx'
import { BalanceBench } from './BalanceBench.tsx'
import { BeamPicture } from './BeamPicture.tsx'
import { FillBench } from './FillBench.tsx'
import { SpoolForm } from './SpoolForm.tsx'

afterEach(cleanup)

const byId = new Map(demo.items.map((item) => [item.id, item]))
const day = dayOf({ job: FIRST_JOB, schools: DEFAULT_SCHOOLS })
const resolved = resolveRig(
  {
    rodId: 'long-seven-13-ft',
    headId: '510-gr-short-skagit',
    tipId: null,
    leaderId: null,
    runningLineId: 'coated-30-lb',
    reelId: 'full-frame-eleven',
  },
  byId,
)
if (resolved.outcome !== 'resolved') throw new Error(resolved.id)
const rig = judge(resolved.parts, day)
const { reel, rod } = rig.parts
if (reel?.spool === undefined) throw new Error('no spool')
const { spool } = reel
const question = { gear: gearNow(demo.items), byId, day }

describe('a run is dragged', () => {
  const bench = (): HTMLElement => {
    show(<FillBench rig={rig} question={question} reel={reel} spool={spool} />)
    return screen.getByRole('slider', { name: /^A fish runs/ })
  }
  const backing = demo.items.find((i) => i.kind === 'backing')
  test('and what is left is core’s, in share and in what a turn brings', () => {
    fireEvent.change(bench(), { target: { value: '60' } })
    const { low } = backingWantedM(rod, day.fishKg)
    const lines = woundLines(rig.parts, backing?.kind === 'backing' ? backing : undefined, low)
    const { leftShare, retrieveM } = afterRun(spool, PACKING.usual, lines, 60)
    const said = document.querySelector('[data-after-run]')?.textContent ?? ''
    expect(said).toContain(`${Math.round(leftShare * 100)}% is left`)
    expect(said).toContain(`each turn brings in ${(unitOf('in').fromSi(retrieveM)).toFixed(2)} in`)
    expect(screen.getByRole('img').getAttribute('aria-label')).toMatch(/after a run of 66 yd$/)
  })
  test('to the very end, which is said', () => {
    const slider = bench() as HTMLInputElement
    fireEvent.change(slider, { target: { value: slider.max } })
    expect(document.querySelector('[data-after-run]')?.textContent).toContain('arbor knot')
    const rings = screen.getByRole('list', { name: 'On the spool, arbor outward' })
    expect(rings.textContent?.match(/, 0 yd/g)).toHaveLength(3)
  })
})

describe('the beam', () => {
  const beam = (onHand: (m: number) => void): void =>
    void show(
      <BeamPicture
        rod={rod}
        seatM={0.13}
        handM={0.62}
        loads={[{ name: 'rod', massKg: 0.2, atM: 1.5 }]}
        bareM={1.6}
        pointM={0.7}
        band={undefined}
        onHand={onHand}
      />,
    )
  test('the hand goes by keys, and never behind the reel seat', () => {
    const onHand = jest.fn()
    beam(onHand)
    const hand = screen.getByRole('slider', { name: /^Upper hand/ })
    fireEvent.keyDown(hand, { key: 'ArrowRight' })
    fireEvent.keyDown(hand, { key: 'ArrowLeft', shiftKey: true })
    expect(onHand.mock.calls.map(([m]) => m)).toEqual([expect.closeTo(0.63, 9), expect.closeTo(0.57, 9)])
    expect(screen.getByRole('group').getAttribute('aria-label')).toMatch(/it balances 2\.3 ft from the butt$/)
  })
  test('it goes no further than the middle of the rod', () => {
    const onHand = jest.fn()
    beam(onHand)
    const hand = screen.getByRole('slider', { name: /^Upper hand/ })
    const box = hand.closest('svg') as SVGSVGElement
    fireEvent.pointerDown(hand, { pointerId: 1 })
    fireEvent.pointerMove(box, { clientX: 5000, clientY: 0 })
    fireEvent.pointerUp(box)
    expect(onHand).toHaveBeenLastCalledWith(rod.lengthM / 2)
  })
  test('of one’s reels the one nearest to what balances is named', () => {
    show(<BalanceBench rig={rig} question={question} reel={reel} />)
    const beam = beamOf(rig.parts)
    if (beam === undefined) throw new Error('no beam')
    const result = reelForBalance(beam, usualHandle(rod).handM, lineInRings(rig.parts, beam.reelSeatM))
    if (result.outcome !== 'balanced') throw new Error(result.outcome)
    const off = demo.items.flatMap((i) =>
      i.kind === 'reel' && i.massKg !== undefined
        ? [[Math.abs(i.massKg - result.reelKg), i.name] as const]
        : [],
    )
    expect(off.length).toBeGreaterThan(1)
    const [, nearest] = off.reduce((a, b) => (b[0] < a[0] ? b : a))
    expect(document.body.textContent).toContain(nearest)
    for (const [, name] of off.filter(([, name]) => name !== nearest && name !== reel.name))
      expect(document.body.textContent).not.toContain(name)
  })
  test('moved, the reel that balances there is another', () => {
    show(<BalanceBench rig={rig} question={question} reel={reel} />)
    const wanted = (): string => document.querySelector('[data-balance]')?.textContent ?? ''
    const before = wanted()
    fireEvent.keyDown(screen.getByRole('slider', { name: /^Upper hand/ }), {
      key: 'ArrowRight',
      shiftKey: true,
    })
    expect(wanted()).not.toBe(before)
    expect((screen.getByLabelText('Upper hand, from the butt') as HTMLInputElement).value).toBe(
      `${unitOf('ft')
        .fromSi(usualHandle(rod).handM + 0.05)
        .toFixed(1)} ft`,
    )
  })
})

test('a spool that cannot be is refused beside its fields, and nothing is kept', async () => {
  const before = await everything()
  show(<SpoolForm reel={reel} />)
  const arbor = screen.getByLabelText('Arbor diameter')
  fireEvent.change(arbor, { target: { value: '120 mm' } })
  fireEvent.blur(arbor)
  expect(screen.getByRole('alert').textContent).toContain('The arbor is as large as the rim')
  expect(await everything()).toEqual(before)
})
test.each([
  ['20 ft', /^The hand must be on the rod/, 'alert'],
  ['0.1 m', /no reel can balance/, 'no-lever'],
])('a hand at %s is told', (at, said, where) => {
  show(<BalanceBench rig={rig} question={question} reel={reel} />)
  const hand = screen.getByLabelText('Upper hand, from the butt')
  fireEvent.change(hand, { target: { value: at } })
  fireEvent.blur(hand)
  const told =
    where === 'alert' ? screen.getByRole('alert') : document.querySelector(`[data-balance="${where}"]`)
  expect(told?.textContent).toMatch(said)
})
