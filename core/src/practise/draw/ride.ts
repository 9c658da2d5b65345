import { pick } from '../random.ts'
import { depthEdges } from '../solve.ts'
import { MARGINS } from '../vocabulary.ts'
import { inPool, type Kind, margin } from './drawing.ts'

/** A fly that rides so near the surface is not asked for [m]. */
const SHALLOWEST_M = 0.05

export const DEEP: Kind<'deep'> = {
  draw: inPool,
  stands: ({ ridesM, day: { waterDepthM } }, drawing) =>
    ridesM > SHALLOWEST_M &&
    depthEdges(waterDepthM).every(
      (edge) => Math.abs(edge - ridesM) >= margin(drawing) * MARGINS.deep * waterDepthM,
    ),
}

const RATIOS = [4 / 3, 3 / 4, 1.7, 0.6] as const
/** A hand’s breadth either way is much the same; more is clearly higher or lower over the bed [m]. [practice] */
const CHANGE_EDGES_M = [-0.1, 0.1, 0.35] as const

export const CHANGE: Kind<'change'> = {
  draw(drawing) {
    const base = inPool(drawing)
    const ratio = pick(drawing.roll, RATIOS) ?? 1
    return base && { ...base, kind: 'change', thenM3ps: base.flowM3ps * ratio, edgesM: [...CHANGE_EDGES_M] }
  },
  stands: ({ higherM, situation: { edgesM } }, drawing) =>
    edgesM.every((edge) => Math.abs(edge - higherM) >= margin(drawing) * MARGINS.changeM),
}
