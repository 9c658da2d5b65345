/** @jest-environment jsdom */

import { dayOf, FIRST_JOB } from '@hoxen/core/day'
import { DEFAULT_SCHOOLS } from '@hoxen/core/gear'
import { judge } from '@hoxen/core/match'
import { JOINT_KNOTS, resolveRig } from '@hoxen/core/rig'
import { afterEach, expect, test } from '@jest/globals'
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react'
import { KnotDrawing } from '../../drawing/index.ts'
import { gearNow } from '../../store/index.ts'
import { demo, keepDemo, show } from '../../testing/show.tsx'
import { waitFor } from '../../testing/waiting.ts'
import { RiggingList } from './RiggingList.tsx'

afterEach(() => {
  cleanup()
  Reflect.deleteProperty(globalThis, 'speechSynthesis')
  Reflect.deleteProperty(globalThis, 'SpeechSynthesisUtterance')
})

const byId = new Map(demo.items.map((item) => [item.id, item]))
const day = dayOf({ job: FIRST_JOB, schools: DEFAULT_SCHOOLS })
const resolved = resolveRig(
  {
    rodId: 'long-seven-13-ft',
    headId: '510-gr-short-skagit',
    tipId: 't-11-10-ft',
    leaderId: 'level-4-ft',
    runningLineId: 'coated-30-lb',
    reelId: 'full-frame-eleven',
  },
  byId,
)
if (resolved.outcome !== 'resolved') throw new Error(resolved.id)
const list = () =>
  show(<RiggingList rig={judge(resolved.parts, day)} question={{ gear: gearNow(demo.items), byId, day }} />)

/** A voice that is heard out when the test says so. */
class Voice extends EventTarget {
  readonly said: { text: string; onend?: () => void }[] = []
  constructor(private readonly local: boolean) {
    super()
  }
  getVoices = () => [{ localService: this.local, lang: 'en-GB', name: 'x' }]
  speak = (spoken: { text: string; onend?: () => void }) => void this.said.push(spoken)
  cancel = () => undefined
}
function withVoice(local: boolean): Voice {
  const voice = new Voice(local)
  Object.assign(globalThis, {
    speechSynthesis: voice,
    SpeechSynthesisUtterance: class {
      constructor(readonly text: string) {}
    },
  })
  return voice
}

test.each([...new Set(Object.values(JOINT_KNOTS).flat())])('%s is drawn', (knot) => {
  const { container } = render(<KnotDrawing knot={knot} />)
  expect(container.querySelectorAll('path').length).toBeGreaterThan(1)
})

test('each joint shows the knot that is chosen for it', async () => {
  await keepDemo()
  list()
  const before = document.querySelectorAll('li svg path').length
  fireEvent.change(screen.getByLabelText('Knot, Leader'), { target: { value: 'ring' } })
  await waitFor(() => expect(screen.getByText(/^Leader: .*tippet ring\.$/)).toBeTruthy())
  expect(document.querySelectorAll('li svg path').length).not.toBe(before)
})

test('read aloud in order from the first that is open, one after another, and stopped', async () => {
  await keepDemo()
  const voice = withVoice(true)
  list()
  fireEvent.click(screen.getAllByRole('checkbox')[0] as HTMLElement)
  await waitFor(() => expect((screen.getAllByRole('checkbox')[0] as HTMLInputElement).checked).toBe(true))
  fireEvent.click(screen.getByRole('button', { name: 'Read aloud' }))
  expect(voice.said[0]?.text).toBe('2. Wind on firmly and evenly, and stop below the rim.')
  act(() => voice.said[0]?.onend?.())
  expect(voice.said[1]?.text).toMatch(/^3\. Backing to the line/)
  expect(document.querySelector('[aria-current="step"]')?.textContent).toContain('Backing to the line')
  fireEvent.click(screen.getByRole('button', { name: 'Stop reading' }))
  expect(document.querySelector('[aria-current="step"]')).toBeNull()
})

test.each([
  ['no voice', undefined],
  ['only a voice that asks a service', false],
] as const)('with %s nothing is read', async (_name, local) => {
  await keepDemo()
  if (local !== undefined) withVoice(local)
  list()
  expect((screen.getByRole('button', { name: 'Read aloud' }) as HTMLButtonElement).disabled).toBe(true)
})
