import * as z from 'zod'
import { ID_PATTERN } from './vocabulary.ts'

export const idSchema = z.string().regex(ID_PATTERN, 'id')

/** Name the owner calls a thing: one line, no control characters. Shown as text, never as markup. */
export const nameSchema = z
  .string()
  .trim()
  .min(1)
  .max(80)
  // biome-ignore lint/suspicious/noControlCharactersInRegex: control characters are what it refuses
  .regex(/^[^\u0000-\u001f\u007f]*$/, 'control-character')

export const itemBase = {
  id: idSchema,
  name: nameSchema,
  notes: z.string().max(2000).optional(),
}

/** Single-hand line numbers the 1960-era standard knows. */
export const lineNumberSchema = z.number().int().min(1).max(15)

/** [m] */
export const lengthSchema = (low: number, high: number): z.ZodNumber => z.number().min(low).max(high)

/** Refuses with a code of the trade instead of a sentence; the words live in `words`. */
export function refuse(
  ctx: z.RefinementCtx,
  code: string,
  path: (string | number)[],
  data: Record<string, unknown> = {},
): void {
  ctx.addIssue({ code: 'custom', path, params: { code, ...data }, message: code })
}

/** A number within limits, both ends included. */
export const numberIn = ({ low, high }: { readonly low: number; readonly high: number }): z.ZodNumber =>
  z.number().min(low).max(high)
