import highsLoader from 'highs'
import { solverBy } from '../trip/index.ts'
import type { Solve } from '../trip/programme.ts'

/** The solver, loaded once a file of tests. */
export const solver = async (): Promise<Solve> => solverBy(await highsLoader())
