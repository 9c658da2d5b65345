import { quickAdd } from '@hoxen/core/format'
import { sayLine } from '@hoxen/core/words'
import * as z from 'zod'
import { command, InputError } from '../command.ts'

export const readCommand = command({
  name: 'read',
  summary: 'how a typed line is read, and what is assumed',
  schema: z.strictObject({ line: z.string().max(400) }),
  example: { line: '13 ft no. 7 two-hander' },
  run: ({ line }) => {
    const read = quickAdd(line, 'typed')
    if (!read.ok) {
      const [problem] = read.problems
      if (problem === undefined) throw new InputError('unreadable', ['line'], 'The line cannot be read.')
      throw new InputError(problem.code, ['line'], sayLine(problem, 'trade'))
    }
    return { kind: read.item.kind, item: read.item, guessed: read.guessed }
  },
})
