import { casterSchema, rodSchema, SCHOOLS, WINDOW_STYLES } from '@hoxen/core/gear'
import { windowFor } from '@hoxen/core/rod'
import * as z from 'zod'
import { command } from '../command.ts'

/** A rod in a question needs no name of its own. */
const rodInput = z.preprocess(
  (rod) => (typeof rod === 'object' && rod !== null ? { kind: 'rod', id: 'rod', name: 'rod', ...rod } : rod),
  rodSchema,
)

export const windowCommand = command({
  name: 'window',
  summary: 'the grain window of a rod for one style, printed or estimated',
  schema: z.strictObject({
    rod: rodInput,
    style: z.enum(WINDOW_STYLES),
    school: z.enum(SCHOOLS.twoHandNumber).optional(),
    caster: casterSchema.partial().optional(),
  }),
  example: { rod: { lineNumber: 7, lengthM: 3.9624, hands: 'two-hander' }, style: 'scandi' },
  run: ({ rod, style, school, caster }) => {
    const result = windowFor(rod, style, {
      ...(school === undefined ? {} : { schools: { twoHandNumber: school } }),
      ...(caster === undefined ? {} : { caster: dropUndefined(caster) }),
    })
    return result.outcome === 'window' ? result.window : { outcome: result.outcome }
  },
})

type Defined<T> = { [K in keyof T]?: Exclude<T[K], undefined> }
const dropUndefined = <T extends object>(value: T): Defined<T> =>
  Object.fromEntries(Object.entries(value).filter(([, v]) => v !== undefined)) as Defined<T>
