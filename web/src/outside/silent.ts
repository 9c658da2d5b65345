/** Why something outside told nothing, in words for the angler. */
export class Silent extends Error {}

/** A shape that a reply must have. */
interface Shape<T> {
  readonly safeParse: (
    json: unknown,
  ) => { readonly success: true; readonly data: T } | { readonly success: false }
}

/** Takes a reply for what it is: JSON of the right shape, or a reason in plain words. @param what gauge, weather station */
async function taken<T>(response: Response, schema: Shape<T>, what: string): Promise<T> {
  if (response.status === 404)
    throw new Silent(
      response.headers?.get('content-type')?.includes('json') === false
        ? `No ${what} is connected to this copy of Hoxen. Set it by hand.`
        : `There is no such ${what}.`,
    )
  if (!response.ok) throw new Silent(`The ${what} isn’t answering.`)
  const text = await response.text()
  if (/^\s*</.test(text)) throw new Silent(`The ${what} answered with a web page instead of readings.`)
  let json: unknown
  try {
    json = JSON.parse(text) as unknown
  } catch {
    throw new Silent(`The ${what}’s answer was cut short or can’t be read.`)
  }
  const parsed = schema.safeParse(json)
  if (!parsed.success) throw new Silent(`The ${what} sent impossible readings, so they were ignored.`)
  return parsed.data
}

/** Asks the server that serves this page, where a simulated one stands in. */
export async function askOutside<T>(
  path: string,
  schema: Shape<T>,
  what: string,
  signal: AbortSignal,
): Promise<T> {
  let response: Response
  try {
    response = await fetch(path, { signal })
  } catch (error) {
    if (signal.aborted) throw error
    throw new Silent(`No connection to the ${what}.`)
  }
  return taken(response, schema, what)
}
