import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { unit } from 'mathjs'
import {
  convert,
  type Dimension,
  type Measure,
  parseQuantity,
  printExact,
  printMeasure,
  printRound,
  separated,
  UNITS,
} from './index.ts'
import { MEASURES } from './measure.ts'

const seeded = { seed: 20261125, numRuns: 300 }

describe('what people type', () => {
  test.each([
    ['525 gr', 'mass', 'gr', 525 * 64.79891e-6],
    ['525', 'mass', 'gr', 525 * 64.79891e-6],
    ['34 g', 'mass', 'gr', 0.034],
    ['23 ft 6 in', 'length', 'ft', 7.1628],
    ['23\'6"', 'length', 'ft', 7.1628],
    ['10 ft 9', 'length', 'ft', 3.2766],
    ['10½ ft', 'length', 'ft', 3.2004],
    ['10 1/2 ft', 'length', 'ft', 3.2004],
    ['1/2 in', 'length', 'ft', 0.0127],
    ['7.2 m', 'length', 'ft', 7.2],
    ['7,2 m', 'length', 'ft', 7.2],
    ['1,250 gr', 'mass', 'gr', 1250 * 64.79891e-6],
    ['6.5 ips', 'speed', 'in/s', 0.1651],
    ['type 6', 'speed', 'in/s', 0.1524],
    ['T-11', 'massPerLength', 'gr/ft', (11 * 64.79891e-6) / 0.3048],
    ['3X', 'length', 'mm', 0.008 * 0.0254],
    ['30 lb', 'force', 'lbf', 30 * 0.45359237 * 9.80665],
    ['30 lb', 'mass', 'gr', 30 * 0.45359237],
    ['.5 m', 'length', 'ft', 0.5],
    ['4,5', 'time', 's', 4.5],
  ] as [string, Dimension, string, number][])('%s as %s', (text, dimension, unit, si) => {
    expect(parseQuantity(text, dimension, unit)).toMatchObject({ ok: true, si: expect.closeTo(si, 10) })
  })

  test.each([
    ['', 'length', 'empty'],
    ['long', 'length', 'not-a-number'],
    ['12 parsecs', 'length', 'unknown-unit'],
    ['12 gr', 'length', 'other-dimension'],
    ['12 m', 'time', 'other-dimension'],
    ['-3 ft', 'length', 'negative'],
    ['3 ft 2 ft 1 in', 'length', 'not-a-number'],
    ['5 m 3', 'length', 'not-a-number'],
    ['12X', 'length', 'out-of-range'],
    ['1'.repeat(80), 'length', 'not-a-number'],
  ] as [string, Dimension, string][])('refuses %p as a %s: %s', (text, dimension, code) => {
    expect(parseQuantity(text, dimension, 'ft')).toMatchObject({ ok: false, code })
  })

  test('never throws, whatever is typed', () => {
    fc.assert(
      fc.property(
        fc.string({ maxLength: 90 }),
        fc.constantFrom<Dimension>('mass', 'length', 'speed', 'force'),
        (text, dimension) => {
          const read = parseQuantity(
            text,
            dimension,
            UNITS.find((u) => u.dimension === dimension)?.symbol ?? '',
          )
          return !read.ok || Number.isFinite(read.si)
        },
      ),
      seeded,
    )
  })
})

describe('printing', () => {
  test('parse(print(x)) = x in every unit', () => {
    fc.assert(
      fc.property(fc.constantFrom(...UNITS), fc.double({ min: 1e-4, max: 1e4, noNaN: true }), (of, value) => {
        const usable = of.symbol === 'X' ? value % 10 : value
        const si = of.toSi(usable)
        const read = parseQuantity(printExact(si, of.symbol), of.dimension, of.symbol)
        return read.ok && Math.abs(read.si - si) <= Math.abs(si) * 2e-12
      }),
      seeded,
    )
  })

  test('a figure in a field is as round as a person writes it, and is read back as what it was', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...(Object.keys(MEASURES) as Measure[])),
        fc.constantFrom('trade' as const, 'metric' as const),
        fc.double({ min: -3, max: 4, noNaN: true }),
        (measure, system, decade) => {
          const unit = UNITS.find(({ symbol }) => symbol === MEASURES[measure][system][0])
          if (unit === undefined || unit.symbol === 'X') return
          const si = unit.toSi(10 ** decade)
          const text = printRound(si, measure, system, 0.0025)
          expect(text.replace(/^\d{4,}|\D|^0\.0*/g, '').length).toBeLessThanOrEqual(5)
          const read = parseQuantity(text, unit.dimension, unit.symbol)
          expect(read.ok && Math.abs(read.si / si - 1)).toBeLessThan(0.005)
        },
      ),
      seeded,
    )
    expect([0.13, 3.96, 3.2766, 12.0123].map((m) => printRound(m, 'rodLength', 'trade', 0.0025))).toEqual([
      '0.427 ft',
      '12 ft 11.9 in',
      '10 ft 9 in',
      '39 ft 4.9 in',
    ])
  })

  test.each([
    [0.0330474, 'lineMass', 'trade', '510 gr'],
    [0.0330474, 'lineMass', 'metric', '33 g'],
    [3.2766, 'rodLength', 'trade', '10 ft 9 in'],
    [3.9624, 'rodLength', 'trade', '13 ft'],
    [3.9624, 'rodLength', 'metric', '3.96 m'],
    [0.1, 'lineMass', 'metric', '100 g'],
  ] as [number, Measure, 'trade' | 'metric', string][])('%p as %s, %s', (si, measure, system, text) => {
    expect(printMeasure(si, measure, system)).toBe(text)
  })

  test('every measure names units that exist', () => {
    for (const shown of Object.values(MEASURES))
      for (const [symbol] of [shown.trade, shown.metric])
        expect(UNITS.find((u) => u.symbol === symbol)?.dimension).toBe(shown.dimension)
  })
})

