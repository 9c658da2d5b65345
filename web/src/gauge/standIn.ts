import { gaugeSchema } from '@hoxen/core/water'
import { GaugeSilent, type RiverGauge } from './gauge.ts'

/** Takes a reply for what it is: JSON of the right shape, or a reason in plain words. */
async function recordFrom(response: Response) {
  if (response.status === 404) throw new GaugeSilent('There is no such gauge.')
  if (!response.ok) throw new GaugeSilent('The gauge does not answer.')
  const text = await response.text()
  if (/^\s*</.test(text)) throw new GaugeSilent('The gauge answered with a web page instead of readings.')
  let json: unknown
  try {
    json = JSON.parse(text) as unknown
  } catch {
    throw new GaugeSilent('What the gauge sent breaks off or is not readable.')
  }
  const parsed = gaugeSchema.safeParse(json)
  if (!parsed.success) throw new GaugeSilent('The gauge sent figures that cannot be.')
  return parsed.data
}

/** The gauges of the server that serves this page: simulated, and silent now and then. */
export const standInGauge: RiverGauge = {
  async read(gaugeId, signal) {
    let response: Response
    try {
      response = await fetch(`/api/gauge/${encodeURIComponent(gaugeId)}`, { signal })
    } catch (error) {
      if (signal.aborted) throw error
      throw new GaugeSilent('No connection to the gauge.')
    }
    return recordFrom(response)
  },
}
