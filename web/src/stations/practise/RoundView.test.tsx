/** @jest-environment jsdom */

import { FIRST_JOB } from '@hoxen/core/day'
import { DEFAULT_SCHOOLS } from '@hoxen/core/gear'
import { roundInSteps } from '@hoxen/core/practise'
import { through } from '@hoxen/core/rig'
import { afterEach, expect, jest, test } from '@jest/globals'
import { cleanup, fireEvent, screen } from '@testing-library/react'
import { demo, show } from '../../testing/show.tsx'
import { CastScene } from './CastScene.tsx'
import { RoundView } from './RoundView.tsx'

afterEach(cleanup)

const spare = { gear: { items: demo.items }, runs: demo.runs }
const about = { ...spare, caster: FIRST_JOB.caster, schools: DEFAULT_SCHOOLS }
const round = through(roundInSteps('cast', 3, about, { spare, level: 1 }))?.round
if (round === undefined) throw new Error('no round')
const rightAt = round.choices.findIndex(({ id }) => id === round.answer) + 1
const wrongAt = rightAt === 1 ? 2 : 1
const choice = (at: number) => document.querySelector<HTMLButtonElement>(`[data-choice="${at}"]`)

test.each([
  [rightAt, 'I’m sure', true, true],
  [wrongAt, 'Not sure', false, false],
])(
  'answer %i, “%s”: told once; right and given stay, and can be given no more',
  (at, sure, right, isSure) => {
    const onAnswer = jest.fn()
    show(<RoundView round={round} spare={false} onAnswer={onAnswer} />)
    expect(screen.queryByRole('button', { name: sure })).toBeNull()
    fireEvent.click(choice(at) as Element)
    expect(document.querySelectorAll('[data-choice]')).toHaveLength(round.choices.length)
    fireEvent.click(screen.getByRole('button', { name: sure }))
    expect(onAnswer.mock.calls).toEqual([[right, isSure]])
    const left = [...document.querySelectorAll<HTMLElement>('[data-choice]')].map((b) =>
      Number(b.dataset.choice),
    )
    expect(left).toEqual([...new Set([rightAt, at])].sort())
    expect(choice(rightAt)?.textContent).toContain('– right')
    expect(choice(at)?.textContent?.includes('– your answer')).toBe(!right)
    fireEvent.click(choice(rightAt) as Element)
    fireEvent.keyDown(document.body, { key: 'Enter' })
    expect(onAnswer).toHaveBeenCalledTimes(1)
  },
)

test.each([360, 900])('in a picture of %i px the name of the cast stands within it', (width) => {
  jest.spyOn(HTMLElement.prototype, 'clientWidth', 'get').mockReturnValue(width)
  if (round.kind !== 'cast') throw new Error(round.kind)
  const asked = round.choices.find(({ id }) => id === round.answer)
  if (asked === undefined) throw new Error('no answer')
  const snap = { ...asked, cast: { ...asked.cast, cast: 'snap-t' as const } }
  show(<CastScene round={{ ...round, choices: [snap] }} chosen={snap.id} shown onChoose={() => {}} />)
  const name = document.querySelector('[data-made="right"] text')
  const [at, anchor] = [Number(name?.getAttribute('x')), name?.getAttribute('text-anchor')]
  const long = 6 * (name?.textContent?.length ?? 0)
  const [from, to] = anchor === 'start' ? [at, at + long] : [at - long, at]
  expect(from).toBeGreaterThanOrEqual(0)
  expect(to).toBeLessThanOrEqual(Number(name?.closest('svg')?.getAttribute('width')))
  jest.restoreAllMocks()
})