describe('conversion', () => {
  // Reference: mathjs's own unit tables, a general-purpose library (development only).
  const MATHJS: Readonly<Record<string, string>> = {
    gr: 'grain',
    g: 'gram',
    kg: 'kg',
    oz: 'ounce',
    lb: 'lbm',
    ft: 'ft',
    in: 'inch',
    yd: 'yard',
    m: 'm',
    cm: 'cm',
    mm: 'mm',
    'in/s': 'inch/s',
    'cm/s': 'cm/s',
    'm/s': 'm/s',
    'ft/s': 'ft/s',
    'gr/ft': 'grain/ft',
    'g/m': 'gram/m',
    lbf: 'lbf',
    kgf: 'kgf',
    N: 'N',
  }
  const known = UNITS.filter((u) => MATHJS[u.symbol] !== undefined)
  const pairs = known.flatMap((a) =>
    known.filter((b) => b.dimension === a.dimension).map((b) => [a.symbol, b.symbol] as const),
  )

  test.each(pairs)('%s → %s agrees with a general library', (from, to) => {
    const reference = unit(7.25, MATHJS[from] ?? '').toNumber(MATHJS[to] ?? '')
    const ours = convert(7.25, from, to)
    if (ours.outcome !== 'converted') throw new Error(ours.outcome)
    // mathjs carries the grain as 64.79891 mg and the pound-force to fewer figures than the standard's.
    expect(ours.value / reference).toBeCloseTo(1, 8)
  })

  test.each([
    [1, 'gr', 'ft', 'different-dimension'],
    [1, 'stone', 'kg', 'unknown-unit'],
    [1, 'kg', 'stone', 'unknown-unit'],
    [-4, 'go', 'mm', 'out-of-range'],
    [12, 'X', 'mm', 'out-of-range'],
  ])('%p %s → %s: %s', (value, from, to, outcome) => {
    expect(convert(value, from, to).outcome).toBe(outcome)
  })
})

describe('whose comma it is', () => {
  test.each([
    ['0,850', 0.85, 0.85],
    ['3,962', 3962, 3.962],
    ['1.234,5', 1234.5, 1234.5],
    ['1,234.5', 1234.5, 1234.5],
    ['1,234,567', 1_234_567, 1_234_567],
    ['1.234.567', 1_234_567, 1_234_567],
    ['3.962', 3.962, 3.962],
    ['12,5', 12.5, 12.5],
    ['0,05', 0.05, 0.05],
  ])('%s is %d where a point is decimal, and %d where a comma is', (text, point, comma) => {
    expect([
      parseQuantity(`${text} m`, 'length', 'm'),
      parseQuantity(`${text} m`, 'length', 'm', ','),
    ]).toEqual([
      { ok: true, si: point, unit: 'm' },
      { ok: true, si: comma, unit: 'm' },
    ])
  })
  test('what is no figure either way is refused', () => {
    for (const text of ['1.2,3.4 m', '12,34,5 m', '1.23,4.5'])
      expect(parseQuantity(text, 'length', 'm').ok).toBe(false)
  })
  test('the first line of a table may say what parts its cells', () => {
    expect(separated('\uFEFFsep=;\r\na;b')).toEqual({ text: 'a;b', delimiter: ';' })
    expect(separated('\uFEFFa;b')).toEqual({ text: 'a;b' })
  })
})
