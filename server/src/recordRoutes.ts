import { Router } from 'express'

/** A stand-in that keeps a record of readings. */
export interface Recorder {
  readonly id: string
  readonly station: string
  readonly isOut: (atMs: number) => boolean
  readonly record: (nowMs: number) => readonly unknown[]
}

/** Stand-ins with a record, over HTTP. @param what gauge or station @param now clock, in milliseconds since 1970 */
export function recordRoutes(
  what: 'gauge' | 'weather',
  recorders: readonly Recorder[],
  now: () => number,
): Router {
  const called = { gauge: 'gauge', weather: 'weather station' }[what]
  const router = Router()
  router.get('/', (_request, response) => {
    response.json(recorders.map(({ id, station }) => ({ id, station })))
  })
  router.get('/:id', (request, response) => {
    const found = recorders.find(({ id }) => id === request.params.id)
    if (found === undefined) {
      response.status(404).json({
        error: { code: `unknown-${what}`, path: ['id'], message: `There is no such ${called}.` },
      })
      return
    }
    if (found.isOut(now())) {
      response.status(503).json({
        error: { code: `${what}-silent`, path: [], message: `The ${called} does not answer.` },
      })
      return
    }
    response.json({ station: found.station, readings: found.record(now()) })
  })
  return router
}
