export { DayProvider, useDay, useToday } from './DayProvider.tsx'
export { dayKey } from './dayKey.ts'
