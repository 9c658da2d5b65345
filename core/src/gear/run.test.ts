import { describe, expect, test } from '@jest/globals'
import { type Run, readParsedDocument, USUAL_PLAN, waterChoiceSchema, writeDocument } from './index.ts'

const run = (id: string, change: Partial<Run> = {}): Run => ({
  id,
  name: id,
  bank: 'left',
  widthM: 20,
  soundings: [{ fromBankM: 10, depthM: 1 }],
  currents: [{ fromBankM: 10, mps: 0.6 }],
  bottom: 'sand',
  wadeM: 2,
  ...change,
})
const file = (parts: Record<string, unknown>) => ({
  format: 'hoxen',
  version: 1,
  gear: { items: [] },
  ...parts,
})

describe('pools in a file', () => {
  test('go out and come back the same', () => {
    const runs = [run('a', { notes: 'Best at dusk', gaugeId: 'skarn', measuredFlowM3ps: 12 }), run('b')]
    const water = { runId: 'b', plan: USUAL_PLAN, flowM3ps: 14 }
    const text = writeDocument({ gear: { items: [] }, runs, water }, '2026-11-25T12:00:00Z')
    const { document, problems } = readParsedDocument(JSON.parse(text))
    expect(problems).toEqual([])
    expect(document.runs).toEqual(runs)
    expect(document.water).toEqual(water)
  })
  test('one that cannot be is told with its place; the others are taken', () => {
    const bad = { ...run('bad'), soundings: [{ fromBankM: 3, depthM: -1 }] }
    const { document, problems } = readParsedDocument(file({ runs: [run('a'), bad, run('c')] }))
    expect(document.runs?.map((r) => r.id)).toEqual(['a', 'c'])
    expect(problems).toEqual([
      expect.objectContaining({ code: 'bed-above-surface', path: ['runs', 1, 'soundings', 0, 'depthM'] }),
    ])
  })
  test('the same identifier twice is taken once', () => {
    const { document, problems } = readParsedDocument(file({ runs: [run('a'), run('a', { widthM: 30 })] }))
    expect(document.runs).toHaveLength(1)
    expect(problems[0]).toMatchObject({ code: 'duplicate-id', path: ['runs', 1, 'id'] })
  })
  test('a plan outside what can be cast is refused, and the rest of the file kept', () => {
    const water = { runId: 'a', plan: { ...USUAL_PLAN, angleDeg: 200 } }
    const { document, problems } = readParsedDocument(file({ runs: [run('a')], water }))
    expect(document.water).toBeUndefined()
    expect(document.runs).toHaveLength(1)
    expect(problems[0]?.path).toEqual(['water', 'plan', 'angleDeg'])
  })
  test('a mend too late or too large is refused', () => {
    for (const mend of [
      { kind: 'upstream', atS: 90, sizeM: 2 },
      { kind: 'upstream', atS: 1, sizeM: 40 },
      { kind: 'sideways', atS: 1, sizeM: 2 },
    ])
      expect(waterChoiceSchema.safeParse({ plan: { ...USUAL_PLAN, mends: [mend] } }).success).toBe(false)
    expect(waterChoiceSchema.safeParse({ plan: USUAL_PLAN }).success).toBe(true)
  })
})
