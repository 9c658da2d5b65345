import { KINDS, readParsedDocument } from '@hoxen/core/gear'
import { sayProblem } from '@hoxen/core/words'
import * as z from 'zod'
import { command } from '../command.ts'

export const checkCommand = command({
  name: 'check',
  summary: 'whether a gear or backup file is sound, item by item',
  schema: z.unknown(),
  example: {
    format: 'hoxen',
    version: 1,
    gear: {
      items: [{ kind: 'leader', id: 'stepped-5', name: 'Stepped 5 ft', form: 'stepped', lengthM: 1.524 }],
    },
  },
  run: (file) => {
    const { document, problems, readable } = readParsedDocument(file)
    const { items } = document.gear
    const counts = [
      ...KINDS.map((kind) => [kind, items.filter((i) => i.kind === kind).length] as const),
      ['run', document.runs?.length ?? 0] as const,
    ]
    return {
      ok: readable && problems.length === 0,
      counts: Object.fromEntries(counts.filter(([, n]) => n > 0)),
      problems: problems.map((problem) => ({
        path: problem.path,
        code: problem.code,
        message: sayProblem(problem, 'trade'),
      })),
    }
  },
})
