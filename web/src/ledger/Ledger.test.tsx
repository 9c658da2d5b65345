/** @jest-environment jsdom */

import { dayOf, FIRST_JOB, USUAL_DAYS } from '@hoxen/core/day'
import { DEFAULT_SCHOOLS } from '@hoxen/core/gear'
import { judge, remedyInSteps } from '@hoxen/core/match'
import { EMPTY_WALLET, resolveRig, through, worstFirst } from '@hoxen/core/rig'
import { CHECK_TITLES, sayCheck } from '@hoxen/core/words'
import { afterEach, expect, jest, test } from '@jest/globals'
import { cleanup, fireEvent, screen, within } from '@testing-library/react'
import { demo, show } from '../testing/show.tsx'
import { Ledger } from './Ledger.tsx'
import { PartPicker } from './PartPicker.tsx'

afterEach(cleanup)

const byId = new Map(demo.items.map((item) => [item.id, item]))
const day = dayOf({ job: { ...FIRST_JOB, ...USUAL_DAYS[0]?.job }, schools: DEFAULT_SCHOOLS })
const rigWith = (tipId: string | null, headId = '450-gr-scandi') => {
  const resolved = resolveRig(
    {
      rodId: 'long-seven-13-ft',
      headId,
      tipId,
      leaderId: 'stepped-5-ft',
      runningLineId: 'coated-30-lb',
      reelId: 'full-frame-eleven',
    },
    byId,
  )
  if (resolved.outcome !== 'resolved') throw new Error(resolved.id)
  return judge(resolved.parts, day)
}

test('every check is one line, worst first, each with its sentence', () => {
  const rig = rigWith('t-11-10-ft')
  show(<Ledger checks={rig.checks} remedies={new Map()} items={byId} onTake={() => {}} />)
  const lines = within(screen.getByRole('list', { name: 'Ledger' })).getAllByRole('listitem')
  const expected = worstFirst(rig.checks)
  expect(lines.map((line) => line.dataset.check)).toEqual(expected.map((c) => c.code))
  expect(lines[0]?.dataset.state).toBe('breaks')
  expected.forEach((check, i) => {
    const line = lines[i]
    if (line === undefined) throw new Error(check.code)
    expect(within(line).getByRole('heading').textContent).toBe(CHECK_TITLES[check.code])
    expect(line.textContent).toContain(sayCheck(check, 'trade'))
  })
})

test('the remedy stands beside the line it mends, with what it does to the others, and is taken', () => {
  const rig = rigWith('t-11-10-ft')
  const remedy = through(
    remedyInSteps({ gear: { items: demo.items }, wallet: EMPTY_WALLET }, rig, 'joint-step', day),
  )
  if (remedy === undefined) throw new Error('no remedy')
  const onTake = jest.fn()
  show(
    <Ledger checks={rig.checks} remedies={new Map([['joint-step', remedy]])} items={byId} onTake={onTake} />,
  )
  const line = screen.getByRole('list').querySelector<HTMLElement>('[data-check="joint-step"]')
  if (line === null) throw new Error('no line')
  expect(line.textContent).toContain('Joint of head and tip: breaks →')
  fireEvent.click(within(line).getByRole('button', { name: 'Fix it' }))
  expect(onTake).toHaveBeenCalledWith(remedy)
  expect(screen.getAllByRole('button', { name: 'Fix it' })).toHaveLength(1)
})

test('a part pointed at shows what each line would become, and nothing where it stays', () => {
  const rig = rigWith('t-11-10-ft')
  const then = rigWith('t-8-10-ft', '510-gr-short-skagit')
  show(
    <Ledger checks={rig.checks} remedies={new Map()} items={byId} onTake={() => {}} preview={then.checks} />,
  )
  const becomes = (code: string): string | undefined =>
    screen.getByRole('list').querySelector<HTMLElement>(`[data-check="${code}"] [data-becomes]`)?.dataset
      .becomes
  expect(becomes('joint-step')).toBe('holds')
  expect(becomes('rod-fish')).toBeUndefined()
})

test('of what could stand in a place the one on the rig is marked; each says what it would change', () => {
  const rig = rigWith('t-11-10-ft')
  const other = rigWith('t-8-10-ft')
  const options = [rig, other].map((each) => ({ item: each.parts.tip?.item ?? null, rig: each }))
  const onPick = jest.fn()
  show(
    <PartPicker
      rig={rig}
      slot="tipId"
      options={options}
      onPick={onPick}
      onClose={() => {}}
      onPreview={() => {}}
    />,
  )
  const [mine, another] = screen.getAllByRole('button').slice(1)
  expect([mine, another].map((b) => b?.getAttribute('aria-pressed'))).toEqual(['true', 'false'])
  expect(mine?.textContent).toContain('on your rig now')
  expect(another?.textContent).not.toContain('on your rig now')
  fireEvent.click(another as Element)
  expect(onPick).toHaveBeenCalledWith(other.parts.tip?.item)
})
