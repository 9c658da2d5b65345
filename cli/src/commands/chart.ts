import { itemsOf } from '@hoxen/core/gear'
import { chartCells, chartColumns, frontsToTry, tipIdOf } from '@hoxen/core/ladder'
import { EMPTY_WALLET, rigChoiceSchema } from '@hoxen/core/rig'
import type { TipItem } from '@hoxen/core/sink'
import { type Ride, rideOf, swing } from '@hoxen/core/swing'
import { flowReach, flowSchema } from '@hoxen/core/water'
import * as z from 'zod'
import { command, refusal } from '../command.ts'
import { gearById, partsOf } from '../gearAsked.ts'
import { gearInput, runInput } from '../kept.ts'
import { dayFrom, dayInput, EXAMPLE, EXAMPLE_RIG, EXAMPLE_RUN } from './match.ts'

export const chartCommand = command({
  name: 'chart',
  summary: 'which tip at which flow of a pool, each at its best angle',
  schema: z.strictObject({
    gear: gearInput,
    rig: rigChoiceSchema,
    ...dayInput,
    run: runInput,
    flowsM3ps: z.array(flowSchema).min(1).max(24),
  }),
  example: {
    ...EXAMPLE,
    rig: EXAMPLE_RIG,
    run: EXAMPLE_RUN,
    flowsM3ps: [12, 20],
  },
  run: ({ gear, rig, flowsM3ps, ...asked }) => {
    const parts = partsOf(rig, gearById(gear))
    const { measuredFlowM3ps } = asked.run
    if (measuredFlowM3ps === undefined) throw refusal('flow-without-measure', ['run', 'measuredFlowM3ps'])
    const reach = flowReach(measuredFlowM3ps)
    const beyond = flowsM3ps.findIndex((m3ps) => m3ps < reach.low || m3ps > reach.high)
    if (beyond >= 0)
      throw refusal('level-too-far', ['flowsM3ps', beyond], { lowM3ps: reach.low, highM3ps: reach.high })
    const tips: readonly TipItem[] = [...itemsOf(gear, 'tip'), ...itemsOf(gear, 'sinking-leader')]
    const fronts = frontsToTry(parts, { tips, items: gearById(gear), wallet: EMPTY_WALLET })
    const columns = chartColumns({ ...dayFrom(asked), parts }, asked.run, fronts, flowsM3ps)
    const rides = new Map<string, Ride>()
    for (const { rungs } of columns) for (const { id, input } of rungs) rides.set(id, rideOf(swing(input)))
    const cells = chartCells(columns, rides)
    return {
      rows: fronts.map((front) => ({
        tipId: tipIdOf(front),
        cells: cells
          .filter(({ tipId }) => tipId === tipIdOf(front))
          .map(({ flowM3ps, angleDeg, ride: { outcome, summary } }) => ({
            flowM3ps,
            angleDeg,
            holdingShare: summary.holdingShare,
            draggedM: summary.draggedM,
            touches: summary.touches,
            touchesOverHolding: summary.touchesOverHolding,
            bedShare: summary.bedShare,
            outcome,
          })),
      })),
    }
  },
})
