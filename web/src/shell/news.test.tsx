/** @jest-environment jsdom */

import { USUAL_PLAN } from '@hoxen/core/swing'
import { afterEach, beforeEach, expect, test } from '@jest/globals'
import { cleanup, fireEvent, screen } from '@testing-library/react'
import { useDay } from '../day/index.ts'
import { goToPool } from '../pool/index.ts'
import { everything } from '../store/everything.ts'
import { commit, useList } from '../store/index.ts'
import { demo, keepDemo, show } from '../testing/show.tsx'
import { waitFor } from '../testing/waiting.ts'
import { DayNews } from './NewsLine.tsx'

beforeEach(async () => {
  await keepDemo()
})
afterEach(cleanup)

function Line() {
  const day = useDay()
  const runs = useList('runs')
  return day === undefined || runs === undefined ? null : (
    <>
      <output>
        {day.where.by === 'pool' ? `${day.where.pool.name}, ${day.water}` : `words, ${day.water}`}
      </output>
      <DayNews day={day} />
    </>
  )
}
const at = (text: string): Promise<void> =>
  waitFor(() => expect(screen.getAllByRole('status')[0]?.textContent).toBe(text))
const beach = demo.runs.find(({ shore }) => shore !== undefined)
const pool = demo.runs.find(({ shore }) => shore === undefined)

test('the kind of water follows the place that is gone to, in one step', async () => {
  show(<Line />)
  goToPool(beach)
  await at(`${beach?.name}, surf`)
  goToPool(pool)
  await at(`${pool?.name}, river`)
  expect((await everything()).job?.water).toBe('river')
})

test('a beach that is fished as a river is asked about, and either answer settles it', async () => {
  const conflict = (): Promise<boolean> =>
    commit('A river', (tx) => {
      tx.set('job', { ...demo.job, water: 'river' } as never)
      tx.set('water', { plan: USUAL_PLAN, runId: beach?.id ?? '' })
    })
  await conflict()
  show(<Line />)
  const asked = await screen.findByText(`${beach?.name} is a beach, but the day says a river. Which is it?`)
  expect(asked.parentElement?.dataset.elsewhere).toBeDefined()
  fireEvent.click(screen.getByRole('button', { name: 'Fish it as it is' }))
  await at(`${beach?.name}, surf`)
  expect(screen.queryByText(/which is it/)).toBeNull()
  await conflict()
  fireEvent.click(await screen.findByRole('button', { name: `Leave ${beach?.name}` }))
  await at('words, river')
  expect(screen.queryByText(/which is it/)).toBeNull()
})
