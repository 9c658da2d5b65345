export { type LeaderRule, leaderRule } from './length.ts'
