/**
 * The one waiting time of all tests that wait for a page: long enough for a machine that is slow and shares its cores; nothing waits so
 * long but what never comes. Set up ahead of every test file. A lint keeps tests from the library's own `waitFor`.
 */
import { configure, waitFor } from '@testing-library/react'

const SLOWEST_MS = 120_000
/** Most mutants that a test notices, it notices by something that never comes. */
const OF_MUTANTS_MS = 5_000

const asked: Readonly<Record<string, string | undefined>> =
  (globalThis as { process?: { env: Record<string, string | undefined> } }).process?.env ?? {}

configure({ asyncUtilTimeout: asked.HOXEN_MUTANTS === undefined ? SLOWEST_MS : OF_MUTANTS_MS })

export { waitFor }
