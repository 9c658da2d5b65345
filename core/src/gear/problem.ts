import type { z } from 'zod'

/** What is wrong and where, as a code with data; the sentence is made in `words`. */
export interface Problem {
  readonly path: readonly (string | number)[]
  readonly code: string
  readonly data: Readonly<Record<string, unknown>>
}

/** Zod's findings as problems of ours. */
export function problemsOf(error: z.ZodError): readonly Problem[] {
  return error.issues.map((issue) => {
    const { path, code, message, ...data } = issue as z.core.$ZodIssue & Record<string, unknown>
    const params = (data.params ?? {}) as Record<string, unknown>
    const { code: ownCode, ...ownData } = params
    return {
      path: path.map((p) => (typeof p === 'symbol' ? String(p) : p)),
      code: typeof ownCode === 'string' ? ownCode : String(code),
      data: typeof ownCode === 'string' ? ownData : data,
    }
  })
}
