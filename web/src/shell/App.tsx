import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { lazy } from 'react'
import { BrowserRouter, Navigate, Route, Routes, useLocation } from 'react-router'
import { NotFound, PageGuard } from './PageGuard.tsx'
import { Shell } from './Shell.tsx'

const MatchStation = lazy(() =>
  import('../stations/match/MatchStation.tsx').then((m) => ({ default: m.MatchStation })),
)
const RigPage = lazy(() => import('../stations/match/RigPage.tsx').then((m) => ({ default: m.RigPage })))
const RigStation = lazy(() =>
  import('../stations/rig/RigStation.tsx').then((m) => ({ default: m.RigStation })),
)
const ReelStation = lazy(() =>
  import('../stations/reel/ReelStation.tsx').then((m) => ({ default: m.ReelStation })),
)
const WaterStation = lazy(() =>
  import('../stations/water/WaterStation.tsx').then((m) => ({ default: m.WaterStation })),
)
const ComparePage = lazy(() =>
  import('../stations/match/ComparePage.tsx').then((m) => ({ default: m.ComparePage })),
)
const GearStation = lazy(() =>
  import('../stations/gear/GearStation.tsx').then((m) => ({ default: m.GearStation })),
)
const ItemPage = lazy(() => import('../stations/gear/ItemPage.tsx').then((m) => ({ default: m.ItemPage })))
const TablesStation = lazy(() =>
  import('../stations/tables/TablesStation.tsx').then((m) => ({ default: m.TablesStation })),
)
const SettingsPage = lazy(() => import('./SettingsPage.tsx').then((m) => ({ default: m.SettingsPage })))

// Questions go to the worker and are pure: an answer never goes stale by itself, and a failed one is not worth repeating.
const client = new QueryClient({
  defaultOptions: {
    queries: { staleTime: Number.POSITIVE_INFINITY, gcTime: 60_000, retry: 1, networkMode: 'always' },
  },
})

export function App() {
  return (
    <QueryClientProvider client={client}>
      <PageGuard address="">
        <BrowserRouter>
          <Routes>
            <Route path="/" element={<Shell />}>
              <Route index element={<Home />} />
              <Route path="match" element={<MatchStation />} />
              <Route path="rig" element={<RigStation />} />
              <Route path="reel" element={<ReelStation />} />
              <Route path="water" element={<WaterStation />} />
              <Route path="match/rig/:key" element={<RigPage />} />
              <Route path="match/compare/:key" element={<ComparePage />} />
              <Route path="gear" element={<GearStation />} />
              <Route path="gear/new/:kind" element={<ItemPage />} />
              <Route path="gear/item/:id" element={<ItemPage />} />
              <Route path="tables" element={<TablesStation />} />
              <Route path="settings" element={<SettingsPage />} />
              <Route path="*" element={<NotFound />} />
            </Route>
          </Routes>
        </BrowserRouter>
      </PageGuard>
    </QueryClientProvider>
  )
}

/** The first station; what the address asked for besides comes along. */
function Home() {
  const { search } = useLocation()
  return <Navigate to={{ pathname: '/match', search }} replace />
}
