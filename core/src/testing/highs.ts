import highsLoader from 'highs'
import { type Solve, solverBy } from '../trip/index.ts'

/** The solver, loaded once a file of tests. */
export const solver = async (): Promise<Solve> => solverBy(await highsLoader())
