/** Someone who watches a long change: told how far it is [0 to 1], and may stop it. */
export interface Watched {
  readonly tell?: (share: number) => void
  readonly signal?: AbortSignal
}

/** Batch size of reads, checks and writes: a slow phone needs less than a tenth of a second for one. */
const PORTION = 500

/**
 * Goes through rows a portion at a time, so that a page can draw and be stopped between them.
 * @param stretch of the whole that this is
 * @throws what the signal was aborted with
 */
export async function inPortions<T>(
  all: readonly T[],
  { tell, signal }: Watched,
  [from, to]: readonly [number, number],
  each: (portion: readonly T[]) => Promise<unknown>,
): Promise<void> {
  for (let at = 0; at < all.length; at += PORTION) {
    signal?.throwIfAborted()
    await each(all.slice(at, at + PORTION))
    tell?.(from + (to - from) * Math.min(1, (at + PORTION) / all.length))
  }
  signal?.throwIfAborted()
}
