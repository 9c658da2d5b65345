import { countsOf, FORMAT_VERSION, readParsedDocument } from '@hoxen/core/format'
import { sayProblem } from '@hoxen/core/words'
import * as z from 'zod'
import { command } from '../command.ts'

export const checkCommand = command({
  name: 'check',
  summary: 'check a gear or backup file, item by item',
  schema: z.unknown(),
  example: {
    format: 'hoxen',
    version: FORMAT_VERSION,
    gear: {
      items: [{ kind: 'leader', id: 'stepped-5', name: 'Stepped 5 ft', form: 'stepped', lengthM: 1.524 }],
    },
  },
  run: (file) => {
    const { document, problems, readable } = readParsedDocument(file)
    return {
      ok: readable && problems.length === 0,
      counts: countsOf(document),
      problems: problems.map((problem) => ({
        path: problem.path,
        code: problem.code,
        message: sayProblem(problem, 'trade'),
      })),
    }
  },
})
