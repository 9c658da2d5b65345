import { DEFAULT_SCHOOLS, itemSchema, jobSchema, MAX_ITEMS, schoolsSchema } from '@hoxen/core/gear'
import { MATCH_LIMIT, matchRigs, missingItem, scoreFigure } from '@hoxen/core/match'
import { sayCheck } from '@hoxen/core/words'
import * as z from 'zod'
import { command, InputError } from '../command.ts'

const schema = z.strictObject({
  gear: z.object({ items: z.array(itemSchema).max(MAX_ITEMS) }),
  job: jobSchema,
  schools: schoolsSchema.partial().optional(),
  limit: z.number().int().min(1).max(1000).optional(),
})

const EXAMPLE = {
  gear: {
    items: [
      {
        kind: 'rod',
        id: 'long-seven',
        name: 'Long seven',
        lineNumber: 7,
        lengthM: 3.9624,
        hands: 'two-hander',
      },
      {
        kind: 'head',
        id: 'skagit-510',
        name: '510 gr Skagit',
        style: 'skagit',
        massKg: 0.03304744,
        lengthM: 7.01,
      },
      { kind: 'tip', id: 't-11', name: 'T-11, 10 ft', build: 'level', lengthM: 3.048, kgPerM: 0.0023385 },
      { kind: 'leader', id: 'stepped-5', name: 'Stepped 5 ft', form: 'stepped', lengthM: 1.524 },
      { kind: 'running-line', id: 'coated', name: 'Coated 30 lb', build: 'coated' },
      { kind: 'reel', id: 'eleven', name: 'Full-frame eleven', forNumber: 11, cage: 'full' },
    ],
  },
  job: {
    fishKg: 3.6,
    water: 'river',
    fly: { dress: 'bulky', weighting: 'light' },
    castM: 21,
    waterDepthM: 1.1,
    fishAt: 'bottom',
    currentMps: 0.4,
    roomBehindM: 4,
    season: 'winter',
    style: 'any',
    caster: { hand: 'right', habit: 'average', mainly: 'spey' },
  },
}

export const matchCommand = command({
  name: 'match',
  summary: 'all sensible rigs from a gear list for a job, best first',
  schema,
  example: EXAMPLE,
  run: ({ gear, job, schools, limit }) => {
    const seen = new Set<string>()
    gear.items.forEach(({ id }, index) => {
      if (seen.has(id))
        throw new InputError(
          'duplicate-id',
          ['gear', 'items', index, 'id'],
          `The identifier “${id}” stands twice.`,
        )
      seen.add(id)
    })
    const chosen = {
      ...DEFAULT_SCHOOLS,
      ...Object.fromEntries(Object.entries(schools ?? {}).filter(([, v]) => v !== undefined)),
    }
    const result = matchRigs(gear, job, chosen, limit ?? MATCH_LIMIT)
    const missing = result.outcome === 'ranked' ? undefined : missingItem(gear, { job, schools: chosen })
    return {
      outcome: result.outcome,
      combinations: result.combinations,
      ...(missing === undefined ? {} : { missing }),
      rigs: result.rigs.map(({ choice, verdict, score, checks }) => ({
        ...choice,
        verdict,
        score: scoreFigure(score),
        scoreParts: score,
        checks: checks.map((check) => ({
          code: check.code,
          state: check.state,
          value: check.value,
          allowed: check.allowed,
          tag: check.tag,
          message: sayCheck(check, 'trade'),
        })),
      })),
    }
  },
})
