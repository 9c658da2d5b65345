import { begin } from './underway.ts'

const quiet = (): void => {}
let last: Promise<void> = Promise.resolve()

/**
 * Makes a change once all that were asked for before are made or refused: what is pressed first is done first, however long its code takes
 * to come. @param work must not ask for another change and wait for it
 */
export function queued<T>(work: () => Promise<T>): Promise<T> {
  const done = begin()
  const made = last.then(work)
  last = made.then(quiet, quiet)
  void last.then(done)
  return made
}

/** Resolves once every change that was asked for until now is made, or refused. */
export const settled = (): Promise<void> => last
