/** @jest-environment jsdom */

import { DEFAULT_SETTINGS } from '@hoxen/core/format'
import { rigKey } from '@hoxen/core/rig'
import { WINTER_RIG } from '@hoxen/core/testing'
import { afterEach, beforeEach, expect, test } from '@jest/globals'
import { act, cleanup, screen } from '@testing-library/react'
import { useState } from 'react'
import { judgedIn, useMatch, useQuestion, useRig } from '../ledger/index.ts'
import { takeTip, useMySetup, useWalletTips } from '../pool/index.ts'
import { changeRig, useGear, useSingle } from '../store/index.ts'
import { editRow } from '../store/rows.ts'
import { asked } from '../testing/channel.ts'
import { demo, keepDemo, show } from '../testing/show.tsx'
import { waitFor } from '../testing/waiting.ts'

const POCKET = ['t-11-10-ft', 't-8-5-ft', 't-8-10-ft']
beforeEach(() =>
  keepDemo({
    settings: DEFAULT_SETTINGS,
    rig: WINTER_RIG,
    wallet: { pockets: ['left'], tips: Object.fromEntries(POCKET.map((id) => [id, { pocket: 'left' }])) },
    items: demo.items.filter(
      ({ id, kind }) => !['tip', 'sinking-leader'].includes(kind) || POCKET.includes(id),
    ),
    trials: [],
    bends: [],
    // By the words of the job: a gauge that answers in the middle would make another day.
    water: { plan: { angleDeg: 60, tipHeightM: 1, mends: [] } },
  }),
)
afterEach(cleanup)

const states: { gear: unknown; question: unknown; rig: unknown }[] = []

/** A page that shows the ranking and my rig, as Match and the strip do. */
function Ranking() {
  const question = useQuestion()
  const match = useMatch(question)
  const rig = useRig(question, useSingle('rig'))
  if (question !== undefined) states.push({ gear: question.gear, question, rig })
  return <p>{match.data === undefined ? 'ranking…' : `${match.data.cards.length} ranked`}</p>
}

/** Another that shows my rig thrice: the strip, the cast line, the swing. */
function Rig() {
  const gear = useGear()
  const [one, other] = [useRig(useQuestion(), useSingle('rig')), useRig(useQuestion(), useSingle('rig'))]
  const setup = useMySetup()
  if (gear !== undefined) states.push({ gear, question: undefined, rig: one })
  const swung = typeof one === 'object' && one.swung !== undefined
  return (
    <p>
      {swung && one === other && typeof setup === 'object'
        ? `swung with ${one.parts.tip?.item.name}`
        : 'not yet'}
    </p>
  )
}

function Pages() {
  const [page, go] = useState<'ranking' | 'rig'>('ranking')
  return (
    <>
      <button type="button" onClick={() => go(page === 'rig' ? 'ranking' : 'rig')}>
        Go
      </button>
      {page === 'rig' ? <Rig /> : <Ranking />}
    </>
  )
}
const press = (): void => act(() => screen.getByRole('button', { name: 'Go' }).click())
const times = (question: string): number => asked.filter((each) => each === question).length

test('a page change with unchanged gear asks nothing: no search, no gear sent, no swing; changed gear is sent once', async () => {
  show(<Pages />)
  await screen.findByText(/ranked/)
  press()
  await screen.findByText('swung with T-11, 10 ft')
  const before = [...asked]
  expect([times('match'), times('gear'), times('ride')]).toEqual([1, 1, 1])
  for (let i = 0; i < 6; i++) {
    press()
    // What the page before knew stands there at once, not after a moment.
    expect(screen.getByText(i % 2 === 0 ? /ranked/ : /swung with/)).toBeTruthy()
  }
  expect(asked).toEqual(before)
  expect(new Set(states.map(({ gear }) => gear)).size).toBe(1)
  const rod = demo.items.find(({ id }) => id === 'beck-three-10-ft-9') ?? demo.items[0]
  if (rod === undefined) throw new Error('no gear')
  await act(() => editRow('Rename', 'items', rod, { ...rod, name: 'Another name' }))
  press()
  await waitFor(() => expect([times('match'), times('gear')]).toEqual([2, 2]))
})

let [onStrip, listed]: [unknown, ReadonlyMap<string, unknown>] = [undefined, new Map()]

/** Parts of a page at the water: the strip, the line of the cast, and the tips carried. */
function AtTheWater() {
  const question = useQuestion()
  const choice = useSingle('rig')
  const [strip, cast] = [useRig(question, choice), useRig(question, choice)]
  const found = useWalletTips()
  const there = typeof strip === 'object' && strip.swung !== undefined && strip === cast
  onStrip = strip
  listed = new Map(
    found?.tips.flatMap(({ name, parts, ride }) =>
      question === undefined || ride === undefined ? [] : [[name, judgedIn(parts, question.day, ride)]],
    ),
  )
  return (
    <>
      <p>{there && choice ? `on the line: ${rigKey(choice)}` : 'not yet'}</p>
      <ul>
        {found?.tips.map(({ name, ride }) => (
          <li key={name}>{ride === undefined ? '…' : name}</li>
        ))}
      </ul>
    </>
  )
}

test('a tip that is swapped is judged already: whoever shows it, its verdict was passed in the list of tips', async () => {
  show(<AtTheWater />)
  await waitFor(() =>
    expect(screen.getAllByRole('listitem').every((li) => !li.textContent?.includes('…'))).toBe(true),
  )
  await screen.findByText(/^on the line: .*t-11-10-ft/)
  expect(onStrip).toBe(listed.get('T-11, 10 ft'))
  const [rides, before] = [times('ride'), listed]
  act(() => takeTip({ tipId: 't-8-10-ft', name: 'T-8, 10 ft' }, true))
  await screen.findByText(/^on the line: .*t-8-10-ft/)
  // The very verdict: none was passed anew, and nothing let go again.
  expect(onStrip).toBe(before.get('T-8, 10 ft'))
  expect([...listed.values()].every((rig) => [...before.values()].includes(rig))).toBe(true)
  expect(times('ride')).toBe(rides)
  await act(() => changeRig('Back', { rig: WINTER_RIG }))
})
