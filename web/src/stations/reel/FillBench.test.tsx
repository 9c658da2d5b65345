/** @jest-environment jsdom */

import { dayOf, FIRST_JOB } from '@hoxen/core/day'
import { DEFAULT_SCHOOLS, type Reel } from '@hoxen/core/gear'
import { judge } from '@hoxen/core/match'
import { unitOf } from '@hoxen/core/quantity'
import { fillSpool, PACKING } from '@hoxen/core/reel'
import { resolveRig, roomByVolume, woundLines } from '@hoxen/core/rig'
import { CHECK_TITLES, STATE_NAMES, sayCheck } from '@hoxen/core/words'
import { afterEach, describe, expect, test } from '@jest/globals'
import { cleanup, fireEvent, screen, within } from '@testing-library/react'
import { gearNow } from '../../store/index.ts'
import { demo, show } from '../../testing/show.tsx'
import { FillBench } from './FillBench.tsx'

afterEach(cleanup)
const SPOOL = { rimDiameterM: 0.1, arborDiameterM: 0.045, widthM: 0.034 }

function bench(cage: Reel['cage'], runningLineId: string, spool = SPOOL) {
  const reel: Reel = {
    kind: 'reel',
    id: 'mine',
    name: 'Mine',
    forNumber: 11,
    spool,
    ...(cage === undefined ? {} : { cage }),
  }
  const items = [...demo.items, reel]
  const byId = new Map(items.map((item) => [item.id, item]))
  const resolved = resolveRig(
    {
      rodId: 'long-seven-13-ft',
      headId: '510-gr-short-skagit',
      tipId: 't-11-10-ft',
      leaderId: 'stepped-5-ft',
      runningLineId,
      reelId: 'mine',
    },
    byId,
  )
  if (resolved.outcome !== 'resolved') throw new Error(resolved.id)
  const day = dayOf({ job: FIRST_JOB, schools: DEFAULT_SCHOOLS })
  const rig = judge(resolved.parts, day)
  show(<FillBench rig={rig} question={{ gear: gearNow(items), byId, day }} reel={reel} spool={spool} />)
  return rig
}
const mono = demo.items.find((i) => i.kind === 'running-line' && i.build === 'mono')?.id ?? ''

describe('the reel page says what the ledger says', () => {
  test.each([
    [undefined, 'watch'],
    ['open', 'breaks'],
    ['full', 'holds'],
  ] as const)('mono on a %s frame: %s, in the ledger’s own words', (cage, state) => {
    const rig = bench(cage, mono)
    const line = rig.checks.find((c) => c.code === 'reel-cage')
    if (line === undefined) throw new Error('not asked')
    const said = document.querySelector<HTMLElement>('[data-cage]')
    expect(said?.dataset.cage).toBe(state)
    expect(line.state).toBe(state)
    expect(said?.textContent).toContain(sayCheck(line, 'trade'))
  })
  test('room on the reel has the ledger’s verdict and sentence', () => {
    const rig = bench('full', 'coated-30-lb')
    const room = rig.checks.find((c) => c.code === 'reel-room')
    if (room === undefined) throw new Error('not asked')
    const [row] = within(screen.getByRole('list', { name: 'Checks of the reel' })).getAllByRole('listitem')
    expect(row?.textContent).toContain(`${STATE_NAMES[room.state]}${CHECK_TITLES['reel-room']}`)
    expect(row?.textContent).toContain(sayCheck(room, 'trade'))
  })
  test('nothing is said of a frame under coated line', () => {
    bench('open', 'coated-30-lb')
    expect(document.querySelector('[data-cage]')).toBeNull()
  })
})

describe('filling', () => {
  test('the verdict is core’s, and follows the backing', () => {
    const rig = bench('full', 'coated-30-lb')
    const verdictWith = (backingM: number) =>
      roomByVolume(fillSpool(SPOOL, PACKING.usual, woundLines(rig.parts, undefined, backingM)).fillFraction)
        .state
    const field = screen.getByLabelText('Backing')
    for (const yards of [10, 400]) {
      fireEvent.change(field, { target: { value: `${yards} yd` } })
      fireEvent.blur(field)
      expect(document.querySelector<HTMLElement>('[data-fill]')?.dataset.fill).toBe(
        verdictWith(unitOf('yd').toSi(yards)),
      )
    }
    const take = /Take (\d+) yd off/.exec(document.body.textContent ?? '')?.[1]
    fireEvent.change(field, { target: { value: `${400 - Number(take) - 1} yd` } })
    fireEvent.blur(field)
    expect(document.body.textContent).not.toMatch(/Take \d+ yd off/)
    fireEvent.change(field, { target: { value: '2000 m' } })
    fireEvent.blur(field)
    expect(screen.getByRole('alert').textContent).toContain('No spool holds that much backing')
  })
})
