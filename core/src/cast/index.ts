export { type DLoopResult, dLoopDepth } from './dLoop.ts'
