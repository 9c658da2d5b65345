/** @jest-environment jsdom */

import { ledger } from '@hoxen/core/rig'
import type { FigureSpan } from '@hoxen/core/specify'
import { dayWith, partsOf } from '@hoxen/core/testing'
import { CHECK_TITLES } from '@hoxen/core/words'
import { afterEach, expect, jest, test } from '@jest/globals'
import { cleanup, fireEvent, screen } from '@testing-library/react'
import { everything } from '../../store/everything.ts'
import { demo, keepDemo, show } from '../../testing/show.tsx'
import { waitFor } from '../../testing/waiting.ts'
import { Have } from './Have.tsx'
import { SpanBar } from './SpanBar.tsx'

afterEach(cleanup)

const [one, other] = ledger(partsOf(), dayWith())
if (one === undefined || other === undefined) throw new Error('no checks')
const SPAN: FigureSpan = {
  slot: 'headId',
  figure: 'headKg',
  measure: 'lineMass',
  low: 0.03,
  target: 0.033,
  high: 0.036,
  below: one,
  above: other,
  tag: 'estimate',
}

test.each([
  [0.029, 'false'],
  [0.03, 'true'],
  [0.0355, 'true'],
  [0.037, 'false'],
])('one’s own of %d kg is marked inside the span, or out of it', (mine, inside) => {
  show(<SpanBar span={SPAN} mine={mine} />)
  expect(document.querySelector('[data-mine]')?.getAttribute('data-mine')).toBe(inside)
})

test('the check that ends it at either end is named there; one that ends both is named once', () => {
  const names = (): readonly (string | null)[] =>
    [...document.querySelectorAll('svg text')].map((text) => text.textContent)
  show(<SpanBar span={SPAN} mine={undefined} />)
  expect(names()).toEqual([CHECK_TITLES[one.code], CHECK_TITLES[other.code]])
  cleanup()
  show(<SpanBar span={{ ...SPAN, above: one }} mine={undefined} />)
  expect(names()).toEqual([CHECK_TITLES[one.code]])
})

test('what one has is kept when it is such a thing; of another kind it is refused, and nothing is kept', async () => {
  await keepDemo()
  const tip = demo.items.find(({ id }) => id === 't-11-10-ft')
  if (tip === undefined) throw new Error('no tip')
  const onHave = jest.fn()
  show(<Have item={tip} onHave={onHave} onLeave={() => {}} onRead={() => {}} />)
  const line = screen.getByLabelText('Yours, in one line')
  const save = (): void => void fireEvent.submit(line)
  fireEvent.change(line, { target: { value: 'skagit 510 gr 23 ft' } })
  expect(screen.getByRole('status').textContent).toBe('That is a head, not a tip.')
  save()
  fireEvent.change(line, { target: { value: 'T-14 8 ft' } })
  save()
  await waitFor(() => expect(onHave).toHaveBeenCalledTimes(1))
  const { items } = await everything()
  expect(items).toHaveLength(demo.items.length + 1)
  expect(items.find(({ id }) => id === onHave.mock.calls[0]?.[0])).toMatchObject({
    kind: 'tip',
    build: 'level',
  })
})
