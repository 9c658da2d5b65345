import type { SwingInput } from './input.ts'

/** Whether the whole line, laid straight, reaches beyond the far bank: the fly would land on dry ground. */
export function landsBeyond({ run, rodTip, parts, castAngleDeg }: SwingInput): boolean {
  const lengthM = parts.reduce((sum, part) => sum + part.lengthM, 0)
  const acrossM = lengthM * Math.sin((castAngleDeg * Math.PI) / 180)
  return (rodTip.yM ?? run.wadeM) + acrossM > run.widthM
}
