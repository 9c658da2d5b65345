import { CAST_NAMES, chooseCasts } from '../../cast/index.ts'
import type { Job } from '../../day/index.ts'
import { choiceOf } from '../../match/index.ts'
import { OBSTRUCTIONS } from '../../water/index.ts'
import { pick, shuffled } from '../random.ts'
import type { SituationOf } from '../situation.ts'
import { settingIn } from '../solve.ts'
import { bare, count, type Drawing, FEWEST, itemsIn, jobFor, type Kind, stillRig } from './drawing.ts'

/** Rounds on a beach, of all rounds of casts. */
const SURF_SHARE = 0.15
const WINDS = [0, 2, 3, 4, 5, 7] as const

function drawCast(drawing: Drawing): SituationOf<'cast'> | undefined {
  const { roll, caster, level, schools } = drawing
  const surf = roll() < SURF_SHARE
  const job: Job = { ...jobFor(drawing), ...(surf ? { water: 'surf', castM: 24, roomBehindM: 25 } : {}) }
  const parts = stillRig(drawing, job)
  if (parts === undefined) return undefined
  const bank = surf ? null : (pick(roll, ['left', 'right'] as const) ?? 'left')
  const situation: SituationOf<'cast'> = {
    kind: 'cast',
    level,
    items: bare(itemsIn(parts)),
    rig: choiceOf(parts),
    job,
    schools,
    hand: caster.hand,
    bank,
    wind: { fromDeg: 15 * Math.floor(roll() * 24), mps: pick(roll, WINDS) ?? 0 },
    angleDeg: surf ? 0 : (pick(roll, [5, 30, 45, 60, 75] as const) ?? 60),
    roomM: pick(roll, [2, 3, 4, 6, 10, 20, 30] as const) ?? 6,
    obstruction: pick(roll, OBSTRUCTIONS) ?? 'none',
    offered: CAST_NAMES.slice(0, 2).map((cast) => ({ cast, side: 'left' })),
  }
  const setting = settingIn(situation)
  const all = setting === undefined ? [] : chooseCasts(setting)
  const good = all.filter(({ fit }) => fit === 'good')
  // A cast first, then its side.
  const name = pick(roll, [...new Set(good.map(({ cast }) => cast))])
  const right = pick(
    roll,
    good.filter(({ cast }) => cast === name),
  )
  if (right === undefined) return undefined
  const wrong = all.filter(({ fit }) => fit === 'no')
  // The same cast off the other side is the mistake that hurts; where it is one, it is offered.
  const mirrored = wrong.filter(({ cast, side }) => cast === right.cast && side !== right.side)
  const others = shuffled(
    roll,
    wrong.filter((each) => !mirrored.includes(each)),
  )
  const offered = shuffled(roll, [right, ...[...mirrored, ...others].slice(0, count(drawing) - 1)])
  if (offered.length < FEWEST) return undefined
  return { ...situation, offered: offered.map(({ cast, side }) => ({ cast, side })) }
}

export const CAST: Kind<'cast'> = {
  draw: drawCast,
  stands: ({ choices, answer }) => choices.every(({ id, cast }) => id === answer || cast.fit === 'no'),
}
