/** @jest-environment jsdom */

import type { Item } from '@hoxen/core/gear'
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals'
import { cleanup, screen } from '@testing-library/react'
import { demo, keepDemo, show } from '../../testing/show.tsx'
import { GearChart } from './GearChart.tsx'

beforeEach(() => keepDemo())
afterEach(cleanup)

const of = (...kinds: Item['kind'][]): readonly Item[] => demo.items.filter((i) => kinds.includes(i.kind))

describe('gear, drawn', () => {
  test('heads stand over the windows of one’s rods; what is there twice is said', async () => {
    const [head] = of('head')
    if (head === undefined) throw new Error('no head')
    const twin: Item = { ...head, id: 'twin', name: 'Its twin' }
    show(<GearChart kind="head" items={[...of('head', 'rod'), twin]} />)
    expect(await screen.findByText(new RegExp(`${head.name} and Its twin`))).toBeTruthy()
    const axis = screen.getByRole('img').getAttribute('aria-label') ?? ''
    expect(axis).toMatch(/Long seven, 13 ft, Skagit window 470 gr to 540 gr, given, 510 gr/)
  })
  test('a window that nothing stands in is said to be empty', async () => {
    const without = of('head').filter((h) => !(h.kind === 'head' && h.name.includes('trout')))
    show(<GearChart kind="rod" items={[...of('rod'), ...without]} />)
    const said = await screen.findByText(/^No head of yours fits/)
    expect(said.parentElement?.textContent).toContain('One-hand six, 9 ft 6, Scandi')
  })
  test('each tip is a mark that leads to its page', async () => {
    show(<GearChart kind="tip" items={of('tip')} />)
    const links = await screen.findAllByRole('link')
    expect(links).toHaveLength(of('tip').length)
    const eleven = links.find((l) => l.getAttribute('aria-label')?.startsWith('T-11, 10 ft:'))
    expect(eleven?.getAttribute('aria-label')).toBe('T-11, 10 ft: 11 gr/ft, 10 ft')
    expect(eleven?.getAttribute('href')).toBe('/gear/item/t-11-10-ft')
  })
  test('of reels those that were not measured are named', async () => {
    show(<GearChart kind="reel" items={of('reel')} />)
    expect(await screen.findByText(/Not weighed or measured: /)).toBeTruthy()
  })
  test.each([
    ['other kinds', 'fly', of('fly')],
    ['no kind', undefined, demo.items],
    [
      'more than anybody could tell apart',
      'tip',
      Array.from({ length: 301 }, (_, i) => ({ ...of('tip')[0], id: `t${i}` }) as Item),
    ],
  ] as const)('nothing is drawn of %s', (_name, kind, items) => {
    const { container } = show(<GearChart kind={kind} items={items} />)
    expect(container.textContent).toBe('')
  })
})
