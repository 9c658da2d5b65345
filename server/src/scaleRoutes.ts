import express, { type Response, Router } from 'express'
import { BENCH_OBJECTS, BenchScale } from './scale.ts'

const TICK_MS = 150

/** The stand-in scale over HTTP: a stream of its lines, and what a person does to it. */
export function scaleRoutes(): Router {
  const scale = new BenchScale(Math.random)
  const listeners = new Set<Response>()
  const router = Router()
  const timer = setInterval(() => {
    const line = scale.tick()
    for (const response of listeners) response.write(`data: ${line}\n\n`)
  }, TICK_MS)
  timer.unref()

  router.get('/stream', (request, response) => {
    response.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' })
    response.write('retry: 60000\n\n')
    listeners.add(response)
    request.on('close', () => listeners.delete(response))
  })
  router.get('/objects', (_request, response) => {
    response.json(BENCH_OBJECTS.map(({ id, name }) => ({ id, name })))
  })
  router.post('/put', express.json({ limit: '1kb' }), (request, response) => {
    const wanted = (request.body as { id?: unknown } | undefined)?.id
    const object = BENCH_OBJECTS.find((o) => o.id === wanted)
    if (object === undefined) {
      response.status(400).json({
        error: { code: 'unknown-object', path: ['id'], message: 'There is no such object on the bench.' },
      })
      return
    }
    scale.put(object.grams)
    response.json({ ok: true })
  })
  router.post('/tare', (_request, response) => {
    scale.tare()
    response.json({ ok: true })
  })
  router.post('/knock', (_request, response) => {
    scale.knock()
    response.json({ ok: true })
  })
  router.post('/unplug', (_request, response) => {
    for (const listener of listeners) {
      listener.write('event: unplugged\ndata: -\n\n')
      listener.end()
    }
    listeners.clear()
    response.json({ ok: true })
  })
  return router
}
