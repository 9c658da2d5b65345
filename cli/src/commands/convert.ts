import { convert } from '@hoxen/core/quantity'
import * as z from 'zod'
import { command, InputError } from '../command.ts'

export const convertCommand = command({
  name: 'convert',
  summary: 'a figure from one unit to another',
  schema: z.strictObject({ value: z.number(), from: z.string(), to: z.string() }),
  example: { value: 525, from: 'gr', to: 'g' },
  run: ({ value, from, to }) => {
    const result = convert(value, from, to)
    switch (result.outcome) {
      case 'converted':
        return { value: result.value }
      case 'unknown-unit':
        throw new InputError('unknown-unit', [result.which], `“${result.unit}” is not a unit Hoxen knows.`)
      case 'different-dimension':
        throw new InputError('other-dimension', ['to'], `“${from}” and “${to}” measure different things.`)
      case 'out-of-range':
        throw new InputError(
          'out-of-range',
          ['value'],
          `${value} lies outside what “${result.unit}” can stand for.`,
        )
    }
  },
})
