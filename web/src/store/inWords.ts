/** Names of what browsers throw that have no store to give. */
const KEEPS_NOTHING = [
  'MissingAPIError',
  'OpenFailedError',
  'InvalidStateError',
  'SecurityError',
  'DatabaseClosedError',
]

/** Said where nothing can be kept at all. */
export class NothingKept extends Error {}

/** Message of a browser that cannot store, in words for the angler; all else as it is. */
export function inWords(error: unknown): unknown {
  const names = [error, (error as { readonly inner?: unknown } | undefined)?.inner].map(
    (one) => (one as { readonly name?: string } | undefined)?.name,
  )
  if (names.includes('QuotaExceededError'))
    return new Error(
      'This device is out of storage. Nothing was changed. Save everything to a file, then make room: photos take up the most.',
    )
  if (names.some((name) => name !== undefined && KEEPS_NOTHING.includes(name)))
    return new NothingKept(
      'This browser doesn’t save anything here: private windows and some settings forbid it. Open Hoxen in an ordinary window.',
    )
  return error
}
