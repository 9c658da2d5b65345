/** @jest-environment jsdom */

import { afterEach, expect, jest, test } from '@jest/globals'
import { cleanup, screen } from '@testing-library/react'
import { show } from '../../testing/show.tsx'
import { TablesStation } from './TablesStation.tsx'

afterEach(cleanup)

test.each([
  ['', 'Convert'],
  ['#two-hand', 'Two-hand numbers'],
  ['#tag-estimate', 'What the tags mean'],
  ['#word-d-loop', 'Words of the trade'],
  ['#state-watch', 'What each check means'],
  ['#line-room-behind', 'What each check means'],
  ['#nonsense', 'Convert'],
])('an address %p opens the page that it is on', async (place, name) => {
  jest.spyOn(window, 'scrollTo').mockImplementation(() => {})
  show(<TablesStation />, `/tables${place}`)
  expect((await screen.findByRole('link', { name })).getAttribute('aria-current')).toBe('page')
  const topic = document.getElementById(place.slice(1))
  if (place.startsWith('#line')) expect(topic?.hasAttribute('open')).toBe(true)
})
