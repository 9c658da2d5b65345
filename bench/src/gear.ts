import { HANDS, type Item, itemSchema } from '@hoxen/core/gear'
import { KG_PER_GRAIN, M_PER_FOOT } from '@hoxen/core/quantity'

/** A small seeded generator (mulberry32), so that every run sees the same gear. */
export function seeded(seed: number): () => number {
  let state = seed
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

const STYLES = ['skagit', 'scandi', 'overhead', 'multi-density', 'integrated'] as const

/** A shop's worth of invented gear: as many items as asked for, in the proportions anglers own them. */
export function inventGear(count: number, seed: number): Item[] {
  const random = seeded(seed)
  const between = (low: number, high: number): number => low + random() * (high - low)
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T
  const makers: readonly (readonly [share: number, make: () => Record<string, unknown>])[] = [
    [
      0.08,
      () => ({
        kind: 'rod',
        lineNumber: Math.round(between(3, 9)),
        lengthM: between(10, 15) * M_PER_FOOT,
        hands: pick(HANDS),
      }),
    ],
    [
      0.26,
      () => ({
        kind: 'head',
        style: pick(STYLES),
        massKg: between(220, 700) * KG_PER_GRAIN,
        lengthM: between(18, 36) * M_PER_FOOT,
      }),
    ],
    [
      0.22,
      () => ({
        kind: 'tip',
        build: 'level',
        lengthM: between(5, 15) * M_PER_FOOT,
        kgPerM: (pick([7, 8, 10, 11, 14, 17]) * KG_PER_GRAIN) / M_PER_FOOT,
      }),
    ],
    [
      0.08,
      () => ({ kind: 'sinking-leader', lengthM: between(5, 14) * M_PER_FOOT, sinkRateMps: between(0, 0.18) }),
    ],
    [
      0.14,
      () => ({
        kind: 'leader',
        form: pick(['tapered', 'stepped', 'level']),
        lengthM: between(3, 18) * M_PER_FOOT,
      }),
    ],
    [
      0.12,
      () => ({ kind: 'running-line', build: pick(['coated', 'mono']), diameterM: between(0.0004, 0.001) }),
    ],
    [0.1, () => ({ kind: 'reel', forNumber: Math.round(between(5, 13)), cage: pick(['full', 'open']) })],
  ]
  const items: Item[] = []
  for (const [share, make] of makers)
    for (let i = 0; i < Math.round(share * count); i++) {
      const raw = make()
      items.push(
        itemSchema.parse({ id: `${String(raw.kind)}-${i}`, name: `${String(raw.kind)} ${i}`, ...raw }),
      )
    }
  return items
}
