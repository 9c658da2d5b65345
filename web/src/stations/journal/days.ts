/** A day by the angler’s own clock: 2026-11-27. */
export const dayOf = (atMs: number): string => new Date(atMs).toLocaleDateString('sv')

/** A day in words. @param day 2026-11-27 */
export const dayName = (day: string): string =>
  new Date(`${day}T12:00:00`).toLocaleDateString([], {
    weekday: 'short',
    day: 'numeric',
    month: 'long',
    year: 'numeric',
  })

export const monthName = (year: number, month: number): string =>
  new Date(year, month - 1, 15).toLocaleDateString([], { month: 'long', year: 'numeric' })

/** Whether an address names a day there is. */
export const isDay = (text: string | undefined): boolean =>
  text !== undefined &&
  /^\d{4}-\d{2}-\d{2}$/.test(text) &&
  !Number.isNaN(new Date(`${text}T12:00:00`).getTime())
