import { itemsOf } from '../../gear/index.ts'
import { betterRide } from '../../ladder/index.ts'
import { candidatesOf } from '../../match/index.ts'
import { through } from '../../rig/index.ts'
import type { TipItem } from '../../sink/index.ts'
import type { Swung } from '../../swing/index.ts'
import { stillRigs } from '../../trip/index.ts'
import { shuffled } from '../random.ts'
import type { RoundOf } from '../round.ts'
import type { SituationOf } from '../situation.ts'
import { dayIn, partsIn } from '../solve.ts'
import { MARGINS } from '../vocabulary.ts'
import { bare, count, type Drawing, FEWEST, inPool, itemsIn, type Kind, margin } from './drawing.ts'

function drawTip(drawing: Drawing): SituationOf<'tip'> | undefined {
  const base = inPool(drawing)
  const parts = base && partsIn(base)
  if (base === undefined || parts?.tip == null) return undefined
  const { roll, gear, schools } = drawing
  const day = dayIn(base.job, schools, base.run, base.flowM3ps)
  // Tips that hold on this head by themselves: what is asked is where the fly rides.
  const tips = [...itemsOf(gear, 'tip'), ...itemsOf(gear, 'sinking-leader')] as readonly TipItem[]
  const c = candidatesOf({ items: [...itemsIn({ ...parts, tip: null }), ...tips] }, day)
  const fits = new Set(
    through(
      stillRigs(c, day, [{ ...parts, tip: null, leader: null, runningLine: null, reel: null }], false),
    ).rigs.flatMap(({ parts: { tip } }) => tip?.item.id ?? []),
  )
  const some = shuffled(
    roll,
    tips.filter(({ id }) => fits.has(id)),
  ).slice(0, count(drawing))
  if (some.length < FEWEST) return undefined
  const items = bare([...base.items, ...some])
  return { ...base, kind: 'tip', items, tipIds: some.map(({ id }) => id) }
}

/** The best tip is told from the next by seconds, or holds where the next does not. */
function tipStands({ choices }: RoundOf<'tip'>, drawing: Drawing): boolean {
  const [best, ...others] = [...choices].sort((a, b) =>
    betterRide(a.rig.swung as Swung, b.rig.swung as Swung),
  )
  if (best?.rig.swung === undefined) return false
  const held = others.map(({ rig }) => rig.swung?.summary.holdingS ?? 0)
  const gain = best.rig.swung.summary.holdingS - Math.max(...held)
  return best.rig.verdict !== 'breaks' && gain >= margin(drawing) * MARGINS.tipS
}

export const TIP: Kind<'tip'> = { draw: drawTip, stands: tipStands }
