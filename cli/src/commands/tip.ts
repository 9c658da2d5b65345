import { densityKgPerM3, diameterForSinkRate, nameMaterial, sinkRateMps } from '@hoxen/core/sink'
import * as z from 'zod'
import { command, InputError } from '../command.ts'

const schema = z.strictObject({
  massKg: z.number().positive().max(1),
  lengthM: z.number().positive().max(50),
  sinkRateMps: z.number().positive().max(2).optional(),
  diameterM: z.number().positive().max(0.01).optional(),
  sinkingLengthM: z.number().min(0).optional(),
})

export const tipCommand = command({
  name: 'tip',
  summary: 'what an unlabelled tip is, from its weight, length and, if known, diameter or sink rate',
  schema,
  example: { massKg: 0.00713, lengthM: 3.048, sinkRateMps: 0.178 },
  run: (input) => {
    const { massKg, lengthM, sinkingLengthM } = input
    if (sinkingLengthM !== undefined && sinkingLengthM > lengthM)
      throw new InputError('sinks-beyond-tip', ['sinkingLengthM'], 'The sinking part is longer than the tip.')
    const { outcome, kgPerM, grainsPerFt, material, deviation, nearest, sinkingGrainsPerFt } = nameMaterial(
      massKg,
      lengthM,
      sinkingLengthM,
    )
    const diameterM =
      input.diameterM ??
      (input.sinkRateMps === undefined ? undefined : diameterForSinkRate(kgPerM, input.sinkRateMps))
    const water =
      diameterM === undefined
        ? {}
        : {
            diameterM,
            densityKgPerM3: densityKgPerM3(kgPerM, diameterM),
            sinkRateMps: input.diameterM === undefined ? input.sinkRateMps : sinkRateMps(kgPerM, diameterM),
          }
    const doubt = material === null ? { nearest } : {}
    return {
      outcome,
      kgPerM,
      grainsPerFt,
      material,
      deviation,
      ...doubt,
      ...(sinkingGrainsPerFt ? { sinkingGrainsPerFt } : {}),
      ...water,
    }
  },
})
