import type { ErrorRequestHandler, RequestHandler } from 'express'

/** Names this machine goes by; a page of another host that asks here by its own name is refused. */
const OWN_NAMES = new Set(['127.0.0.1', 'localhost', '[::1]'])

const nameOf = (host: string): string => host.replace(/:\d+$/, '')

const refusal = (code: string, message: string): { error: { code: string; path: []; message: string } } => ({
  error: { code, path: [], message },
})

/**
 * Answers only to its own name, and only to its own pages: no other site may ask through the angler's browser.
 * @param more names besides this machine's usual ones, where it serves other devices too
 */
export const ownHostOnly =
  (more: readonly string[] = []): RequestHandler =>
  (request, response, next) => {
    const { host = '', origin } = request.headers
    if (!OWN_NAMES.has(nameOf(host)) && !more.includes(nameOf(host))) {
      response.status(421).json(refusal('other-host', 'This server answers only to this machine’s own name.'))
      return
    }
    if (origin !== undefined && origin !== `${request.protocol}://${host}`) {
      response.status(403).json(refusal('other-origin', 'This server answers only its own pages.'))
      return
    }
    next()
  }

/** An address under /api that nothing answers to. */
export const noSuchApi: RequestHandler = (_request, response) => {
  response.status(404).json(refusal('unknown-address', 'There is nothing at this address.'))
}

/** Every failure in the same shape, without a word of the inside. */
export const sayFailure: ErrorRequestHandler = (
  error: { status?: number; type?: string },
  _request,
  response,
  next,
) => {
  if (response.headersSent) return next(error)
  const status = error.status !== undefined && error.status >= 400 && error.status < 500 ? error.status : 500
  const said =
    error.type === 'entity.parse.failed'
      ? refusal('not-json', 'The request is not JSON, or is cut short.')
      : error.type === 'entity.too.large'
        ? refusal('too-large', 'The request is too large.')
        : status === 404
          ? refusal('not-found', 'There is no such file.')
          : status < 500
            ? refusal('refused', 'The request is not valid.')
            : refusal('failed', 'The server could not answer.')
  response.status(status).json(said)
}
