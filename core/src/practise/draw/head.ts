import { itemsOf, type Rod, WINDOW_STYLES } from '../../gear/index.ts'
import { windowFor } from '../../rod/index.ts'
import { GENERIC_HEADS } from '../../specify/index.ts'
import { pick, shuffled } from '../random.ts'
import type { SituationOf } from '../situation.ts'
import { MARGINS } from '../vocabulary.ts'
import { bare, count, type Drawing, type Kind, margin } from './drawing.ts'

/** Numbers that stand on boxes. */
const BOXES = [4, 5, 6, 7, 8, 9, 10] as const

function drawHead(drawing: Drawing): SituationOf<'head'> | undefined {
  const { roll, gear, caster, schools, level } = drawing
  const rod = pick(roll, itemsOf(gear, 'rod'))
  const style = pick(
    roll,
    WINDOW_STYLES.filter(
      (each) => each === 'skagit' || each === 'scandi' || (each === 'overhead' && rod?.hands === 'surf'),
    ),
  )
  if (rod === undefined || style === undefined || style === 'trout-line') return undefined
  const found = windowFor(rod, style, { schools, caster })
  if (found.outcome !== 'window') return undefined
  const { lowKg, highKg, aimKg } = found.window
  const made = GENERIC_HEADS[style].filter(({ massKg = 0 }) => massKg > 0.5 * lowKg && massKg < 1.7 * highKg)
  const clear = 1 + margin(drawing) * MARGINS.head
  const kg = ({ massKg = 0 }: { readonly massKg?: number | undefined }): number => massKg
  const inside = pick(
    roll,
    made.filter((head) => Math.abs(kg(head) - aimKg) < (highKg - lowKg) / 4),
  )
  if (inside === undefined) return undefined
  const outside = made.filter((head) => kg(head) * clear < lowKg || kg(head) > highKg * clear)
  const taken: (typeof outside)[number][] = []
  for (const head of shuffled(roll, outside))
    if (
      taken.length < Math.min(4, count(drawing)) - 1 &&
      taken.every((each) => Math.abs(kg(each) / kg(head) - 1) > 0.05)
    )
      taken.push(head)
  if (taken.length < 2) return undefined
  const own = numberOf(rod)
  const heads = shuffled(roll, [inside, ...taken]).map((head, i) => ({
    item: { ...head, id: `head-${i + 1}` },
    // The box of a wrong one bears the rod's own number.
    label:
      head === inside
        ? (pick(
            roll,
            BOXES.filter((number) => number !== own),
          ) ?? own)
        : own,
  }))
  const [shown] = bare([rod])
  return shown && { kind: 'head', level, rod: shown, style, heads, caster, schools }
}
const numberOf = ({ lineNumber }: Rod): number => Math.min(15, Math.max(1, lineNumber))

export const HEAD: Kind<'head'> = {
  draw: drawHead,
  stands: ({ choices, answer, window: { lowKg, highKg } }, drawing) => {
    const clear = margin(drawing) * MARGINS.head
    return choices.every(
      ({ id, massKg }) => id === answer || massKg < lowKg * (1 - clear) || massKg > highKg * (1 + clear),
    )
  },
}
