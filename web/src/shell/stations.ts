import { BookOpenText, Cable, Disc3, Scale, SlidersHorizontal, Spline, Waves } from 'lucide-react'

/** Places one can go, in the order of the work. */
export const PLACES = [
  { to: '/match', name: 'Match', keys: 'g m', icon: Spline },
  { to: '/rig', name: 'Rig', keys: 'g r', icon: Cable },
  { to: '/reel', name: 'Reel', keys: 'g e', icon: Disc3 },
  { to: '/water', name: 'Water', keys: 'g w', icon: Waves },
  { to: '/gear', name: 'Gear', keys: 'g g', icon: Scale },
  { to: '/tables', name: 'Tables', keys: 'g t', icon: BookOpenText },
  { to: '/settings', name: 'Settings', keys: 'g s', icon: SlidersHorizontal },
] as const
