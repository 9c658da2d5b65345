import { sectionSchema } from '@hoxen/core/gear'
import {
  CUT_ENDS,
  cutTo,
  doubleTaper,
  equalMassCarry,
  kgPerMAt,
  type LineProfile,
  lengthOf,
  massOfFirst,
} from '@hoxen/core/line'
import * as z from 'zod'
import { command, InputError } from '../command.ts'

const standardLine = z.strictObject({
  standard: z.literal('single-hand'),
  number: z.number().int(),
  frontTaperM: z.number().positive(),
  taperDiameterRatio: z.number().positive().max(1).optional(),
})
export const lineSchema = z.union([z.strictObject({ sections: z.array(sectionSchema).min(1) }), standardLine])

export function profileOf(line: z.infer<typeof lineSchema>): LineProfile {
  if ('sections' in line) return line
  const made = doubleTaper(line.number, line.frontTaperM, line.taperDiameterRatio)
  if (made.outcome === 'made') return made.line
  if (made.outcome === 'unknown-number')
    throw new InputError(
      'unknown-number',
      ['line', 'number'],
      'The single-hand standard covers line numbers 1 to 15.',
    )
  throw new InputError(
    'taper-too-long',
    ['line', 'frontTaperM'],
    'The front taper must fit in the first 30 ft (9.144 m).',
  )
}

export const lineCommand = command({
  name: 'line',
  summary: 'weight of the first metres of a line, and weight per length there',
  schema: z.strictObject({ line: lineSchema, atM: z.array(z.number().min(0)) }),
  example: { line: { standard: 'single-hand', number: 9, frontTaperM: 2.4384 }, atM: [9.144, 12.192] },
  run: ({ line, atM }) => {
    const profile = profileOf(line)
    const length = lengthOf(profile)
    const beyond = atM.findIndex((at) => at > length * (1 + 1e-9))
    if (beyond >= 0)
      throw new InputError('beyond-line', ['atM', beyond], `The line is ${length.toFixed(2)} m long.`)
    return {
      massKg: atM.map((at) => massOfFirst(profile, at)),
      kgPerM: atM.map((at) => kgPerMAt(profile, at)),
    }
  },
})

export const cutCommand = command({
  name: 'cut',
  summary: 'how much to cut off one end of a line to reach a weight, and what is left',
  schema: z.strictObject({ line: lineSchema, targetKg: z.number().positive(), from: z.enum(CUT_ENDS) }),
  example: {
    line: { sections: [{ lengthM: 7, startKgPerM: 0.003, endKgPerM: 0.005 }] },
    targetKg: 0.025,
    from: 'rear',
  },
  run: ({ line, targetKg, from }) => cutTo(profileOf(line), targetKg, from),
})

export const carryCommand = command({
  name: 'carry',
  summary: 'equal-weight carry: the length of double taper that weighs the same as a head',
  schema: z.strictObject({
    number: z.number().int(),
    frontTaperM: z.number().positive(),
    headKg: z.number().positive(),
  }),
  example: { number: 9, frontTaperM: 2.4384, headKg: 0.02429959 },
  run: ({ number, frontTaperM, headKg }) => {
    const result = equalMassCarry(number, frontTaperM, headKg)
    switch (result.outcome) {
      case 'found':
        return { carryM: result.carryM }
      case 'heavier-than-line':
        return { outcome: result.outcome }
      case 'unknown-number':
        throw new InputError(
          result.outcome,
          ['number'],
          'The single-hand standard covers line numbers 1 to 15.',
        )
      case 'taper-too-long':
        throw new InputError(
          result.outcome,
          ['frontTaperM'],
          'The front taper must fit in the first 30 ft (9.144 m).',
        )
    }
  },
})
