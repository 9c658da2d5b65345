export { Ledger } from './Ledger.tsx'
export { LedgerLine } from './LedgerLine.tsx'
export { RemedyLine } from './RemedyLine.tsx'
export { Gone, RigView } from './RigView.tsx'
export { sayScore } from './sayScore.ts'
export {
  type Question,
  useMatch,
  useMissing,
  useQuestion,
  useRemedies,
  useRig,
  useSecondLook,
} from './useRigs.ts'
export { useSpecified } from './useSpecified.ts'
