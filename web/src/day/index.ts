export { DayProvider, type Today, useDay, useToday } from './DayProvider.tsx'
export { dayKey } from './dayKey.ts'
export { useTeaching } from './useTeaching.ts'
