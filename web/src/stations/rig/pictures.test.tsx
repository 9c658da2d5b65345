/** @jest-environment jsdom */

import { dayOf, FIRST_JOB } from '@hoxen/core/day'
import { DEFAULT_SCHOOLS } from '@hoxen/core/gear'
import { buildLeader } from '@hoxen/core/leader'
import { judge } from '@hoxen/core/match'
import { unitOf } from '@hoxen/core/quantity'
import { LAUNCH_MPS, resolveRig, rigTurnover, ruleFor } from '@hoxen/core/rig'
import { nameMaterial } from '@hoxen/core/sink'
import { afterEach, describe, expect, jest, test } from '@jest/globals'
import { cleanup, fireEvent, screen, within } from '@testing-library/react'
import { gearNow } from '../../store/index.ts'
import { demo, show } from '../../testing/show.tsx'
import { LeaderBench } from './LeaderBench.tsx'
import { LeaderPicture } from './LeaderPicture.tsx'
import { MaterialAxis } from './MaterialAxis.tsx'
import { RunningLines } from './RunningLines.tsx'
import { SettlingTrace } from './SettlingTrace.tsx'
import { Tape } from './Tape.tsx'
import { Unrolling } from './Unrolling.tsx'

afterEach(cleanup)

const byId = new Map(demo.items.map((item) => [item.id, item]))
const day = dayOf({ job: FIRST_JOB, schools: DEFAULT_SCHOOLS })
const resolved = resolveRig(
  {
    rodId: 'long-seven-13-ft',
    headId: '510-gr-short-skagit',
    tipId: 't-11-10-ft',
    leaderId: null,
    runningLineId: 'coated-30-lb',
    reelId: 'full-frame-eleven',
  },
  byId,
)
if (resolved.outcome !== 'resolved') throw new Error(resolved.id)
const rig = judge(resolved.parts, day)
const question = { gear: gearNow(demo.items), byId, day }
const spools = demo.items.filter((i) => i.kind === 'tippet')
const rule = ruleFor(rig.parts.rod, 'skagit', rig.parts.tip, day.fly)
const built = buildLeader(spools, rule, day.fishKg, 'stepped')
if (built.outcome !== 'built') throw new Error(built.outcome)
const { recipe } = built

const inGrains = unitOf('gr').toSi
const TEN_FEET = unitOf('ft').toSi(10)

const keyed = (name: RegExp | string, key: string, shiftKey = false): void =>
  void fireEvent.keyDown(screen.getByRole('slider', { name }), { key, shiftKey })

describe('the leader, drawn', () => {
  test('says its pieces, and a knot goes by the arrow keys', () => {
    const onEnd = jest.fn()
    show(<LeaderPicture recipe={recipe} behind="T-11" spacingM={undefined} onEnd={onEnd} />)
    expect(screen.getByRole('group').getAttribute('aria-label')).toMatch(/^The leader, butt to fly: .*lb$/)
    keyed('Knot 1', 'ArrowRight')
    keyed('Knot 1', 'ArrowLeft', true)
    const first = recipe.steps[0]?.lengthM ?? 0
    expect(onEnd.mock.calls).toEqual([
      [0, expect.closeTo(first + 0.02, 9)],
      [0, expect.closeTo(first - 0.1, 9)],
    ])
    keyed('Knot 1', 'Tab')
    expect(onEnd).toHaveBeenCalledTimes(2)
  })
  test('put right by hand it is judged by the ledger, and can be as it was built again', () => {
    show(<LeaderBench rig={rig} question={question} />)
    const line = (): string | undefined =>
      document.querySelector<HTMLElement>('[data-check="leader-length"]')?.dataset.state
    expect(line()).toBe('holds')
    expect(screen.queryByRole('button', { name: 'Start over' })).toBeNull()
    const [butt] = within(screen.getByRole('list', { name: 'Recipe, butt to fly' })).getAllByRole('textbox')
    if (butt === undefined) throw new Error('no piece')
    fireEvent.change(butt, { target: { value: '20 ft' } })
    fireEvent.blur(butt)
    expect(line()).toBe('breaks')
    fireEvent.click(screen.getByRole('button', { name: 'Start over' }))
    expect(line()).toBe('holds')
    fireEvent.change(butt, { target: { value: '90 ft' } })
    fireEvent.blur(butt)
    expect(screen.getByRole('alert').textContent).toMatch(/^Enter 0\.3 to 29\.5 ft/)
  })
  test('with a dropper it goes on from a ring', () => {
    show(<LeaderBench rig={rig} question={question} />)
    fireEvent.click(screen.getByRole('checkbox', { name: /tippet ring/ }))
    expect(screen.getByText(/^From the ring 1\.5 ft to the point fly/)).toBeTruthy()
  })
})

