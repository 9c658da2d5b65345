import {
  type EvidenceTag,
  KG_PER_GRAIN,
  KG_PER_M_PER_GRAIN_PER_FOOT,
  KG_PER_POUND,
  M_PER_FOOT,
} from '@hoxen/core/quantity'
import type { Units } from '../../ui/index.ts'

export interface Rule {
  readonly title: string
  readonly tag: EvidenceTag
  readonly say: (units: Units) => string
}

const gr = (n: number): number => n * KG_PER_GRAIN
const ft = (n: number): number => n * M_PER_FOOT
const perFt = (n: number): number => n * KG_PER_M_PER_GRAIN_PER_FOOT

/** The rules the ledger reads by, in words. Common practice unless tagged otherwise. */
export const RULES: readonly Rule[] = [
  {
    title: 'Window, where none is printed',
    tag: 'estimate',
    say: ({ show }) =>
      `Single-hand grains of the rod’s number plus two (to no. 5) or three, × 1.42 overhead, 1.70 Scandi, 1.77 Skagit, ± 8 %; 1.5 % more for each foot above ${show(ft(12.5), 'length')}, less below. Single-hand rod with a short Skagit: × 1.5.`,
  },
  {
    title: 'Tip for a Skagit head',
    tag: 'practice',
    say: ({ show }) =>
      `Under ${show(gr(475), 'lineMass')} T-8, to ${show(gr(575), 'lineMass')} T-11, to ${show(gr(650), 'lineMass')} T-14, above that T-17.`,
  },
  {
    title: 'Joint',
    tag: 'physics',
    say: ({ range }) =>
      `Mass per length never rises from the line to the fly. A Scandi’s front of ${range({ low: perFt(4), high: perFt(6) }, 'massPerLength')} carries no level tungsten tip.`,
  },
  {
    title: 'Rod length',
    tag: 'practice',
    say: ({ show }) =>
      `Casts to ${show(ft(60), 'length')}: ${show(ft(10.5), 'rodLength')} to ${show(ft(11.5), 'rodLength')}; longer: ${show(ft(12.5), 'rodLength')} to ${show(ft(13), 'rodLength')}; the longest: ${show(ft(14), 'rodLength')} to ${show(ft(15), 'rodLength')}.`,
  },
  {
    title: 'Fish for a trout two-hander',
    tag: 'practice',
    say: ({ show }) =>
      `Up to about twice its number in pounds: no. 2 to ${show(4 * KG_PER_POUND, 'fishMass')}, no. 4 to ${show(8 * KG_PER_POUND, 'fishMass')}.`,
  },
  {
    title: 'Leader, floating line',
    tag: 'practice',
    say: ({ range, show }) =>
      `One to one and a half rod lengths; on a trout two-hander ${range({ low: ft(12), high: ft(14) }, 'length')}, with a weighted fly about ${show(ft(9), 'length')}.`,
  },
  {
    title: 'Leader, sinking tip',
    tag: 'practice',
    say: ({ range }) =>
      `Fast tip ${range({ low: ft(3), high: ft(6) }, 'length')}; slow or floating tip longer.`,
  },
  {
    title: 'Running line',
    tag: 'practice',
    say: ({ show }) =>
      `Heads to about ${show(gr(350), 'lineMass')}: 6–7 gō mono or a 20 lb core; heavier heads 8 gō and up, or 30 lb.`,
  },
  {
    title: 'Depth of a sinking part',
    tag: 'physics',
    say: () => 'Length × sin φ, where cos φ = √(1 + q²/4) − q/2 and q = (sink rate ÷ current)².',
  },
  {
    title: 'Season',
    tag: 'practice',
    say: () => 'Scandi in summer and autumn, warmer water and active fish; Skagit in late autumn and winter.',
  },
]
