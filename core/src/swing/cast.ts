import type { SwingInput } from './input.ts'

/** How far from the angler's bank the fly lands when the line is laid straight [m]. */
export function castReachM({ run, rodTip, parts, castAngleDeg }: SwingInput): number {
  const lengthM = parts.reduce((sum, part) => sum + part.lengthM, 0)
  return (rodTip.yM ?? run.wadeM) + lengthM * Math.sin((castAngleDeg * Math.PI) / 180)
}

/** Whether it reaches beyond the far bank: the fly would land on dry ground. */
export const landsBeyond = (input: SwingInput): boolean => castReachM(input) > input.run.widthM
