import { cylinderDiameterM } from '../gear/index.ts'
import { FLOATING_KG_PER_M3, type HeadFacts, massOfFirst } from '../line/index.ts'
import { M_PER_INCH } from '../quantity/index.ts'
import { diameterForSinkRate } from './cylinder.ts'
import type { WaterPart } from './part.ts'

/** Sink rate of a head, or of a section of one, by what it is sold as [m/s]: intermediate, and sinking as a type 3. [practice] */
export const HEAD_SINK_MPS = Object.freeze({
  floating: 0,
  intermediate: 1.5 * M_PER_INCH,
  sinking: 3 * M_PER_INCH,
})
type Density = keyof typeof HEAD_SINK_MPS

/** A multi-density head from the front, in thirds: each a step slower than the one before it. [practice] */
const THIRDS: Readonly<Record<Density, readonly Density[]>> = Object.freeze({
  sinking: ['sinking', 'intermediate', 'floating'],
  intermediate: ['intermediate', 'floating', 'floating'],
  floating: ['floating', 'floating', 'floating'],
})

/** Sink rates of a head's parts of equal length, front first [m/s]: one, or of a multi-density head three. */
export function headSinkMps({ head }: Pick<HeadFacts, 'head'>): readonly number[] {
  if (head.style !== 'multi-density') return [HEAD_SINK_MPS[head.density ?? 'floating']]
  return THIRDS[head.density ?? 'sinking'].map((density) => HEAD_SINK_MPS[density])
}

/** Whether any of a head sinks as it is made. */
export const headSinks = (head: Pick<HeadFacts, 'head'>): boolean =>
  headSinkMps(head).some((rate) => rate > 0)

/** A head as it lies in the water, in level pieces, rear end first. @param count pieces, a multiple of three for its sections to be whole */
export function headPieces(head: HeadFacts, count: number): readonly WaterPart[] {
  const { line, lengthM } = head
  const rates = headSinkMps(head)
  return Array.from({ length: count }, (_, i): WaterPart => {
    const from = lengthM * (1 - i / count)
    const to = lengthM * (1 - (i + 1) / count)
    const kgPerM = (massOfFirst(line, from) - massOfFirst(line, to)) / (from - to)
    const rate = rates[Math.floor((1 - (i + 0.5) / count) * rates.length)] ?? 0
    return rate > 0
      ? { lengthM: from - to, kgPerM, diameterM: diameterForSinkRate(kgPerM, rate) }
      : {
          lengthM: from - to,
          kgPerM,
          diameterM: cylinderDiameterM(kgPerM, FLOATING_KG_PER_M3),
          floats: true,
        }
  })
}
