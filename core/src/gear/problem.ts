import type { z } from 'zod'
import { KINDS, type Kind } from './vocabulary.ts'

/** What is wrong and where, as a code with data; the sentence is made in `words`. */
export interface Problem {
  readonly path: readonly (string | number)[]
  readonly code: string
  readonly data: Readonly<Record<string, unknown>>
  /** The kind of gear it is wrong with: settles what the end of the path means. */
  readonly kind?: Kind
}

/** Zod's findings as problems of ours. @param candidate what was looked at; its kind, if it is gear, goes with them */
export function problemsOf(error: z.ZodError, candidate?: unknown): readonly Problem[] {
  const kind = KINDS.find(
    (known) => known === (candidate as { readonly kind?: unknown } | null | undefined)?.kind,
  )
  return error.issues.map((issue) => {
    const { path, code, message, ...data } = issue as z.core.$ZodIssue & Record<string, unknown>
    const params = (data.params ?? {}) as Record<string, unknown>
    const { code: ownCode, ...ownData } = params
    return {
      path: path.map((p) => (typeof p === 'symbol' ? String(p) : p)),
      code: typeof ownCode === 'string' ? ownCode : String(code),
      data: typeof ownCode === 'string' ? ownData : data,
      ...(kind === undefined ? {} : { kind }),
    }
  })
}
