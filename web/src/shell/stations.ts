import {
  Backpack,
  BookOpenText,
  Cable,
  Disc3,
  GraduationCap,
  Scale,
  Shirt,
  SlidersHorizontal,
  Spline,
  Waves,
  Wind,
} from 'lucide-react'
import type { ComponentType } from 'react'
import { lazily } from '../ui/index.ts'

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
    Page: lazily(() => import('../stations/pocket/PocketStation.tsx').then((m) => m.PocketStation)),
  },
  {
    path: 'match',
    name: 'Match',
    keys: 'g m',
    icon: Spline,
    Page: lazily(() => import('../stations/match/MatchStation.tsx').then((m) => m.MatchStation)),
    more: [
      {
        path: 'rig/:key',
        Page: lazily(() => import('../stations/match/RigPage.tsx').then((m) => m.RigPage)),
      },
      {
        path: 'shared/:code',
        Page: lazily(() => import('../stations/match/SharedPage.tsx').then((m) => m.SharedPage)),
      },
      {
        path: 'look',
        Page: lazily(() => import('../stations/match/LookPage.tsx').then((m) => m.LookPage)),
      },
      {
        path: 'compare/:key',
        Page: lazily(() => import('../stations/match/ComparePage.tsx').then((m) => m.ComparePage)),
      },
    ],
  },
  {
    path: 'rig',
    name: 'Rig',
    keys: 'g r',
    icon: Cable,
    Page: lazily(() => import('../stations/rig/RigStation.tsx').then((m) => m.RigStation)),
    more: [
      {
        path: 'card',
        Page: lazily(() => import('../stations/rig/CardPage.tsx').then((m) => m.CardPage)),
      },
    ],
  },
  {
    path: 'reel',
    name: 'Reel',
    keys: 'g e',
    icon: Disc3,
    atTheTable: true,
    Page: lazily(() => import('../stations/reel/ReelStation.tsx').then((m) => m.ReelStation)),
  },
  {
    path: 'water',
    name: 'Water',
    keys: 'g w',
    icon: Waves,
    Page: lazily(() => import('../stations/water/WaterStation.tsx').then((m) => m.WaterStation)),
    more: [
      {
        path: 'card',
        Page: lazily(() => import('../stations/water/pool/PoolCardPage.tsx').then((m) => m.PoolCardPage)),
      },
    ],
  },
  {
    path: 'cast',
    name: 'Cast',
    keys: 'g c',
    icon: Wind,
    Page: lazily(() => import('../stations/cast/CastStation.tsx').then((m) => m.CastStation)),
    more: [
      {
        path: 'cautions',
        Page: lazily(() => import('../stations/cast/CautionsPage.tsx').then((m) => m.CautionsPage)),
      },
    ],
  },
  {
    path: 'trip',
    name: 'Trip',
    keys: 'g i',
    icon: Backpack,
    atTheTable: true,
    Page: lazily(() => import('../stations/trip/TripStation.tsx').then((m) => m.TripStation)),
    more: [
      {
        path: 'sheet',
        Page: lazily(() => import('../stations/trip/TripSheetPage.tsx').then((m) => m.TripSheetPage)),
      },
    ],
  },
  {
    path: 'journal',
    name: 'Journal',
    keys: 'g j',
    icon: BookOpenText,
    Page: lazily(() => import('../stations/journal/JournalStation.tsx').then((m) => m.JournalStation)),
    more: [
      {
        path: 'trial-sheet',
        Page: lazily(() => import('../stations/journal/TrialSheetPage.tsx').then((m) => m.TrialSheetPage)),
      },
    ],
  },
  {
    path: 'practise',
    name: 'Practise',
    keys: 'g a',
    icon: GraduationCap,
    atTheTable: true,
    Page: lazily(() => import('../stations/practise/PractiseStation.tsx').then((m) => m.PractiseStation)),
    more: [
      {
        path: 'round/:code',
        Page: lazily(() => import('../stations/practise/SentRoundPage.tsx').then((m) => m.SentRoundPage)),
      },
    ],
  },
  {
    path: 'gear',
    name: 'Gear',
    keys: 'g g',
    icon: Scale,
    Page: lazily(() => import('../stations/gear/GearStation.tsx').then((m) => m.GearStation)),
    more: [
      {
        path: 'labels',
        Page: lazily(() => import('../stations/gear/LabelsPage.tsx').then((m) => m.LabelsPage)),
      },
      ...['new/:kind', 'item/:id'].map((path) => ({
        path,
        Page: lazily(() => import('../stations/gear/ItemPage.tsx').then((m) => m.ItemPage)),
      })),
    ],
  },
  {
    path: 'tables',
    name: 'Tables',
    atTheTable: true,
    keys: 'g t',
    icon: BookOpenText,
    Page: lazily(() => import('../stations/tables/TablesStation.tsx').then((m) => m.TablesStation)),
  },
  {
    path: 'settings',
    name: 'Settings',
    atTheTable: true,
    keys: 'g s',
    icon: SlidersHorizontal,
    Page: lazily(() => import('./SettingsPage.tsx').then((m) => m.SettingsPage)),
  },
]
