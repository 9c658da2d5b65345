import { useEffect, useState } from 'react'

const MINUTE_MS = 60_000

const TIME = new Intl.DateTimeFormat([], { timeStyle: 'short' })
const DAY = new Intl.DateTimeFormat([], { dateStyle: 'medium' })

/** A time as the reader writes it. */
export const clock = (ms: number): string => TIME.format(ms)

/** A day, “2026-11-20”, as the reader writes it. */
export const onDay = (day: string): string => DAY.format(new Date(`${day}T12:00:00`))

/** A day with its month in full, as the reader writes it. */
export const longDay = (ms: number): string => new Date(ms).toLocaleDateString([], { dateStyle: 'long' })

/** The time, by the minute. */
export function useNow(): number {
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), MINUTE_MS)
    return () => clearInterval(timer)
  }, [])
  return now
}
