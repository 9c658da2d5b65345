/**
 * Content security policy: what the page may load and run: only what comes with it. One policy for the server's header and for the page itself where
 * a plain web host sends none (`web/vite.config.ts`).
 */
export const POLICY: Readonly<Record<string, readonly string[]>> = Object.freeze({
  'default-src': ["'self'"],
  // The solver of trips is WebAssembly.
  'script-src': ["'self'", "'wasm-unsafe-eval'"],
  'style-src': ["'self'", "'unsafe-inline'"],
  'worker-src': ["'self'"],
  'img-src': ["'self'", 'data:', 'blob:'],
  'connect-src': ["'self'"],
  'font-src': ["'self'"],
  'manifest-src': ["'self'"],
  'object-src': ["'none'"],
  'base-uri': ["'none'"],
  'form-action': ["'none'"],
})

/** In the page besides: addresses of scripts and workers pass its one policy, and nothing else may make any. */
const IN_PAGE: typeof POLICY = { 'require-trusted-types-for': ["'script'"], 'trusted-types': ['default'] }

/** The page's own policy as one line. @internal asked for by the build */
export const policyLine = (): string =>
  Object.entries({ ...POLICY, ...IN_PAGE })
    .map(([directive, sources]) => [directive, ...sources].join(' '))
    .join('; ')
