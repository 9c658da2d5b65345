import { candidatesOf, choiceOf, judge, type RankedRig } from '../../match/index.ts'
import type { CheckCode, RigParts } from '../../rig/index.ts'
import { pick, shuffled } from '../random.ts'
import type { SituationOf } from '../situation.ts'
import { atRest, dayIn } from '../solve.ts'
import { bare, count, type Drawing, itemsIn, jobFor, type Kind, stillRig } from './drawing.ts'

/** Parts that are swapped for a wrong one, and where they stand in the gear. */
const SWAPS = [
  ['tipId', 'tip', 'tips'],
  ['leaderId', 'leader', 'leaders'],
  ['reelId', 'reel', 'reels'],
  ['runningLineId', 'runningLine', 'runningLines'],
  ['headId', 'head', 'heads'],
] as const

function drawWrong(drawing: Drawing): SituationOf<'wrong'> | undefined {
  const { roll, gear, schools, level } = drawing
  const job = jobFor(drawing)
  const parts = stillRig(drawing, job)
  if (parts === undefined) return undefined
  const day = dayIn(job, schools)
  const c = candidatesOf(gear, day)
  const wrong = SWAPS.flatMap(([slot, part, list]): readonly Broken[] =>
    (c[list] as readonly RigParts[typeof part][]).flatMap((other) => {
      if (other === parts[part] || (part === 'runningLine' && parts.head.onePiece)) return []
      const rig = judge({ ...parts, [part]: other }, day)
      const off = atRest(rig).filter(({ state }) => state !== 'holds')
      const [check] = off
      return off.length === 1 && check?.state === 'breaks' ? [{ slot, rig, code: check.code }] : []
    }),
  )
  // A kind of fault first, so that the usual ones do not come all the time.
  const code = pick(roll, [...new Set(wrong.map((each) => each.code))])
  const broken = pick(
    roll,
    wrong.filter((each) => each.code === code),
  )
  if (broken === undefined) return undefined
  const { slot, rig } = broken
  const others = shuffled(
    roll,
    atRest(rig).filter(({ state }) => state === 'holds'),
  ).map((check) => check.code)
  return {
    kind: 'wrong',
    level,
    items: bare([...itemsIn(rig.parts), ...itemsIn(parts)]),
    rig: rig.choice,
    wasId: choiceOf(parts)[slot],
    slot,
    codes: [...shuffled(roll, [broken.code, ...new Set(others)].slice(0, count(drawing)))],
    job,
    schools,
  }
}

/** A rig with one part swapped, and the one check that breaks. */
interface Broken {
  readonly slot: (typeof SWAPS)[number][0]
  readonly rig: RankedRig
  readonly code: CheckCode
}

/** One fault alone, as it is solved. */
export const WRONG: Kind<'wrong'> = { draw: drawWrong, stands: () => true }
