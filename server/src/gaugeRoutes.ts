import { Router } from 'express'
import { isOut, recordOf, STATIONS } from './gauge.ts'

const DAYS = 10

/** The stand-in gauges over HTTP. @param now clock, in milliseconds since 1970 */
export function gaugeRoutes(now: () => number): Router {
  const router = Router()
  router.get('/', (_request, response) => {
    response.json(STATIONS.map(({ id, station }) => ({ id, station })))
  })
  router.get('/:id', (request, response) => {
    const station = STATIONS.find((s) => s.id === request.params.id)
    if (station === undefined) {
      response.status(404).json({
        error: { code: 'unknown-gauge', path: ['id'], message: 'There is no such gauge.' },
      })
      return
    }
    if (isOut(station, now())) {
      response.status(503).json({
        error: { code: 'gauge-silent', path: [], message: 'The gauge does not answer.' },
      })
      return
    }
    response.json({ station: station.station, readings: recordOf(station, now(), DAYS) })
  })
  return router
}
