import { readFileSync } from 'node:fs'
import { type HoxenDocument, readDocument } from '@hoxen/core/format'
import { QueryClientProvider } from '@tanstack/react-query'
import { type RenderResult, render } from '@testing-library/react'
import type { ReactNode } from 'react'
import { MemoryRouter } from 'react-router'
import { DayProvider } from '../day/index.ts'
import { newClient } from '../shell/queries.ts'
import { takeIn } from '../store/everything.ts'
import { UnitsContext } from '../ui/index.ts'

/** The demo angler's file. */
export const demo: HoxenDocument = readDocument(
  readFileSync(`${process.cwd()}/demo/skarn.json`, 'utf8'),
).document

/** The demo in the store, with whatever else a test wants of it. */
export const keepDemo = (more: Partial<HoxenDocument> = {}): Promise<boolean> =>
  takeIn({ ...demo, ...more }, 'Open the demo')

/** Part of the application on a page of its own, at an address. */
export function show(children: ReactNode, at = '/'): RenderResult {
  const client = newClient({ retry: false, gcTime: Number.POSITIVE_INFINITY })
  return render(
    <QueryClientProvider client={client}>
      <MemoryRouter initialEntries={[at]}>
        <UnitsContext value="trade">
          <DayProvider>{children}</DayProvider>
        </UnitsContext>
      </MemoryRouter>
    </QueryClientProvider>,
  )
}
