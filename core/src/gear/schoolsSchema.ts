import * as z from 'zod'
import { SCHOOLS } from './schools.ts'

/** Checked where settings come in from a file. */
export const schoolsSchema = z.strictObject({
  twoHandNumber: z.enum(SCHOOLS.twoHandNumber),
  boxNumber: z.enum(SCHOOLS.boxNumber),
  headJoint: z.enum(SCHOOLS.headJoint),
  runningLine: z.enum(SCHOOLS.runningLine),
  sinkTipLeader: z.enum(SCHOOLS.sinkTipLeader),
  sinkingLeaders: z.enum(SCHOOLS.sinkingLeaders),
  weightPlace: z.enum(SCHOOLS.weightPlace),
  reelWeight: z.enum(SCHOOLS.reelWeight),
  headMass: z.enum(SCHOOLS.headMass),
  overheadSize: z.enum(SCHOOLS.overheadSize),
  alternatingPools: z.enum(SCHOOLS.alternatingPools),
  backingJoint: z.enum(SCHOOLS.backingJoint),
  splitWeight: z.enum(SCHOOLS.splitWeight),
})
