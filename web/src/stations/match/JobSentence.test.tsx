/** @jest-environment jsdom */

import { dayOf, FIRST_JOB, type Job } from '@hoxen/core/day'
import { DEFAULT_SCHOOLS } from '@hoxen/core/gear'
import { USUAL_PLAN } from '@hoxen/core/swing'
import { afterEach, beforeAll, describe, expect, jest, test } from '@jest/globals'
import { cleanup, fireEvent, screen } from '@testing-library/react'
import { demo, keepDemo, show } from '../../testing/show.tsx'
import { JobSentence } from './JobSentence.tsx'
import type { JobChange } from './token.ts'

beforeAll(async () => void (await keepDemo()))
afterEach(cleanup)

function sentence(job: Partial<Job> = {}, inPool = false, at = '/match') {
  const whole = { ...FIRST_JOB, ...job }
  const day = dayOf({
    job: whole,
    schools: DEFAULT_SCHOOLS,
    runs: demo.runs,
    heard: {
      from: 'gauge',
      record: { station: 'Skarn', readings: [{ atMs: 1, flowM3ps: 24, waterC: 4.2 }] },
    },
    ...(inPool ? { water: { runId: 'kettle-run', plan: USUAL_PLAN } } : {}),
  })
  const onChange = jest.fn<JobChange>()
  show(<JobSentence job={whole} day={day} rods={[]} flies={[]} onChange={onChange} />, at)
  return onChange
}
const token = (question: RegExp) => screen.getByRole('button', { name: question })

describe('the job as a sentence', () => {
  test('by words it asks how deep and how fast; in a pool it tells what the pool is today', () => {
    sentence()
    expect(token(/^How deep is it\?/).textContent).toMatch(/ft/)
    expect(screen.queryByText(/Kettle Run/)).toBeNull()
    cleanup()
    sentence({}, true)
    expect(screen.queryByRole('button', { name: /^How deep/ })).toBeNull()
    expect(screen.getByRole('link', { name: 'Kettle Run' }).getAttribute('href')).toBe('/water')
    expect(screen.getByText(/today about [\d.]+ ft deep/)).toBeTruthy()
  })
  test('a question opens at its answer, and choosing one answers it', async () => {
    const onChange = sentence()
    fireEvent.click(token(/^What water\?/))
    fireEvent.click(await screen.findByRole('button', { name: 'the surf' }))
    expect(onChange).toHaveBeenCalledWith({ water: 'surf' }, 'What water?')
  })
  test('an address can ask a question', async () => {
    sentence({}, false, '/match?ask=fishAt')
    expect(await screen.findByRole('button', { name: 'close to the bottom' })).toBeTruthy()
  })
  test('a season said by hand outranks the gauge, and can be given back to it', async () => {
    const onChange = sentence({}, true)
    fireEvent.click(token(/^What time of year\?.*40 °F/))
    fireEvent.click(await screen.findByRole('button', { name: 'summer' }))
    expect(onChange).toHaveBeenCalledWith(
      { season: 'summer', waterC: undefined, bySeason: true },
      'What time of year?',
    )
    cleanup()
    const again = sentence({ bySeason: true }, true)
    fireEvent.click(token(/^What time of year\? autumn$/))
    fireEvent.click(await screen.findByRole('button', { name: 'Use the pool’s gauge' }))
    expect(again).toHaveBeenCalledWith({ waterC: undefined, bySeason: undefined }, 'Use the gauge')
  })
  test('a figure that cannot be is refused beside its field, in the unit in use', async () => {
    const onChange = sentence()
    fireEvent.click(token(/^How far\?/))
    const field = await screen.findByLabelText('or a figure')
    fireEvent.change(field, { target: { value: '900 ft' } })
    fireEvent.keyDown(field, { key: 'Enter' })
    fireEvent.blur(field)
    expect((await screen.findByRole('alert')).textContent).toBe('Enter 9.8 to 196.9 ft.')
    expect(onChange).not.toHaveBeenCalled()
  })
})
