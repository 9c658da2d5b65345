/** @jest-environment jsdom */

import { USUAL_PLAN } from '@hoxen/core/swing'
import { newRun } from '@hoxen/core/water'
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals'
import { cleanup, fireEvent, screen, within } from '@testing-library/react'
import { goToPool, useWater } from '../../../pool/index.ts'
import { commit } from '../../../store/index.ts'
import { demo, keepDemo, show } from '../../../testing/show.tsx'
import { waitFor } from '../../../testing/waiting.ts'
import { LevelLine } from './LevelLine.tsx'
import { PoolBar } from './PoolBar.tsx'

function Here() {
  const water = useWater()
  if (water === undefined) return <p>Opening…</p>
  return (
    <>
      <PoolBar runs={water.runs} chosen={water.pool} onChoose={goToPool} onNew={() => {}} />
      <h1>{water.day.run.name}</h1>
      <LevelLine water={water} />
    </>
  )
}
const gaugeSays = (flowM3ps: number | undefined, atMs = Date.now()): void => {
  globalThis.fetch = jest.fn<typeof fetch>(async () =>
    flowM3ps === undefined
      ? ({ ok: false, status: 503 } as Response)
      : ({
          ok: true,
          status: 200,
          text: async () =>
            JSON.stringify({
              station: 'Skarn',
              readings: [{ atMs: Math.round(atMs), flowM3ps, waterC: 4.2 }],
            }),
        } as Response),
  )
}

beforeEach(async () => {
  gaugeSays(24)
  await keepDemo()
  await commit('Start', (tx) => tx.set('water', { runId: 'kettle-run', plan: USUAL_PLAN }))
})
afterEach(cleanup)

const flow = (): Promise<HTMLElement> =>
  waitFor(() => {
    const found = document.querySelector<HTMLElement>('[data-flow]')
    if (found === null) throw new Error('no flow yet')
    return found
  })

describe('the level of a pool', () => {
  test('by its gauge: what it says, how old that is, and what it makes of the pool', async () => {
    gaugeSays(48, Date.now() - 5 * 3600_000)
    show(<Here />, '/water')
    expect((await flow()).textContent).toBe('1,695 cfs')
    expect(screen.getByText(/32% deeper/)).toBeTruthy()
    expect(document.querySelector('[data-age]')?.textContent).toMatch(
      /5 h ago, and the river may have changed/,
    )
  })
  test('said by hand it outranks the gauge; beyond what the measure reaches it is refused, in the unit in use', async () => {
    show(<Here />, '/water?say=level')
    await flow()
    const field = screen.getByLabelText('Today’s flow')
    const type = (text: string): void => {
      fireEvent.change(field, { target: { value: text } })
      fireEvent.blur(field)
    }
    type('5000 m³/s')
    expect((await screen.findByRole('alert')).textContent).toBe(
      'This pool can be shown from 17 cfs to 42,378 cfs; that flow is too far from the one it was measured at.',
    )
    type('0')
    await waitFor(() => expect(screen.getByRole('alert').textContent).toMatch(/at least/))
    type('30 m³/s')
    expect(await screen.findByText(/Set by you:/)).toBeTruthy()
    fireEvent.click(await screen.findByRole('button', { name: 'Use the gauge' }))
    await waitFor(() => expect(screen.queryByText(/By your word/)).toBeNull())
  })
  test('told by a gauge far beyond, the pool is shown as it was measured, and that is said', async () => {
    gaugeSays(100_000)
    show(<Here />, '/water')
    await flow()
    expect(screen.getByRole('status').textContent).toContain('it’s shown as measured')
    expect(screen.queryByText(/deeper/)).toBeNull()
  })
  test('a silent gauge is said to be silent', async () => {
    gaugeSays(undefined)
    show(<Here />, '/water')
    expect(await screen.findByText(/The gauge isn’t answering\./)).toBeTruthy()
  })
  test('without a pool the water is as the job describes it; choosing one goes there', async () => {
    await commit('Words', (tx) => tx.set('water', { plan: USUAL_PLAN }))
    show(<Here />, '/water')
    expect(await screen.findByRole('heading', { name: 'The water as described' })).toBeTruthy()
    expect(screen.getByRole('button', { name: 'No pool, as described' }).getAttribute('aria-pressed')).toBe(
      'true',
    )
    fireEvent.click(screen.getByRole('button', { name: 'Bell Tail' }))
    expect(await screen.findByRole('heading', { name: 'Bell Tail' })).toBeTruthy()
  })
})

test('hundreds of pools are a few in a row, and all of them in a list to search', async () => {
  const [pool] = demo.runs
  if (pool === undefined) throw new Error('no pool')
  const many = Array.from({ length: 490 }, (_, i) => newRun(pool, `pool-${i}`, `Pool ${i}`))
  await commit('Many', (tx) => tx.put('runs', many))
  show(<Here />, '/water')
  fireEvent.click(await screen.findByRole('button', { name: `All ${490 + demo.runs.length} pools` }))
  expect(
    screen.getAllByRole('navigation', { hidden: true })[0]?.querySelectorAll('button').length,
  ).toBeLessThan(8)
  fireEvent.change(await screen.findByLabelText('Search the pools'), { target: { value: 'pool 489' } })
  const list = await screen.findByRole('region', { name: 'No gauge' })
  expect(within(list).getAllByRole('button')).toHaveLength(1)
  fireEvent.click(within(list).getByRole('button', { name: 'Pool 489' }))
  expect(await screen.findByRole('heading', { name: 'Pool 489' })).toBeTruthy()
})
