import { sayProblem } from '@hoxen/core/words'
import type { z } from 'zod'

/** One command: JSON in, JSON out, nothing else. */
export interface Command<Input = unknown> {
  readonly name: string
  readonly summary: string
  readonly schema: z.ZodType<Input>
  /** Input that runs as printed. */
  readonly example: unknown
  /** Its answer, or a promise of it. */
  readonly run: (input: Input) => unknown
}

/** A command whose input type is settled by its schema. */
export function command<Input>(definition: Command<Input>): Command {
  return definition as Command
}

/** A question that cannot be answered as asked, found while running. */
export class InputError extends Error {
  constructor(
    readonly code: string,
    readonly path: readonly (string | number)[],
    message: string,
  ) {
    super(message)
  }
}

/** Refuses a question in the words of the application. */
export function refusal(
  code: string,
  path: readonly (string | number)[],
  data: Readonly<Record<string, unknown>> = {},
): InputError {
  return new InputError(code, path, sayProblem({ code, path, data }, 'trade'))
}
