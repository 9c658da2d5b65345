import {
  BookOpenText,
  Cable,
  Disc3,
  Scale,
  Shirt,
  SlidersHorizontal,
  Spline,
  Waves,
  Wind,
} from 'lucide-react'
import { type ComponentType, lazy } from 'react'

interface Page {
  readonly path: string
  readonly Page: ComponentType
}

interface Station extends Page {
  readonly name: string
  readonly keys: string
  readonly icon: ComponentType<{ readonly size: number }>
  /** For the table rather than the bank: not in the bar of a phone. */
  readonly atTheTable?: true
  /** For the bank: it says itself what the strip does, and wants the room. */
  readonly atTheBank?: true
  /** Pages that belong to it, by their paths beyond it. */
  readonly more?: readonly Page[]
}

/**
 * Places one can go, in the order of the work: navigation, keys, palette and routes follow. Each page comes when it is gone to.
 */
export const STATIONS: readonly Station[] = [
  {
    path: 'pocket',
    name: 'Pocket',
    keys: 'g p',
    icon: Shirt,
    atTheBank: true,
    Page: lazy(() =>
      import('../stations/pocket/PocketStation.tsx').then((m) => ({ default: m.PocketStation })),
    ),
  },
  {
    path: 'match',
    name: 'Match',
    keys: 'g m',
    icon: Spline,
    Page: lazy(() => import('../stations/match/MatchStation.tsx').then((m) => ({ default: m.MatchStation }))),
    more: [
      {
        path: 'rig/:key',
        Page: lazy(() => import('../stations/match/RigPage.tsx').then((m) => ({ default: m.RigPage }))),
      },
      {
        path: 'shared/:code',
        Page: lazy(() => import('../stations/match/SharedPage.tsx').then((m) => ({ default: m.SharedPage }))),
      },
      {
        path: 'look',
        Page: lazy(() => import('../stations/match/LookPage.tsx').then((m) => ({ default: m.LookPage }))),
      },
      {
        path: 'compare/:key',
        Page: lazy(() =>
          import('../stations/match/ComparePage.tsx').then((m) => ({ default: m.ComparePage })),
        ),
      },
    ],
  },
  {
    path: 'rig',
    name: 'Rig',
    keys: 'g r',
    icon: Cable,
    Page: lazy(() => import('../stations/rig/RigStation.tsx').then((m) => ({ default: m.RigStation }))),
    more: [
      {
        path: 'card',
        Page: lazy(() => import('../stations/rig/CardPage.tsx').then((m) => ({ default: m.CardPage }))),
      },
    ],
  },
  {
    path: 'reel',
    name: 'Reel',
    keys: 'g e',
    icon: Disc3,
    atTheTable: true,
    Page: lazy(() => import('../stations/reel/ReelStation.tsx').then((m) => ({ default: m.ReelStation }))),
  },
  {
    path: 'water',
    name: 'Water',
    keys: 'g w',
    icon: Waves,
    Page: lazy(() => import('../stations/water/WaterStation.tsx').then((m) => ({ default: m.WaterStation }))),
    more: [
      {
        path: 'card',
        Page: lazy(() =>
          import('../stations/water/pool/PoolCardPage.tsx').then((m) => ({ default: m.PoolCardPage })),
        ),
      },
    ],
  },
  {
    path: 'cast',
    name: 'Cast',
    keys: 'g c',
    icon: Wind,
    Page: lazy(() => import('../stations/cast/CastStation.tsx').then((m) => ({ default: m.CastStation }))),
    more: [
      {
        path: 'cautions',
        Page: lazy(() =>
          import('../stations/cast/CautionsPage.tsx').then((m) => ({ default: m.CautionsPage })),
        ),
      },
    ],
  },
  {
    path: 'journal',
    name: 'Journal',
    keys: 'g j',
    icon: BookOpenText,
    Page: lazy(() =>
      import('../stations/journal/JournalStation.tsx').then((m) => ({ default: m.JournalStation })),
    ),
    more: [
      {
        path: 'trial-sheet',
        Page: lazy(() =>
          import('../stations/journal/TrialSheetPage.tsx').then((m) => ({ default: m.TrialSheetPage })),
        ),
      },
    ],
  },
  {
    path: 'gear',
    name: 'Gear',
    keys: 'g g',
    icon: Scale,
    Page: lazy(() => import('../stations/gear/GearStation.tsx').then((m) => ({ default: m.GearStation }))),
    more: [
      {
        path: 'labels',
        Page: lazy(() => import('../stations/gear/LabelsPage.tsx').then((m) => ({ default: m.LabelsPage }))),
      },
      ...['new/:kind', 'item/:id'].map((path) => ({
        path,
        Page: lazy(() => import('../stations/gear/ItemPage.tsx').then((m) => ({ default: m.ItemPage }))),
      })),
    ],
  },
  {
    path: 'tables',
    name: 'Tables',
    atTheTable: true,
    keys: 'g t',
    icon: BookOpenText,
    Page: lazy(() =>
      import('../stations/tables/TablesStation.tsx').then((m) => ({ default: m.TablesStation })),
    ),
  },
  {
    path: 'settings',
    name: 'Settings',
    keys: 'g s',
    icon: SlidersHorizontal,
    Page: lazy(() => import('./SettingsPage.tsx').then((m) => ({ default: m.SettingsPage }))),
  },
]
