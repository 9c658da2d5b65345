import { test } from '@jest/globals'
import { DAYS, meetsItsSet } from '../testing/days.ts'

test.each(DAYS.slice(12).map((day) => [day.name, day] as const))('%s', (_name, out) => meetsItsSet(out))
