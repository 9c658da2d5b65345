/** @jest-environment jsdom */

import { DEFAULT_SETTINGS } from '@hoxen/core/format'
import { unitOf } from '@hoxen/core/quantity'
import { USUAL_PLAN } from '@hoxen/core/swing'
import { afterEach, beforeEach, expect, test } from '@jest/globals'
import { cleanup, fireEvent, screen, within } from '@testing-library/react'
import { useDay } from '../../day/index.ts'
import { useTeaching } from '../../day/useTeaching.ts'
import { everything } from '../../store/everything.ts'
import { commit, undo } from '../../store/index.ts'
import { keepDemo, show } from '../../testing/show.tsx'
import { waitFor } from '../../testing/waiting.ts'
import { BendView } from './BendView.tsx'
import { LogView } from './LogView.tsx'
import { SeasonView } from './SeasonView.tsx'
import { TrialsView } from './TrialsView.tsx'

beforeEach(() => keepDemo({ trials: [], bends: [], entries: [] }))
afterEach(cleanup)

const fill = (field: HTMLElement, value: string): void => {
  fireEvent.change(field, { target: { value } })
  fireEvent.blur(field)
}

test('a head is felt, kept, drawn and taken back; the next worth borrowing is named', async () => {
  show(<TrialsView />, '/journal?rod=long-seven-13-ft')
  expect((await screen.findByText(/^No heads tried yet\. The next head worth borrowing/)).dataset.own).toBe(
    'open',
  )
  expect((screen.getByRole('button', { name: 'right' }) as HTMLButtonElement).disabled).toBe(true)
  fill(screen.getByLabelText('Its weight'), '450 gr')
  fireEvent.click(screen.getByRole('button', { name: 'a little light' }))
  const list = await screen.findByRole('list', { name: 'Trials, latest first' })
  expect(within(list).getByText(/450 gr/).parentElement?.textContent).toContain('a little light')
  expect(await screen.findByText(/^So far your window looks like/)).toBeTruthy()
  expect(screen.getByRole('img').getAttribute('aria-label')).toContain('yours window')
  expect((await everything()).trials).toMatchObject([
    { rodId: 'long-seven-13-ft', style: 'skagit', feel: -1 },
  ])
  await undo()
  await waitFor(() => expect(screen.queryByRole('list', { name: 'Trials, latest first' })).toBeNull())
})

test('a head that none weighs is refused; trials are told apart by who cast', async () => {
  show(<TrialsView />, '/journal?rod=long-seven-13-ft')
  fill(await screen.findByLabelText('Its weight'), '9 kg')
  expect(screen.getByRole('alert').textContent).toMatch(/^Enter .* gr\.$/)
  fill(screen.getByLabelText('Its weight'), '500 gr')
  fireEvent.click(screen.getByRole('button', { name: 'right' }))
  await screen.findByRole('list', { name: 'Trials, latest first' })
  fill(screen.getByLabelText(/^Caster/), 'Somebody else')
  await waitFor(() => expect(screen.queryByRole('list', { name: 'Trials, latest first' })).toBeNull())
  expect((await everything()).settings?.castsAs).toBe('Somebody else')
})

test('two rods are bent, drawn, compared and kept; a drop longer than the rod is refused', async () => {
  show(<BendView />, '/journal?view=bend')
  const [known, unknown] = await screen.findAllByLabelText('From the clamp to the tip-top')
  if (known === undefined || unknown === undefined) throw new Error('no fields')
  fill(known, '3.5 m')
  fill(unknown, '3.5 m')
  const [drop] = screen.getAllByLabelText(/^Drops Long seven/)
  const [other] = screen.getAllByLabelText(/^Drops (?!Long seven)/)
  if (drop === undefined || other === undefined) throw new Error('no fields')
  fill(screen.getByLabelText('Weight 1'), '100 g')
  fill(drop, '5 m')
  expect(screen.getByRole('alert').textContent).toMatch(/^Enter 0 to /)
  fill(drop, '1.2 m')
  fill(other, '1.2 m')
  const said = await screen.findByText(/carries 100% of what Long seven, 13 ft carries/)
  expect(said.dataset.bend).toBe('compared')
  expect(screen.getAllByRole('img')[0]?.getAttribute('aria-label')).toMatch(/drops the rod tip 3\.9 ft/)
  fireEvent.click(screen.getByRole('button', { name: 'Save this bend test' }))
  expect(await screen.findByRole('list', { name: 'Saved bend tests' })).toBeTruthy()
  expect((await everything()).bends).toHaveLength(1)
  fill(other, '0.1 m')
  expect((await screen.findByText(/hardly move its tip/)).dataset.bend).toBe('too-light')
})

