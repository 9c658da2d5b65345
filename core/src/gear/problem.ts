import type { z } from 'zod'
import { KINDS, type Kind } from './vocabulary.ts'

/** Fault and its place, as a code with data; the sentence is made in `words`. */
export interface Problem {
  readonly path: readonly (string | number)[]
  readonly code: string
  readonly data: Readonly<Record<string, unknown>>
  /** The kind of gear it is wrong with: settles what the end of the path means. */
  readonly kind?: Kind
}

/** Parts of a schema that are read: enough to find the figure that a path leads to, without the library that made it. */
interface Described {
  readonly type: string
  readonly shape?: Readonly<Record<string, z.core.$ZodType>>
  readonly innerType?: z.core.$ZodType
  readonly element?: z.core.$ZodType
  readonly options?: readonly z.core.$ZodType[]
  readonly values?: readonly unknown[]
}
const described = (schema: z.core.$ZodType): Described => schema._zod.def as unknown as Described

/** One step of a path into a schema. */
function stepInto(schema: z.core.$ZodType, key: PropertyKey, kind: unknown): z.core.$ZodType | undefined {
  const { innerType, options, shape, element } = described(schema)
  if (innerType !== undefined) return stepInto(innerType, key, kind)
  const option = options?.find((each) => {
    const own = described(each).shape?.kind
    return own !== undefined && described(own).values?.includes(kind)
  })
  if (option !== undefined) return stepInto(option, key, kind)
  return shape?.[String(key)] ?? element
}

/** Both limits of the figure at a path; none where it is no figure, or lies in something that is not looked into. */
function limitsAt(
  schema: z.core.$ZodType,
  path: readonly PropertyKey[],
  kind: unknown,
): { readonly minimum?: number; readonly maximum?: number } {
  let at: z.core.$ZodType | undefined = schema
  for (const key of path) at = at && stepInto(at, key, kind)
  while (at !== undefined && described(at).innerType !== undefined) at = described(at).innerType
  if (at === undefined || described(at).type !== 'number') return {}
  const { minValue, maxValue } = at as z.ZodNumber
  return {
    ...(minValue === null || !Number.isFinite(minValue) ? {} : { minimum: minValue }),
    ...(maxValue === null || !Number.isFinite(maxValue) ? {} : { maximum: maxValue }),
  }
}

/**
 * Zod's findings as problems of ours: a figure out of its limits comes with both of them.
 * @param schema what found them @param candidate what was looked at; its kind, if it is gear, goes with them
 */
export function problemsOf(
  error: z.ZodError,
  schema: z.core.$ZodType,
  candidate?: unknown,
): readonly Problem[] {
  const own = (candidate as { readonly kind?: unknown } | null | undefined)?.kind
  const kind = KINDS.find((known) => known === own)
  return error.issues.map((issue) => {
    const { path, code, message, ...data } = issue as z.core.$ZodIssue & Record<string, unknown>
    const params = (data.params ?? {}) as Record<string, unknown>
    const { code: ownCode, ...ownData } = params
    const limits = code === 'too_small' || code === 'too_big' ? limitsAt(schema, path, own) : {}
    return {
      path: path.map((p) => (typeof p === 'symbol' ? String(p) : p)),
      code: typeof ownCode === 'string' ? ownCode : String(code),
      data: typeof ownCode === 'string' ? ownData : { ...limits, ...data },
      ...(kind === undefined ? {} : { kind }),
    }
  })
}
