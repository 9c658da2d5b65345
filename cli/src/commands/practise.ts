import { readFileSync } from 'node:fs'
import { FIRST_JOB } from '@hoxen/core/day'
import { readDocument } from '@hoxen/core/format'
import { casterSchema, DEFAULT_SCHOOLS, schoolsSchema } from '@hoxen/core/gear'
import { LEVELS, type PractiseAbout, ROUND_KINDS, roundInSteps } from '@hoxen/core/practise'
import { through } from '@hoxen/core/rig'
import { sayRound } from '@hoxen/core/words'
import * as z from 'zod'
import { command } from '../command.ts'
import { gearById } from '../gearAsked.ts'
import { gearInput, runInput } from '../kept.ts'

const DEMO = new URL('../../../demo/skarn.json', import.meta.url)
const LARGEST_SEED = 2 ** 32 - 1

/** A time of a round, in UTC. */
const clock = (ms: number): string => new Date(ms).toISOString().slice(11, 16)

export const practiseCommand = command({
  name: 'practise',
  summary: 'a question of judgement, its choices, and the right one with its reasons',
  schema: z.strictObject({
    kind: z.enum(ROUND_KINDS),
    /** The same seed, the same round. */
    seed: z.number().int().min(0).max(LARGEST_SEED),
    level: z.literal([...LEVELS]).optional(),
    gear: gearInput.optional(),
    runs: z.array(runInput).max(500).optional(),
    caster: casterSchema.optional(),
    schools: schoolsSchema.partial().optional(),
  }),
  example: { kind: 'cast', seed: 7 },
  run: ({ kind, seed, level = 1, gear, runs, caster = FIRST_JOB.caster, schools = {} }) => {
    if (gear !== undefined) gearById(gear)
    const { document } = readDocument(readFileSync(DEMO, 'utf8'))
    const spare = { gear: { items: document.items }, runs: document.runs }
    const about: PractiseAbout = {
      gear: gear ?? spare.gear,
      runs: runs ?? spare.runs,
      caster,
      schools: { ...DEFAULT_SCHOOLS, ...(schools as Partial<typeof DEFAULT_SCHOOLS>) },
    }
    const drawn = through(roundInSteps(kind, seed, about, { spare, level }))
    if (drawn === undefined) return { outcome: 'no-round' }
    const { round, spare: stoodIn } = drawn
    const { question, choices, reasons } = sayRound(round, 'trade', clock)
    return {
      outcome: 'asked',
      kind,
      seed,
      level,
      question,
      choices: choices.map((choice) => ({
        ...choice,
        ...spanOf(round.choices.find(({ id }) => id === choice.id)),
      })),
      answer: round.answer,
      reasons,
      ...(stoodIn ? { standsIn: true } : {}),
      situation: round.situation,
    }
  },
})

/** The span of a choice that is one. */
const spanOf = (choice: object | undefined): object => {
  const { low, high } = (choice ?? {}) as { low?: number; high?: number }
  return { ...(low === undefined ? {} : { low }), ...(high === undefined ? {} : { high }) }
}
