import { fillSpool, HEXAGONAL_PACKING, reelForBalance } from '@hoxen/core/reel'
import * as z from 'zod'
import { command, InputError } from '../command.ts'

const positive = z.number().positive()
const spoolSchema = z.strictObject({
  rimDiameterM: positive,
  arborDiameterM: positive,
  widthM: positive,
  clearanceM: z.number().min(0).optional(),
})
const lineSchema = z.union([
  z.strictObject({ lengthM: z.number().min(0), diameterM: positive }),
  z.strictObject({ volumeM3: z.number().min(0) }),
])

export const fillCommand = command({
  name: 'fill',
  summary: 'how full a spool gets, and how much backing still fits',
  schema: z.strictObject({
    spool: spoolSchema,
    packing: positive,
    lines: z.array(lineSchema),
    backing: z.strictObject({ diameterM: positive }).optional(),
  }),
  example: {
    spool: { rimDiameterM: 0.102, arborDiameterM: 0.052, widthM: 0.034, clearanceM: 0.004 },
    packing: 0.75,
    lines: [{ lengthM: 30, diameterM: 0.0009 }, { volumeM3: 3.75e-5 }],
    backing: { diameterM: 0.00055 },
  },
  run: ({ spool, packing, lines, backing }) => {
    if (packing > HEXAGONAL_PACKING)
      throw new InputError(
        'beyond-packing',
        ['packing'],
        'Round lines can’t pack tighter than 0.907 (hexagonal packing).',
      )
    if (spool.arborDiameterM >= spool.rimDiameterM)
      throw new InputError(
        'arbor-beyond-rim',
        ['spool', 'arborDiameterM'],
        'The arbor is as large as the rim: no room for line.',
      )
    const { clearanceM = 0, ...size } = spool
    if (spool.rimDiameterM - 2 * clearanceM <= spool.arborDiameterM)
      throw new InputError(
        'clearance-beyond-spool',
        ['spool', 'clearanceM'],
        'The clearance leaves no room for line.',
      )
    return fillSpool({ ...size, clearanceM }, packing, lines, backing?.diameterM)
  },
})

export const balanceCommand = command({
  name: 'balance',
  summary: 'reel weight that balances a rod at the hand; all distances from the butt end',
  schema: z.strictObject({
    rod: z.strictObject({ massKg: positive, balanceM: positive, reelSeatM: z.number().min(0) }),
    handM: positive,
    hung: z.array(z.strictObject({ massKg: z.number().min(0), atM: z.number().min(0) })).optional(),
  }),
  example: {
    rod: { massKg: 0.214, balanceM: 1.62, reelSeatM: 0.13 },
    handM: 0.62,
    hung: [{ massKg: 0.004, atM: 2.1 }],
  },
  run: ({ rod, handM, hung }) => reelForBalance(rod, handM, hung),
})
