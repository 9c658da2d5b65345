import type { Highs } from 'highs'

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

const LIMIT_S = 10
const none = (outcome: Solution['outcome']): Solution => ({
  outcome,
  values: [],
  worth: 0,
  bound: Number.POSITIVE_INFINITY,
})

function matrixOf({ columns, rows }: Programme) {
  const starts = [0]
  const indices: number[] = []
  const values: number[] = []
  for (const { terms } of rows) {
    for (const [column, times] of terms) {
      indices.push(column)
      values.push(times)
    }
    starts.push(indices.length)
  }
  return { format: 'csr', numRows: rows.length, numCols: columns.length, starts, indices, values } as const
}

/** A solver by HiGHS (Huangfu & Hall 2018), once its program is loaded: exact, with no gap allowed. */
export function solverBy(highs: Highs): Solve {
  const { constants, infinity } = highs
  return (programme, limitS = LIMIT_S) => {
    const { columns, rows } = programme
    return highs.withModel((model): Solution => {
      model.options.set({ output_flag: false, mip_rel_gap: 0, mip_abs_gap: 1e-6, time_limit: limitS })
      model.passModel({
        numCols: columns.length,
        numRows: rows.length,
        sense: constants.objectiveSense.maximize,
        colCost: columns.map(({ worth }) => worth),
        colLower: columns.map(({ low }) => low),
        colUpper: columns.map(({ high }) => high),
        rowLower: rows.map(({ low = -infinity }) => low),
        rowUpper: rows.map(({ high = infinity }) => high),
        matrix: matrixOf(programme),
        integrality: columns.map(({ whole }) => (whole ? 1 : 0)),
      })
      model.run()
      const status = model.getModelStatus()
      const { modelStatus } = constants
      if (status === modelStatus.infeasible) return none('infeasible')
      const optimal = status === modelStatus.optimal
      const values = [...model.getSolution().colValue]
      if (values.length === 0) return none('time-limit')
      return {
        outcome: optimal ? 'optimal' : 'time-limit',
        values,
        worth: model.getObjectiveValue(),
        bound: optimal ? model.getObjectiveValue() : Number(model.info.get('mip_dual_bound')),
      }
    })
  }
}
