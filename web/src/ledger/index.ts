export { MendLine } from './MendLine.tsx'
export { Gone, RigView } from './RigView.tsx'
export { sayScore } from './sayScore.ts'
export { useMatch, useQuestion, useRig } from './useRigs.ts'
