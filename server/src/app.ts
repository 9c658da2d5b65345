import { extname } from 'node:path'
import express, { type Express } from 'express'
import gzipped from 'express-static-gzip'
import helmet from 'helmet'
import { isOut, recordOf, STATIONS } from './gauge.ts'
import { noSuchApi, ownHostOnly, sayFailure } from './guard.ts'
import { POLICY } from './policy.ts'
import { recordRoutes } from './recordRoutes.ts'
import { scaleRoutes } from './scaleRoutes.ts'
import { isSilent, WEATHER_STATIONS, windsOf } from './weather.ts'

/** Reach of the stand-ins' records: gauges in days, weather stations in hours. */
const REMEMBERS = { gaugeDays: 10, weatherHours: 12 } as const

const gauges = STATIONS.map((gauge) => ({
  ...gauge,
  isOut: (atMs: number) => isOut(gauge, atMs),
  record: (nowMs: number) => recordOf(gauge, nowMs, REMEMBERS.gaugeDays),
}))
const weather = WEATHER_STATIONS.map((station) => ({
  ...station,
  isOut: (atMs: number) => isSilent(station, atMs),
  record: (nowMs: number) => windsOf(station, nowMs, REMEMBERS.weatherHours),
}))

/**
 * Serves the built application and the stand-in scale, gauges and weather stations; no data of the angler's comes here.
 * @param dist folder of the build @param now their clock, in milliseconds since 1970 @param names hosts it answers to, besides this machine's own
 */
export function createApp(
  dist: string,
  now: () => number = Date.now,
  names: readonly string[] = [],
): Express {
  const app = express()
  app.disable('x-powered-by')
  app.use(ownHostOnly(names))
  app.use(
    helmet({
      // Framing is for a header alone to forbid; plain loopback has no secure address to upgrade to.
      contentSecurityPolicy: {
        useDefaults: false,
        directives: { ...POLICY, 'frame-ancestors': ["'self'"] },
      },
    }),
  )
  app.get('/api/health', (_request, response) => {
    response.json({ ok: true })
  })
  app.use('/api/scale', scaleRoutes())
  app.use('/api/gauge', recordRoutes('gauge', gauges, now))
  app.use('/api/weather', recordRoutes('weather', weather, now))
  app.use('/api', noSuchApi)
  const compressed = { enableBrotli: true, orderPreference: ['br', 'gz'] as ('br' | 'gz')[] }
  app.use(
    '/assets',
    gzipped(`${dist}/assets`, {
      ...compressed,
      index: false,
      serveStatic: { immutable: true, maxAge: '1y', fallthrough: false },
    }),
  )
  app.use(gzipped(dist, { ...compressed, serveStatic: { maxAge: 0 } }))
  app.get('/{*path}', (request, response, next) => {
    // What looks like a file and is not there is not the page.
    if (extname(request.path) !== '') return next()
    // Pages stand behind the # of the one address: what was marked before they did is found there.
    response.redirect(`/#${request.originalUrl}`)
  })
  app.use((_request, response) => {
    response.status(404).json({ error: { code: 'not-found', path: [], message: 'There is no such file.' } })
  })
  app.use(sayFailure)
  return app
}
