import express, { type Express } from 'express'
import helmet from 'helmet'
import { gaugeRoutes } from './gaugeRoutes.ts'
import { scaleRoutes } from './scaleRoutes.ts'

/**
 * Serves the built application and the stand-in scale and gauges; no data of the angler's comes here.
 * @param dist folder of the build @param now the gauges' clock, in milliseconds since 1970
 */
export function createApp(dist: string, now: () => number = Date.now): Express {
  const app = express()
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          workerSrc: ["'self'", 'blob:'],
          imgSrc: ["'self'", 'data:', 'blob:'],
          connectSrc: ["'self'"],
          fontSrc: ["'self'"],
          // Plain loopback: there is no secure address to upgrade to.
          upgradeInsecureRequests: null,
        },
      },
    }),
  )
  app.get('/api/health', (_request, response) => {
    response.json({ ok: true })
  })
  app.use('/api/scale', scaleRoutes())
  app.use('/api/gauge', gaugeRoutes(now))
  app.use('/assets', express.static(`${dist}/assets`, { immutable: true, maxAge: '1y', fallthrough: false }))
  app.use(express.static(dist, { maxAge: 0 }))
  app.get('/{*path}', (request, response, next) => {
    if (request.path.startsWith('/api/')) return next()
    response.sendFile('index.html', { root: dist })
  })
  return app
}
