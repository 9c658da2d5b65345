import type { Day } from '../../day/index.ts'
import { type Gear, type Head, itemsOf, type Rod, WINDOW_STYLES, type WindowStyle } from '../../gear/index.ts'
import { headFacts } from '../../line/index.ts'
import { type GrainWindow, windowFor } from '../../rod/index.ts'
import { windowStyleOf } from '../parts.ts'
import { suitedTo } from '../suits.ts'

/** A rod's window for a kind of head one owns, and which of them stand in it. */
export interface Covered {
  readonly rod: Rod
  readonly style: WindowStyle
  readonly window: GrainWindow
  readonly heads: readonly Head[]
}

export interface Collection {
  readonly windows: readonly Covered[]
  /** Heads of one kind that hardly differ. */
  readonly doubles: readonly (readonly [Head, Head])[]
}

/** Heads of one kind closer than this in mass and in length throw alike, as shares. [practice] */
const ALIKE = Object.freeze({ mass: 0.02, length: 0.06 })

/** Kinds of head a rod is mostly fished with: there an empty window is a gap. [practice] */
const USUAL: Readonly<Record<Rod['hands'], readonly WindowStyle[]>> = Object.freeze({
  single: ['skagit', 'scandi', 'trout-line'],
  switch: ['skagit', 'scandi'],
  'trout-two-hander': ['skagit', 'scandi'],
  'two-hander': ['skagit', 'scandi'],
  surf: ['overhead'],
})

const near = (a: number, b: number, share: number): boolean => Math.abs(a - b) <= share * Math.max(a, b)

function alike(a: Head, b: Head): boolean {
  const [one, other] = [headFacts(a), headFacts(b)]
  return (
    windowStyleOf(a.style) === windowStyleOf(b.style) &&
    near(one.massKg.value, other.massKg.value, ALIKE.mass) &&
    near(one.lengthM, other.lengthM, ALIKE.length)
  )
}

/** Gaps and doubles: the windows of one's rods that a head stands in or that are mostly filled, and heads that are there twice. */
export function collectionOf(gear: Gear, day: Day): Collection {
  const heads = itemsOf(gear, 'head')
  const rods = itemsOf(gear, 'rod')
  const styles = WINDOW_STYLES.filter((style) => heads.some((h) => windowStyleOf(h.style) === style))
  const holdsOn = new Map(
    heads.map((head) => [
      head.id,
      new Set(
        suitedTo(head, rods, day)
          .filter(({ state }) => state === 'holds')
          .map(({ item }) => item.id),
      ),
    ]),
  )
  const windows = rods.flatMap((rod) =>
    styles.flatMap((style): readonly Covered[] => {
      const found = windowFor(rod, style, day)
      if (found.outcome !== 'window') return []
      const inIt = heads.filter((h) => windowStyleOf(h.style) === style && holdsOn.get(h.id)?.has(rod.id))
      const wanted = inIt.length > 0 || USUAL[rod.hands].includes(style)
      return wanted ? [{ rod, style, window: found.window, heads: inIt }] : []
    }),
  )
  const doubles = heads.flatMap((a, i) =>
    heads.slice(i + 1).flatMap((b): readonly (readonly [Head, Head])[] => (alike(a, b) ? [[a, b]] : [])),
  )
  return { windows, doubles }
}
