import { expect, test } from '@jest/globals'
import { DEMO, flatRun } from '../testing/index.ts'
import { poolsFirst } from './index.ts'

test('pools used last come first: the chosen one, then by their latest entry, then as they stand', () => {
  const runs = ['a', 'b', 'c', 'd'].map((id) => flatRun(1, 0.5, { id, name: id }))
  const [entry] = DEMO.entries
  if (entry === undefined) throw new Error('no entry')
  const entries = [
    { ...entry, id: '1', runId: 'd', atMs: 5 },
    { ...entry, id: '2', runId: 'b', atMs: 9 },
    { ...entry, id: '3', runId: 'b', atMs: 1 },
  ]
  const order = (chosen?: string) =>
    poolsFirst(runs, entries, chosen)
      .map(({ id }) => id)
      .join('')
  expect([order(), order('c')]).toEqual(['bdac', 'cbda'])
})
