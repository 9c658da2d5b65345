/** The part of odex that the bench uses; the typings it ships do not pass strict checks. */
export class Solver {
  constructor(dimension: number)
  absoluteTolerance: number
  relativeTolerance: number
  maxSteps: number
  solve(
    f: (x: number, y: number[]) => number[],
    x0: number,
    y0: number[],
    xEnd: number,
  ): { y: number[]; nStep: number; nEval: number; outcome: number }
}