const RIG = {
  rodId: 'long-seven-13-ft',
  headId: '510-gr-short-skagit',
  tipId: 't-11-10-ft',
  leaderId: 'level-4-ft',
  runningLineId: 'coated-30-lb',
  reelId: 'full-frame-eleven',
}

test('a swing is logged by one touch, remembered at its level, and taken back; trembling logs one', async () => {
  await commit('At the pool', (tx) => {
    tx.set('rig', RIG)
    tx.set('water', { runId: 'kettle-run', plan: USUAL_PLAN, flowM3ps: 24 })
  })
  show(<LogView />, '/journal')
  const band = await screen.findByRole('button', { name: 'right depth' })
  expect(screen.getByText(/^Nothing logged here/)).toBeTruthy()
  fireEvent.click(band)
  fireEvent.click(band)
  expect(
    await screen.findByText('T-11, 10 ft with Level 4 ft: right depth once, in the same water.'),
  ).toBeTruthy()
  const { entries } = await everything()
  expect(entries).toMatchObject([
    { runId: 'kettle-run', flowM3ps: 24, saw: 'band', tip: 'T-11, 10 ft', rig: RIG },
  ])
  expect((screen.getByRole('button', { name: 'Work it out' }) as HTMLButtonElement).disabled).toBe(true)
  await undo()
  expect(await screen.findByText(/^Nothing logged here/)).toBeTruthy()
})

test('without a pool or a rig it says what is wanted first', async () => {
  await commit('No pool', (tx) => {
    tx.set('rig', undefined)
    tx.set('water', { plan: USUAL_PLAN })
  })
  show(<LogView />, '/journal')
  expect(await screen.findByRole('heading', { name: 'No pool to log in' })).toBeTruthy()
  await commit('A pool', (tx) => tx.set('water', { runId: 'kettle-run', plan: USUAL_PLAN }))
  expect(await screen.findByText(/^Choose your rig before/)).toBeTruthy()
})

function Taught() {
  useTeaching()
  const own = useDay()?.own
  return <p>{Object.keys(own?.['long-seven-13-ft'] ?? {}).join(' ') || 'nothing taught'}</p>
}

test('what settled trials teach reaches the day of every page, and goes when they go', async () => {
  const feelAt = (offGrains: number): -1 | 0 | 1 => (offGrains < -40 ? -1 : offGrains > 40 ? 1 : 0)
  const trials = Array.from({ length: 24 }, (_, i) => ({
    id: `t${i}`,
    rodId: 'long-seven-13-ft',
    style: 'skagit' as const,
    headKg: unitOf('gr').toSi(440 + 5 * i),
    feel: feelAt(5 * i - 60),
  }))
  await commit('The owner casts', (tx) => tx.set('settings', DEFAULT_SETTINGS))
  await commit('Trials', (tx) => tx.put('trials', trials))
  show(<Taught />)
  expect(await screen.findByText('skagit')).toBeTruthy()
  await undo()
  expect(await screen.findByText('nothing taught')).toBeTruthy()
})

test('the last bend test is open, and a weight is moved in the picture; trials open on the rod with most, and a head is touched on the axis', async () => {
  await keepDemo()
  show(<BendView />, '/journal?view=bend')
  expect((await screen.findByText(/^Switch six, 11 ft 3 carries/)).dataset.bend).toBe('compared')
  const weight = screen.getByRole('slider', { name: /^Weight 2 on Long seven/ })
  const before = weight.getAttribute('aria-valuenow')
  fireEvent.keyDown(weight, { key: 'ArrowDown', shiftKey: true })
  await waitFor(() => expect(Number(weight.getAttribute('aria-valuenow'))).toBeCloseTo(Number(before) + 0.05))
  cleanup()
  show(<TrialsView />, '/journal?view=trials')
  // Once the trials are read.
  await waitFor(() =>
    expect(screen.getByLabelText<HTMLSelectElement>('Rod').value).toBe('switch-six-11-ft-3'),
  )
  fireEvent.click(screen.getByRole('button', { name: /^510 gr short Skagit/ }))
  expect(screen.getByLabelText<HTMLSelectElement>('A head of yours').value).toBe('510-gr-short-skagit')
  fireEvent.click(screen.getByRole('button', { name: 'too heavy' }))
  await waitFor(async () => expect((await everything()).trials.at(-1)).toMatchObject({ feel: 2 }))
})

test('the season opens on the pool of the day, also with a swing open; all pools are asked for', async () => {
  await keepDemo()
  const heading = (name: string) => screen.findByRole('heading', { level: 1, name })
  for (const [asked, name] of [
    ['', 'Kettle Run'],
    ['&entry=none', 'Kettle Run'],
    ['&pool=all', 'All pools'],
    ['&saw=band', 'All pools'],
  ] as const) {
    show(<SeasonView />, `/journal?view=season${asked}`)
    expect(await heading(name)).toBeTruthy()
    cleanup()
  }
})
