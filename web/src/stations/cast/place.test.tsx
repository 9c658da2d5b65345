/** @jest-environment jsdom */

import { USUAL_STAND } from '@hoxen/core/day'
import { WINTER_RIG } from '@hoxen/core/testing'
import type { Run } from '@hoxen/core/water'
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals'
import { cleanup, fireEvent, screen } from '@testing-library/react'
import { useDay } from '../../day/index.ts'
import { useAir } from '../../pool/index.ts'
import { commit, undo, useList, useStand } from '../../store/index.ts'
import { demo, keepDemo, show } from '../../testing/show.tsx'
import { waitFor } from '../../testing/waiting.ts'
import { AirLines } from './AirLines.tsx'
import { CastStation } from './CastStation.tsx'
import { CautionsPage } from './CautionsPage.tsx'
import { PlaceForm } from './PlaceForm.tsx'
import { ShoreForm } from './ShoreForm.tsx'

const POOL = 'kettle-run'
const USUAL_PLAN = { angleDeg: 60, tipHeightM: 1, mends: [] }
/** Makes the weather station say it; undefined is silence. */
const stationSays = (mps: number | undefined): void => {
  globalThis.fetch = jest.fn<typeof fetch>(async () =>
    mps === undefined
      ? ({ ok: false, status: 503 } as Response)
      : ({
          ok: true,
          status: 200,
          text: async () =>
            JSON.stringify({
              station: 'Bridge',
              readings: [{ atMs: Date.now() - 60_000, fromDeg: 240, mps, gustMps: mps + 2, thunder: true }],
            }),
        } as Response),
  )
}
const type = (label: RegExp | string, text: string): void => {
  const field = screen.getByLabelText(label)
  fireEvent.change(field, { target: { value: text } })
  fireEvent.blur(field)
}
const alertText = async (): Promise<string> => (await screen.findByRole('alert')).textContent ?? ''

function Of({
  id,
  form: Form,
}: {
  readonly id: string
  readonly form: (props: { run: Run }) => React.ReactNode
}) {
  const run = useList('runs')?.find((each) => each.id === id)
  return run === undefined ? <p>Opening…</p> : <Form run={run} />
}
function Air() {
  const [day, stand] = [useDay(), useStand()]
  if (day === undefined || stand === undefined) return <p>Opening…</p>
  return <Breathed day={day} stand={stand} />
}
function Breathed({ day, stand }: Parameters<typeof useAirOf>[0]) {
  return <AirLines stand={stand} air={useAirOf({ day, stand })} surf />
}
const useAirOf = ({
  day,
  stand,
}: {
  day: Parameters<typeof useAir>[0]
  stand: Parameters<typeof useAir>[1]
}) => useAir(day, stand)

beforeEach(async () => {
  stationSays(5)
  await keepDemo()
  await commit('Start', (tx) => tx.set('water', { runId: POOL, plan: USUAL_PLAN }))
})
afterEach(cleanup)

describe('the air where one stands', () => {
  const by = (windBy: 'station' | 'usual') =>
    commit('By', (tx) => tx.set('stand', { ...USUAL_STAND, wind: { fromDeg: 0, mps: 1 }, windBy }))
  test('by the station, with its gusts and its age', async () => {
    await by('station')
    show(<Air />)
    expect(await screen.findByText(/Bridge: 11 mph, gusting 16 mph; just now/)).toBeTruthy()
    expect(document.querySelector('[data-light]')?.textContent).toMatch(/sunrise.*(moon|Moon)/)
  })
  test('a station that is silent from the first is said, and the hand counts', async () => {
    // Another pool's station, of which nothing was ever heard.
    stationSays(undefined)
    await commit('Beach', (tx) => tx.set('water', { runId: 'ossan-strand', plan: USUAL_PLAN }))
    await by('station')
    show(<Air />)
    expect((await screen.findByRole('status')).textContent).toBe(
      'The weather station isn’t answering. Hoxen uses the wind you set by hand.',
    )
  })
  test('as it usually blows', async () => {
    await by('usual')
    show(<Air />)
    expect(await screen.findByText(/It usually blows from the south-west here/)).toBeTruthy()
  })
})

