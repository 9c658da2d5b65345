import type { Highs } from 'highs'
import type { Wanted } from '../rig/index.ts'

/** A mixed-integer linear programme, to be maximised. */
export interface Programme {
  readonly columns: readonly {
    readonly worth: number
    readonly low: number
    readonly high: number
    readonly whole: boolean
  }[]
  /** Each row’s sum lies between these. */
  readonly rows: readonly {
    readonly low?: number | undefined
    readonly high?: number | undefined
    readonly terms: readonly (readonly [column: number, times: number])[]
  }[]
}

export interface Solution {
  /** `time-limit`: the best found so far, which may not be the best there is. */
  readonly outcome: 'optimal' | 'time-limit' | 'infeasible'
  readonly values: readonly number[]
  readonly worth: number
  /** No solution is worth more. */
  readonly bound: number
}

/** Solves a programme. @param limitS time it may take [s] */
export type Solve = (programme: Programme, limitS?: number) => Solution

/** A programme that a calculation in steps wants solved, and the time that may take [s]. */
export interface ToSolve {
  readonly programme: Programme
  readonly limitS?: number | undefined
}

/** A calculation in steps that has programmes solved as well: it is resumed with the solution of each one it yields. */
export type Solving<T> = Generator<Wanted | ToSolve | undefined, T, Solution | undefined>

export const isToSolve = (step: Wanted | ToSolve | undefined): step is ToSolve =>
  step !== undefined && 'programme' in step

/** Has a programme solved, by whoever works the calculation through. */
export function* solvedInSteps(programme: Programme, limitS?: number): Solving<Solution> {
  const solution = yield { programme, limitS }
  if (solution === undefined) throw new Error('a programme was left unsolved')
  return solution
}

/** Works a calculation through to its end, programmes and swings as they come. */
export function solveThrough<T>(steps: Solving<T>, solve: Solve): T {
  let solution: Solution | undefined
  for (;;) {
    const step = steps.next(solution)
    if (step.done) return step.value
    solution = isToSolve(step.value) ? solve(step.value.programme, step.value.limitS) : undefined
  }
}

const LIMIT_S = 10
const none = (outcome: Solution['outcome']): Solution => ({
  outcome,
  values: [],
  worth: 0,
  bound: Number.POSITIVE_INFINITY,
})

/** A programme in flat lists, which go from one thread to another without being copied. Infinite where a row has no bound. */
export interface PackedProgramme {
  readonly worth: Float64Array
  readonly low: Float64Array
  readonly high: Float64Array
  /** 1 where a column must be whole. */
  readonly whole: Uint8Array
  readonly rowLow: Float64Array
  readonly rowHigh: Float64Array
  /** The rows' terms, one row after another: where each begins, and last their number. */
  readonly starts: Int32Array
  readonly indices: Int32Array
  readonly values: Float64Array
}

export function packed({ columns, rows }: Programme): PackedProgramme {
  const starts = new Int32Array(rows.length + 1)
  for (const [i, { terms }] of rows.entries()) starts[i + 1] = (starts[i] as number) + terms.length
  const count = starts[rows.length] as number
  const indices = new Int32Array(count)
  const values = new Float64Array(count)
  let at = 0
  for (const { terms } of rows)
    for (const [column, times] of terms) {
      indices[at] = column
      values[at++] = times
    }
  return {
    worth: Float64Array.from(columns, ({ worth }) => worth),
    low: Float64Array.from(columns, ({ low }) => low),
    high: Float64Array.from(columns, ({ high }) => high),
    whole: Uint8Array.from(columns, ({ whole }) => (whole ? 1 : 0)),
    rowLow: Float64Array.from(rows, ({ low = Number.NEGATIVE_INFINITY }) => low),
    rowHigh: Float64Array.from(rows, ({ high = Number.POSITIVE_INFINITY }) => high),
    starts,
    indices,
    values,
  }
}

/** Memory of a packed programme, to be handed over whole. */
export const buffersOf = (programme: PackedProgramme): readonly ArrayBufferLike[] =>
  Object.values(programme).map(({ buffer }: Float64Array) => buffer)

/** A solver of packed programmes by HiGHS (Huangfu & Hall 2018), once its program is loaded: exact, with no gap allowed. */
export function packedSolverBy(highs: Highs) {
  const { constants, infinity } = highs
  const bound = (value: number): number => (Number.isFinite(value) ? value : Math.sign(value) * infinity)
  return (programme: PackedProgramme, limitS = LIMIT_S): Solution =>
    highs.withModel((model): Solution => {
      const { worth, low, high, whole, rowLow, rowHigh, starts, indices, values } = programme
      model.options.set({ output_flag: false, mip_rel_gap: 0, mip_abs_gap: 1e-6, time_limit: limitS })
      model.passModel({
        numCols: worth.length,
        numRows: rowLow.length,
        sense: constants.objectiveSense.maximize,
        colCost: worth,
        colLower: low,
        colUpper: high,
        rowLower: rowLow.map(bound),
        rowUpper: rowHigh.map(bound),
        matrix: { format: 'csr', numRows: rowLow.length, numCols: worth.length, starts, indices, values },
        integrality: Int32Array.from(whole),
      })
      model.run()
      const status = model.getModelStatus()
      const { modelStatus } = constants
      if (status === modelStatus.infeasible) return none('infeasible')
      const optimal = status === modelStatus.optimal
      const found = [...model.getSolution().colValue]
      if (found.length === 0) return none('time-limit')
      return {
        outcome: optimal ? 'optimal' : 'time-limit',
        values: found,
        worth: model.getObjectiveValue(),
        bound: optimal ? model.getObjectiveValue() : Number(model.info.get('mip_dual_bound')),
      }
    })
}

/** The same for programmes as they are written. */
export function solverBy(highs: Highs): Solve {
  const solve = packedSolverBy(highs)
  return (programme, limitS) => solve(packed(programme), limitS)
}
