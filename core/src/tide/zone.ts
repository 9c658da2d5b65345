/** A time as a clock on the wall shows it. */
export interface WallTime {
  readonly year: number
  readonly month: number
  readonly day: number
  readonly hour: number
  readonly minute: number
  readonly second?: number | undefined
}

/** A zone by what it is ahead of UTC: "+01:00". */
const OFFSET = /^([+-])(\d{2}):(\d{2})$/

/** Whether there is such a zone: "UTC", "+01:00", or a name of the zone database. */
export function isZone(zone: string): boolean {
  if (OFFSET.test(zone)) return true
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone })
    return true
  } catch {
    return false
  }
}

const formats = new Map<string, Intl.DateTimeFormat>()
function formatIn(zone: string): Intl.DateTimeFormat {
  const known = formats.get(zone)
  if (known !== undefined) return known
  const made = new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    hourCycle: 'h23',
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    second: '2-digit',
  })
  formats.set(zone, made)
  return made
}

/** Offset of a zone's clock from UTC at a moment [ms]. */
function aheadMs(zone: string, atMs: number): number {
  const [, sign, hours, minutes] = OFFSET.exec(zone) ?? []
  if (sign !== undefined) return (Number(hours) * 60 + Number(minutes)) * 60_000 * (sign === '-' ? -1 : 1)
  const part = Object.fromEntries(
    formatIn(zone)
      .formatToParts(atMs)
      .map(({ type, value }) => [type, Number(value)]),
  )
  const { year = 0, month = 1, day = 1, hour = 0, minute = 0, second = 0 } = part
  return Date.UTC(year, month - 1, day, hour, minute, second) - Math.floor(atMs / 1000) * 1000
}

/** A wall time in a zone as a moment [ms since 1970]; undefined where there is no such day or hour. */
export function momentIn(
  zone: string,
  { year, month, day, hour, minute, second = 0 }: WallTime,
): number | undefined {
  const asUtc = Date.UTC(year, month - 1, day, hour, minute, second)
  const back = new Date(asUtc)
  if (back.getUTCMonth() !== month - 1 || back.getUTCDate() !== day || hour > 24 || minute > 59)
    return undefined
  // Twice: the first guess may lie on the other side of a change of the clocks.
  const first = asUtc - aheadMs(zone, asUtc)
  return asUtc - aheadMs(zone, first)
}