test('the cautions on one page: what thunders here and now stands out, what was put aside can be had again', async () => {
  const day = new Date()
  const on = `${day.getFullYear()}-${String(day.getMonth() + 1).padStart(2, '0')}-${String(day.getDate()).padStart(2, '0')}`
  await commit('Aside', (tx) => tx.set('hushed', { on, cautions: ['law'] }))
  show(<CautionsPage />)
  expect(await screen.findByRole('heading', { name: /^Lightning here, now/ })).toBeTruthy()
  expect(screen.getByRole('heading', { name: 'Power lines' })).toBeTruthy()
  fireEvent.click(await screen.findByRole('button', { name: 'Show them again' }))
  await waitFor(() => expect(screen.queryByText(/hidden for today/)).toBeNull())
})

describe('about a place', () => {
  test('three figures, then all is known; what cannot be is said beside its field, and nothing is lost', async () => {
    const { spot: _none, ...bare } = demo.runs.find(({ id }) => id === POOL) as Run
    await commit('Bare', (tx) => tx.put('runs', [bare]))
    show(<Of id={POOL} form={PlaceForm} />)
    expect(await screen.findByText(/no location yet/)).toBeTruthy()
    type(/Latitude/, 'north')
    expect(await alertText()).toBe('“north” is not a number of degrees.')
    type(/Latitude/, '95')
    await waitFor(async () => expect(await alertText()).toBe('Enter -90 to 90 degrees.'))
    type(/Latitude/, '62,1')
    type(/Longitude/, '2.3')
    expect(screen.queryByLabelText('Weather station')).toBeNull()
    type(/I look towards/, '320°')
    fireEvent.change(await screen.findByLabelText('Weather station'), {
      target: { value: 'skarn-bridge' },
    })
    expect(await screen.findByText('That is north-west.')).toBeTruthy()
    type('The wind usually comes from (°)', '400')
    expect(await alertText()).toBe('Enter 0 to 360 degrees.')
    type('The wind usually comes from (°)', '240')
    await waitFor(() => expect((screen.getByLabelText('at about') as HTMLInputElement).value).toMatch(/mph/))
    await undo()
  })
})

describe('a beach as it is written down', () => {
  const open = async (): Promise<void> => {
    show(<Of id="ossan-strand" form={ShoreForm} />)
    await screen.findByLabelText(/The bed from the dry sand out/)
  }
  test('its bed by lines; a line that is not understood is named, and what was typed stays', async () => {
    await open()
    const bed = screen.getByLabelText(/The bed from the dry sand out/) as HTMLTextAreaElement
    expect(bed.value).toMatch(/^0 ft, 15\.09 ft\n/)
    type(/The bed from/, '0, 15\nfar, 3')
    expect(await alertText()).toBe('Line 2: “far” is not a length.')
    expect(bed.value).toBe('0, 15\nfar, 3')
    type(/The bed from/, '0, 15\n100, 3\n200, -4')
    await waitFor(() => expect(bed.value).toBe('0 ft, 15 ft\n100 ft, 3 ft\n200 ft, -4 ft'))
  })
  test('constituents without a speed are explained; those that are known are kept', async () => {
    await open()
    type(/^Constituents/, 'M9 4 ft 120')
    expect(await alertText()).toMatch(/doesn’t know a constituent “M9”/)
    type(/^Constituents/, 'm2 4 ft 120\nS2 1.5 ft 160')
    await waitFor(() =>
      expect((screen.getByLabelText(/^Constituents/) as HTMLTextAreaElement).value).toBe(
        'M2 4 ft 120\nS2 1.5 ft 160',
      ),
    )
    type('Mean level above datum', '900 ft')
    expect(await alertText()).toMatch(/to 65\.6 ft\./)
  })
})

test('where no cast is safe that is the headline, and none is taught as the cast', async () => {
  await keepDemo()
  await commit('A gale', (tx) => {
    tx.set('rig', WINTER_RIG)
    tx.set('stand', { ...USUAL_STAND, windBy: 'hand', wind: { fromDeg: 180, mps: 16 } })
  })
  show(<CastStation />, '/cast')
  expect((await screen.findByText(/^No cast is safe here right now/)).dataset.none).toBeDefined()
  expect(screen.queryByRole('button', { name: /side/, pressed: true })).toBeNull()
  expect(screen.queryByRole('button', { name: /Play/ })).toBeNull()
  type('Wind', '7 mph')
  await waitFor(() => expect(document.querySelector('[data-none]')).toBeNull())
  // Sides are judged by the gusts, and gusts below the wind are none.
  type('In gusts', '36 mph')
  await waitFor(() => expect(document.querySelector('[data-none]')).toBeTruthy())
  type('In gusts', '2 mph')
  await waitFor(() => expect((screen.getByLabelText('In gusts') as HTMLInputElement).value).toBe('7 mph'))
})
