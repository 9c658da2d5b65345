/** @jest-environment jsdom */

import type { SwingSetup } from '@hoxen/core/rig'
import { flatRun, partsOf } from '@hoxen/core/testing'
import { afterEach, expect, test } from '@jest/globals'
import { cleanup, screen } from '@testing-library/react'
import { show } from '../../testing/show.tsx'
import { ChartTable } from './ChartTable.tsx'
import type { Chart } from './useChart.ts'

afterEach(cleanup)

test('levels stand over their columns, today’s is marked; what is not swung yet is an empty cell', () => {
  const parts = partsOf()
  const setup = { parts, run: flatRun(1.5, 0.8), fishAt: 'bottom' } as unknown as SwingSetup
  const front = { tip: parts.tip, leader: parts.leader }
  const chart = {
    columns: [18, 24, 36].map((flowM3ps) => ({ flowM3ps })),
    fronts: [front, { tip: null, leader: null }],
    bandOf: () => undefined,
    cellOf: () => undefined,
  } as unknown as Chart
  show(<ChartTable chart={chart} setup={setup} todayM3ps={24} />)
  const heads = screen.getAllByRole('columnheader').map((head) => head.textContent)
  expect(heads.filter((text) => text?.endsWith(', today'))).toHaveLength(1)
  expect(heads[2]).toMatch(/^848 cfs, today$/)
  expect(screen.getAllByRole('rowheader').map((head) => head.textContent)).toEqual([
    parts.tip?.item.name,
    'No tip',
  ])
  expect(document.querySelectorAll('td span')).toHaveLength(6)
})
