import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { dayOf, FIRST_JOB, USUAL_DAYS } from '../day/index.ts'
import { DEFAULT_SCHOOLS, type Item } from '../gear/index.ts'
import { defineCheck } from '../rig/define.ts'
import {
  CHECKS,
  type CheckDefinition,
  type Look,
  quickLooks,
  type RigParts,
  through,
  windowOf,
} from '../rig/index.ts'
import { DEMO } from '../testing/index.ts'
import { candidatesOf } from './candidates.ts'
import { closeness } from './closeness.ts'
import { costOf, groupsOf } from './groups.ts'
import { searchInSteps } from './search.ts'

const { items } = DEMO
const LOOKS: readonly Look[] = (CHECKS as readonly CheckDefinition[]).flatMap(quickLooks)

/** Checks of sorts that do not exist yet: each mixes parts that no present check mixes. */
const odd = (length: number): number => (length % 3 === 0 ? 2 : length % 2)
const STATES = ['holds', 'watch', 'breaks'] as const
const line = (n: number) =>
  ({ state: STATES[odd(n)] ?? 'holds', reason: 'x', value: null, measure: 'none', tag: 'practice' }) as const
const draft = { code: 'invented', slots: [], reasons: { x: {} } }
const INVENTED = [
  defineCheck(draft).look(['tip', 'reel'], ({ tip, reel }) =>
    line((tip?.item.name.length ?? 0) + (reel?.name.length ?? 0)),
  ),
  defineCheck(draft).look(['leader', 'runningLine'], ({ leader, runningLine }) =>
    line((leader?.name.length ?? 1) * (runningLine?.item.name.length ?? 1)),
  ),
  defineCheck(draft).look(['rod', 'leader'], ({ rod, leader }) =>
    line(rod.name.length + (leader?.name.length ?? 0)),
  ),
  defineCheck(draft).look(['reel'], ({ reel }) => line(reel?.name.length ?? 0)),
].flatMap((check) => check.looks)

describe('groups of looks', () => {
  test('every look stands in one group, as soon as all it needs is there', () => {
    const groups = groupsOf([...LOOKS, ...INVENTED])
    const { least, growing, shorter, ...rest } = groups
    for (const look of shorter) expect(groups.leader).toContain(look)
    for (const look of Object.values(growing).flat())
      expect([...groups.pair.map(({ run }) => run), ...least.map(({ run }) => run)]).toContain(look.run)
    const all = Object.values(rest).flat()
    expect(all).toHaveLength(LOOKS.length + INVENTED.length)
    expect(new Set(all).size).toBe(all.length)
    expect(groups.mixed.map((l) => l.needs.join())).toEqual(['tip,reel', 'leader,runningLine'])
    expect(least).toHaveLength(LOOKS.filter((l) => l.least !== undefined).length)
    for (const { needs } of groups.keyed) expect(needs).toContain('leader')
  })
})

describe('a search with checks of sorts that do not exist yet', () => {
  test('finds what trying everything finds: nothing in it knows the checks', () => {
    fc.assert(
      fc.property(
        fc.shuffledSubarray([...items], { minLength: 8, maxLength: 14 }),
        fc.constantFrom(...USUAL_DAYS),
        fc.constantFrom(INVENTED, INVENTED.slice(0, 1), INVENTED.slice(2)),
        (some: readonly Item[], { job }, invented) => {
          const day = dayOf({ job: { ...FIRST_JOB, ...job }, schools: DEFAULT_SCHOOLS })
          const c = candidatesOf({ items: some }, day)
          const looks = [...LOOKS, ...invented]
          const costs: number[] = []
          for (const rod of c.rods)
            for (const head of c.heads)
              for (const tip of c.tips) {
                const near = closeness({ rod, head, tip }, windowOf({ rod, head }, day))
                let best = Number.POSITIVE_INFINITY
                for (const leader of c.leaders)
                  for (const runningLine of head.onePiece ? [null] : c.runningLines)
                    for (const reel of c.reels) {
                      const parts: RigParts = { rod, head, tip, leader, runningLine, reel }
                      best = Math.min(best, near + costOf(looks, parts, day))
                    }
                costs.push(best)
              }
          const found = through(searchInSteps(c, day, { limit: 20, oneFor: 'tip', looks }))
          expect(found.map((f) => f.cost)).toEqual(costs.sort((a, b) => a - b).slice(0, 20))
          for (const { parts, cost } of found)
            expect(closeness(parts, windowOf(parts, day)) + costOf(looks, parts, day)).toBe(cost)
        },
      ),
      { seed: 20261126, numRuns: 30 },
    )
  })
})