describe('weighed and named, drawn', () => {
  test('the tape’s end goes by keys, never to nothing', () => {
    const onLength = jest.fn()
    show(<Tape lengthM={0.06} sinkingM={undefined} onLength={onLength} />)
    keyed('End of the piece on the tape', 'ArrowUp')
    keyed('End of the piece on the tape', 'ArrowDown', true)
    expect(onLength.mock.calls).toEqual([[expect.closeTo(0.07, 9)], [0.05]])
  })
  test('an empty tape says so', () => {
    show(<Tape lengthM={undefined} sinkingM={undefined} onLength={() => undefined} />)
    expect(screen.getByRole('group').getAttribute('aria-label')).toBe('A tape, nothing along it yet')
  })
  test.each([
    [110, /11 gr\/ft among the level materials: T-11/],
    [125, /12\.5 gr\/ft among the level materials: between T-11 and T-14/],
  ])('%p gr over 10 ft', (grains, said) => {
    show(<MaterialAxis reading={nameMaterial(inGrains(grains), TEN_FEET)} />)
    expect(screen.getByRole('img').getAttribute('aria-label')).toMatch(said)
  })
  test('of a joined tip only where its sinking part may lie', () => {
    show(<MaterialAxis reading={nameMaterial(inGrains(100), TEN_FEET, TEN_FEET / 2)} />)
    expect(screen.getByText('its sinking part is in this range')).toBeTruthy()
  })
  test('a scale that is silent, settling, settled', () => {
    const label = (): string | null => screen.getByRole('img').getAttribute('aria-label')
    const { unmount } = show(<SettlingTrace trace={[]} />)
    expect(label()).toBe('The scale is silent')
    unmount()
    show(
      <SettlingTrace
        trace={[
          { grams: 3, stable: false },
          { grams: 7.14, stable: true },
        ]}
      />,
    )
    expect(label()).toBe('The scale has settled at 7.14 g')
  })
})

test('each running line says the backing it leaves room for, and mono leaves more', () => {
  show(<RunningLines rig={rig} question={question} />)
  const room = (name: string): number => {
    const label =
      screen.getByRole('img', { name: new RegExp(`^${name} on `) }).getAttribute('aria-label') ?? ''
    return Number(/room for (\d+) yd/.exec(label)?.[1])
  }
  expect(room('Mono 7 gō')).toBeGreaterThan(room('Coated 30 lb'))
})

test('the loops are shown half unrolled; played they begin with the launch, and a hand on the slider stops them', () => {
  const result = rigTurnover(rig.parts, day.fly, LAUNCH_MPS.average, day)
  show(<Unrolling runs={[{ id: 'job', name: 'My fly', ink: 'black', result }]} />)
  const slider = screen.getByRole('slider', { name: 'Time since the loop left' }) as HTMLInputElement
  expect(Number(slider.value)).toBeCloseTo(Number(slider.max) / 2, 2)
  fireEvent.click(screen.getByRole('button', { name: 'Play slowly' }))
  expect(slider.getAttribute('aria-valuetext')).toBe('0.00 s')
  fireEvent.change(slider, { target: { value: slider.max } })
  expect(screen.getByRole('button', { name: 'Play slowly' })).toBeTruthy()
  expect(slider.value).toBe(slider.max)
})
