import { QueryClientProvider } from '@tanstack/react-query'
import { HashRouter, Navigate, Route, Routes, useLocation } from 'react-router'
import { DayProvider } from '../day/index.ts'
import { NotFound, PageGuard } from './PageGuard.tsx'
import { newClient } from './queries.ts'
import { Shell } from './Shell.tsx'
import { STATIONS } from './stations.ts'

const client = newClient()

export function App() {
  return (
    <QueryClientProvider client={client}>
      <PageGuard address="">
        <HashRouter>
          <Routes>
            <Route
              path="/"
              element={
                <DayProvider>
                  <Shell />
                </DayProvider>
              }
            >
              <Route index element={<Home />} />
              {STATIONS.flatMap(({ path, Page, more = [] }) => [
                <Route key={path} path={path} element={<Page />} />,
                ...more.map((page) => (
                  <Route key={page.path} path={`${path}/${page.path}`} element={<page.Page />} />
                )),
              ])}
              <Route path="*" element={<NotFound />} />
            </Route>
          </Routes>
        </HashRouter>
      </PageGuard>
    </QueryClientProvider>
  )
}

/** The first station; what the address asked for besides comes along. */
function Home() {
  const { search } = useLocation()
  return <Navigate to={{ pathname: '/match', search }} replace />
}
