import { dLoopDepth, loopsToHold, PULL_M, shootLengthM, USUAL_LAUNCH_M } from '../cast/index.ts'
import { WADING } from '../day/index.ts'
import type { FlyShape, Hands, Rod, WindowStyle } from '../gear/index.ts'
import { indicatorRig, leaderRule, neededStrengthN } from '../leader/index.ts'
import { doubleTaper, equalMassCarry, massOfFirst } from '../line/index.ts'
import {
  convert,
  KG_PER_GRAIN,
  KG_PER_POUND,
  M_PER_FOOT,
  M_PER_INCH,
  M_PER_YARD,
  STANDARD_GRAVITY_MPS2,
} from '../quantity/index.ts'
import { backingWantedM, reelNumbersFor } from '../reel/index.ts'
import {
  bentRod,
  castSpanM,
  fishSpanKg,
  rodLengthForCast,
  singleHandEquivalent,
  type WindowOptions,
  windowFor,
} from '../rod/index.ts'
import { criticalAngle } from '../sink/index.ts'
import { tideTurns } from '../tide/index.ts'
import { levelFactors } from '../water/index.ts'

/** A figure from outside the project beside ours. */
export interface OutsideCheck {
  readonly code: string
  readonly what: string
  readonly unit: string
  /** The figure from outside, and how far ours may be from it. */
  readonly theirs: number
  readonly within: number
  readonly ours: () => number
}

const feet = (n: number): number => n * M_PER_FOOT
const inFeet = (m: number): number => m / M_PER_FOOT
const inGrains = (kg: number): number => kg / KG_PER_GRAIN
const DEGREES = 180 / Math.PI

const rod = (lineNumber: number, lengthFt: number, hands: Hands = 'two-hander', more = {}): Rod => ({
  kind: 'rod',
  id: 'r',
  name: 'r',
  lineNumber,
  lengthM: feet(lengthFt),
  hands,
  ...more,
})
const fly = (weighting: FlyShape['weighting']): FlyShape => ({ dress: 'medium', weighting })

/** What a solver found; anything else is a fault of the table. */
function found<T extends { readonly outcome: string }, K extends T['outcome']>(
  result: T,
  outcome: K,
): Extract<T, { readonly outcome: K }> {
  if (result.outcome !== outcome) throw new Error(`${result.outcome}, not ${outcome}`)
  return result as Extract<T, { readonly outcome: K }>
}

const taper = (number: number) => found(doubleTaper(number, feet(8)), 'made').line
const weightAt = (number: number, ft: number) => (): number => inGrains(massOfFirst(taper(number), feet(ft)))
const windowOf = (of: Rod, style: WindowStyle, options?: WindowOptions) => (): number =>
  inGrains(found(windowFor(of, style, options), 'window').window.centreKg)
const tight = (pounds: number) => (): number =>
  neededStrengthN(pounds * KG_PER_POUND) / (KG_PER_POUND * STANDARD_GRAVITY_MPS2)
const loopBehind = (arcFt: number) => (): number =>
  inFeet(found(dLoopDepth(feet(14), feet(arcFt)), 'found').depthM)
const rule = (of: Rod, style: 'scandi' | 'skagit', weighting: FlyShape['weighting'], sinkMps?: number) =>
  leaderRule(of, style, sinkMps, fly(weighting))

const row = (
  code: string,
  what: string,
  unit: string,
  theirs: number,
  within: number,
  ours: () => number,
): OutsideCheck => ({ code, what, unit, theirs, within, ours })

const M2 = { constituents: [{ name: 'M2', amplitudeM: 1.5, phaseDeg: 120 }], meanM: 2 }
const halfTideMin = (): number => {
  const from = Date.UTC(2026, 10, 27)
  const turns = tideTurns(M2, from, from + 2 * 86_400_000)
  return ((turns.at(-1)?.atMs ?? 0) - (turns[0]?.atMs ?? 0)) / 60_000 / (turns.length - 1)
}

/** Every figure from outside that ours is held to; `CLAIMS` says whose each is. */
export const OUTSIDE_CHECKS: readonly OutsideCheck[] = [
  ...(
    [
      [30, 240],
      [35, 284],
      [40, 328],
      [45, 372],
    ] as const
  ).map(([ft, grains]) =>
    row(
      'C1',
      `no. 9 double taper, 8 ft taper: weight of the first ${ft} ft`,
      'gr',
      grains,
      1,
      weightAt(9, ft),
    ),
  ),
  row('C2', 'no. 8 double taper, 8 ft taper: weight of the first 40 ft', 'gr', 287, 1, weightAt(8, 40)),
  row('C3', 'carry of a no. 9 that weighs as much as a 375 gr head', 'ft', 45, 0.5, () =>
    inFeet(found(equalMassCarry(9, feet(8), 375 * KG_PER_GRAIN), 'found').carryM),
  ),
  row('C4', 'longest comfortable cast of a single-hander', 'ft', 60, 1e-9, () =>
    inFeet(castSpanM(rod(10, 9, 'single')).high),
  ),
  ...(
    [
      [6, 0.405],
      [7, 0.435],
      [8, 0.47],
    ] as const
  ).map(([go, mm]) =>
    row('C5', `${go} gō`, 'mm', mm, 0.003, () => found(convert(go, 'go', 'mm'), 'converted').value),
  ),
  ...(
    [
      [60, 10.5, 11.5],
      [80, 12.5, 13],
      [110, 14, 15],
    ] as const
  ).flatMap(([cast, low, high]) => [
    row('C6', `shortest usual rod for casts of ${cast} ft`, 'ft', low, 1e-9, () =>
      inFeet(rodLengthForCast(feet(cast)).low),
    ),
    row('C6', `longest usual rod for casts of ${cast} ft`, 'ft', high, 1e-9, () =>
      inFeet(rodLengthForCast(feet(cast)).high),
    ),
  ]),
  ...(
    [
      [2, 4],
      [4, 8],
    ] as const
  ).map(([number, pounds]) =>
    row(
      'C7',
      `largest fish for a trout spey rod no. ${number}`,
      'lb',
      pounds,
      1e-9,
      () => fishSpanKg(rod(number, 11, 'trout-two-hander')).high / KG_PER_POUND,
    ),
  ),
  row('C9', 'single-hand number of a trout spey rod no. 4, three up', '', 7, 0, () =>
    singleHandEquivalent(rod(4, 11, 'trout-two-hander'), 'plus-three'),
  ),
  row('C9', 'single-hand number of a trout spey rod no. 5, two up', '', 7, 0, () =>
    singleHandEquivalent(rod(5, 11, 'trout-two-hander'), 'plus-two'),
  ),
  row('C9', 'single-hand number of a two-hander no. 6, by default', '', 9, 0, () =>
    singleHandEquivalent(rod(6, 12), 'by-number'),
  ),
  row('C9', 'single-hand number of a switch rod no. 5, by default', '', 8, 0, () =>
    singleHandEquivalent(rod(5, 11, 'switch'), 'by-number'),
  ),
  ...(
    [
      [6, 340],
      [7, 400],
      [8, 460],
    ] as const
  ).map(([number, grains]) =>
    row(
      'C10',
      `two-hander no. ${number}, overhead`,
      'gr',
      grains,
      0.02 * grains,
      windowOf(rod(number, 12.5), 'overhead'),
    ),
  ),
  row(
    'C10',
    'two-hander no. 7, overhead, by one who mainly spey casts',
    'gr',
    460,
    9.2,
    windowOf(rod(7, 12.5), 'overhead', { caster: { mainly: 'spey' } }),
  ),
  row('C11', '12½ ft two-hander no. 6, Skagit', 'gr', 425, 4.25, windowOf(rod(6, 12.5), 'skagit')),
  row('C11', '13 ft two-hander no. 7, Scandi', 'gr', 480, 4.8, windowOf(rod(7, 13), 'scandi')),
  row('C11', 'single-hander no. 6, short Skagit', 'gr', 240, 2.4, windowOf(rod(6, 9, 'single'), 'skagit')),
  row(
    'C12',
    '11 ft surf rod 8/9, overhead',
    'gr',
    520,
    5.2,
    windowOf(rod(8, 11, 'surf', { lineNumberHigh: 9 }), 'overhead'),
  ),
  ...(
    [
      [0.2, 11.4],
      [0.5, 28],
    ] as const
  ).map(([ratio, degrees]) =>
    row(
      'C18',
      `angle of a line that sinks at ${ratio} of the current`,
      '°',
      degrees,
      0.05,
      () => DEGREES * criticalAngle(ratio, 1),
    ),
  ),
  row('C20', 'shortest leader on a fast tip', 'ft', 3, 1e-9, () =>
    inFeet(rule(rod(8, 13), 'skagit', 'heavy', 7 * M_PER_INCH).lowM),
  ),
  row('C20', 'longest leader on a fast tip', 'ft', 6, 1e-9, () =>
    inFeet(rule(rod(8, 13), 'skagit', 'heavy', 7 * M_PER_INCH).highM),
  ),
  ...(
    [
      ['depth', 1.32],
      ['velocity', 1.27],
      ['width', 1.2],
    ] as const
  ).map(([of, factor]) => row('C21', `twice the flow: ${of}`, '×', factor, 0.005, () => levelFactors(2)[of])),
  row('C22', 'shortest leader on a floating Scandi, 13 ft rod', 'ft', 13, 1e-9, () =>
    inFeet(rule(rod(8, 13), 'scandi', 'unweighted').lowM),
  ),
  row('C22', 'longest leader on a floating Scandi, 13 ft rod', 'ft', 19.5, 1e-9, () =>
    inFeet(rule(rod(8, 13), 'scandi', 'unweighted').highM),
  ),
  row('C23', 'shortest leader on a trout spey rod, unweighted fly', 'ft', 12, 1e-9, () =>
    inFeet(rule(rod(4, 11, 'trout-two-hander'), 'scandi', 'unweighted').lowM),
  ),
  row('C23', 'longest leader on a trout spey rod, unweighted fly', 'ft', 14, 1e-9, () =>
    inFeet(rule(rod(4, 11, 'trout-two-hander'), 'scandi', 'unweighted').highM),
  ),
  row('C23', 'middle of the rule with a weighted fly', 'ft', 9, 1e-9, () => {
    const { lowM, highM } = rule(rod(4, 11, 'trout-two-hander'), 'scandi', 'heavy')
    return inFeet((lowM + highM) / 2)
  }),
  row(
    'C25',
    'float to weight over the depth, at least',
    '×',
    1.2,
    1e-9,
    () => indicatorRig(1.5, 0.6).floatToWeight.low / 1.5,
  ),
  row(
    'C25',
    'float to weight over the depth, at most',
    '×',
    1.3,
    1e-9,
    () => indicatorRig(1.5, 0.6).floatToWeight.high / 1.5,
  ),
  row('C25', 'weight to fly', 'in', 36, 1e-9, () => indicatorRig(1.5, 0.6).weightToFlyM / M_PER_INCH),
  ...[6, 5, 4, 3].map((pulls, i) =>
    row('C26', `54 ft of coated line: pulls in loop ${i + 1}`, '', pulls, 0, () =>
      Math.round((loopsToHold('coated', feet(54), feet(13))[i] ?? 0) / PULL_M),
    ),
  ),
  row('C26', '44 ft of mono: length of its loops', 'ft', 22, 0.5, () =>
    inFeet(loopsToHold('mono', feet(44), feet(13))[0] ?? 0),
  ),
  row('C28', '34 g with a coated running line shoots', 'ft', 50.5, 0.5, () =>
    inFeet(shootLengthM(0.034, 0.0013, USUAL_LAUNCH_M)),
  ),
  row('C28', '34 g with 0.50 mm mono shoots', 'ft', 61.5, 0.5, () =>
    inFeet(shootLengthM(0.034, 0.00022, USUAL_LAUNCH_M)),
  ),
  row(
    'C29',
    'backing on a switch rod, at least',
    'm',
    80,
    0,
    () => backingWantedM(rod(6, 11, 'switch'), 4).low,
  ),
  row(
    'C29',
    'backing on a switch rod, at most',
    'm',
    100,
    0,
    () => backingWantedM(rod(6, 11, 'switch'), 4).high,
  ),
  row(
    'C29',
    'backing for fish that run',
    'yd',
    200,
    1e-9,
    () => backingWantedM(rod(8, 13), 5).high / M_PER_YARD,
  ),
  ...(
    [
      ['switch no. 6', rod(6, 11, 'switch'), 7, 8],
      ['12 ft no. 7', rod(7, 12), 10, 11],
      ['13 ft no. 8', rod(8, 13), 11, 12],
      ['13½ ft no. 7', rod(7, 13.5), 11, 12],
    ] as const
  ).flatMap(([name, of, low, high]) => [
    row('C30', `smallest single-hand reel for a ${name}`, 'no.', low, 0, () => reelNumbersFor(of).low),
    row('C30', `largest single-hand reel for a ${name}`, 'no.', high, 0, () => reelNumbersFor(of).high),
  ]),
  ...(
    [
      [26, 9.46],
      [33, 13.49],
      [16, 2.7],
    ] as const
  ).map(([arc, depth]) =>
    row('C33', `depth of a D loop of ${arc} ft under a 14 ft rod tip`, 'ft', depth, 0.005, loopBehind(arc)),
  ),
  ...(
    [
      [6, 'skagit', 428],
      [7, 'skagit', 479],
      [8, 'skagit', 541],
      [9, 'skagit', 612],
      [10, 'skagit', 694],
      [12, 'skagit', 887],
      [10, 'scandi', 687],
    ] as const
  ).map(([number, style, grains]) =>
    row(
      'C35',
      `12½ ft two-hander no. ${number}, ${style === 'skagit' ? 'Skagit' : 'Scandi'}`,
      'gr',
      grains,
      0.01 * grains,
      windowOf(rod(number, 12.5), style),
    ),
  ),
  ...(
    [
      [2, 5.8],
      [8, 12],
      [14, 16],
      [30, 24],
    ] as const
  ).map(([fish, pounds]) =>
    row('C37', `tippet for a ${fish} lb fish on a tight line`, 'lb', pounds, 0.03 * pounds, tight(fish)),
  ),
  row(
    'C43',
    'depth × current that is not to be waded',
    'ft²/s',
    10,
    0.02,
    () => WADING.not.product / M_PER_FOOT ** 2,
  ),
  row(
    'C43',
    'depth × current from which to take care',
    'ft²/s',
    6,
    0.03,
    () => WADING.care.product / M_PER_FOOT ** 2,
  ),
  ...(
    [
      [1, 0.3017],
      [2, 0.4935],
      [5, 0.7138],
      [10, 0.8106],
    ] as const
  ).map(([alpha, drop]) =>
    row(
      'C44',
      `uniform cantilever, PL²/EI = ${alpha}: drop over length`,
      '',
      drop,
      5e-5,
      () => bentRod(alpha).dropShare,
    ),
  ),
  row('C45', 'from high to low water under M2 alone', 'min', 180 / (28.9841042 / 60), 0.5, halfTideMin),
  row('–', 'one grain', 'mg', 64.79891, 1e-9, () => found(convert(1, 'gr', 'g'), 'converted').value * 1000),
  row(
    '–',
    'lightly loaded cantilever, PL²/EI = 0.01: drop over length (Euler–Bernoulli)',
    '',
    0.01 / 3,
    5e-7,
    () => bentRod(0.01).dropShare,
  ),
]

interface Claim {
  readonly says: string
  readonly source: string
}
const PRACTICE = 'common practice, no source'
const ESTIMATE = 'estimate through points of common practice'

/** What each number stands for where code and tests name it, and where it is from. */
export const CLAIMS: Readonly<Record<string, Claim>> = Object.freeze({
  C1: { says: 'weights along a no. 9 double taper', source: PRACTICE },
  C2: { says: 'weight of 40 ft of a no. 8 double taper', source: PRACTICE },
  C3: { says: 'the carry of a line that weighs as much as a head', source: PRACTICE },
  C4: { says: 'a trout line is comfortable to 50 ft in the air, hard work beyond 60', source: PRACTICE },
  C5: { says: 'diameters of gō', source: 'the gō standard, from memory' },
  C6: { says: 'rod length by length of cast', source: PRACTICE },
  C7: { says: 'fish by rod number: about twice a trout spey rod’s number in pounds', source: PRACTICE },
  C8: { says: 'heavy bulky flies need 9–10 gr/ft to carry them', source: PRACTICE },
  C9: { says: 'a two-hander throws two or three sizes more than its number', source: PRACTICE },
  C10: { says: 'two-handers overhead', source: PRACTICE },
  C11: { says: 'windows of three usual rods', source: PRACTICE },
  C12: { says: 'the surf rod', source: PRACTICE },
  C13: { says: 'tip material by weight of the Skagit head', source: PRACTICE },
  C14: {
    says: 'weight per foot never steps up towards the fly',
    source: 'common practice; follows from mechanics',
  },
  C15: { says: 'casting length and room are constant within a set of part-sinking tips', source: PRACTICE },
  C16: { says: 'level materials are told apart by weight at 10 ft', source: PRACTICE },
  C17: { says: 'a fly that swings fast is too high', source: PRACTICE },
  C18: { says: 'angle of a sinking line in a current', source: 'towed cable, Glauert 1930, Pode 1951' },
  C19: { says: 'what slow tips reach in slow water, and fast ones in fast', source: PRACTICE },
  C20: { says: 'short leaders on fast tips, long on slow ones', source: PRACTICE },
  C21: { says: 'width, depth and velocity by flow', source: 'Leopold & Maddock 1953, from memory' },
  C22: { says: 'leader on a floating Scandi', source: PRACTICE },
  C23: { says: 'leader on a trout spey rod', source: PRACTICE },
  C24: { says: 'stepped leaders on sink tips', source: PRACTICE },
  C25: { says: 'the rig under a float', source: PRACTICE },
  C26: { says: 'loops in the hand', source: PRACTICE },
  C27: { says: '60 ft to the fly and 42 ft of loops make a 100 ft cast', source: PRACTICE },
  C28: { says: 'how far a head shoots', source: PRACTICE },
  C29: { says: 'backing', source: PRACTICE },
  C30: { says: 'reels are bought by what goes on them', source: PRACTICE },
  C31: { says: 'mono slips out of an open frame', source: PRACTICE },
  C32: { says: 'the line sags 3 to 5 ft below the rod tip before the sweep', source: PRACTICE },
  C33: { says: 'the D loop as half an ellipse', source: 'perimeter of the ellipse' },
  C34: { says: 'a short single-hand Skagit needs a few feet behind', source: PRACTICE },
  C35: {
    says: 'windows from the two-hand standard',
    source: 'estimate from the standard, quoted from memory',
  },
  C36: { says: 'the balance of head and tip runs both ways', source: PRACTICE },
  C37: { says: 'tippet by fish on a tight line', source: ESTIMATE },
  C40: { says: 'when a swing is over', source: PRACTICE },
  C41: { says: 'what mends do', source: PRACTICE },
  C42: { says: 'heavy flies fall while the loop unrolls', source: 'mechanics; estimate' },
  C43: { says: 'depth × current that can be waded', source: 'a field rule of hydrographers, from memory' },
  C44: { says: 'bend of a cantilever', source: 'Bisshopp & Drucker 1945, from memory' },
  C45: { says: 'period of M2', source: 'speed of M2, 28.9841042° an hour' },
  C46: { says: 'where a rigged rod balances', source: `${PRACTICE}; estimate` },
  C47: { says: 'floating tips by their share of the head', source: ESTIMATE },
  C48: { says: 'of rigs that do the same, the simplest', source: PRACTICE },
  C49: { says: 'what is outside the rod loads it', source: 'geometry' },
  C50: { says: 'roll casts need little room behind', source: `mechanics; ${PRACTICE}` },
  C51: { says: 'where fish hold', source: PRACTICE },
  C52: { says: 'flies that stay on top', source: PRACTICE },
  C53: { says: 'still water is counted down and stripped', source: PRACTICE },
})

/** Checks of whole behaviours: against what, where, and how near. */
export const OTHER_CHECKS: readonly (readonly [what: string, against: string, where: string])[] = [
  [
    'tide: mean high and low water within 3 cm, extremes within 2 cm, intervals within 0.15 h',
    'constituents and datums of two stations, US National Oceanic and Atmospheric Administration, 1983–2001',
    'core/src/tide/published.test.ts',
  ],
  ['sun and moon', 'astronomy-engine, a general-purpose library', 'core/src/sky/sky.test.ts'],
  ['units', 'a general-purpose unit library', 'core/src/quantity/quantity.test.ts'],
  [
    'the line at rest in a current',
    'towed-cable equations (Pode 1951) by a fine Runge–Kutta',
    'core/src/sink/steady.test.ts',
  ],
  [
    'the swing',
    'a catenary, a sinking cylinder, mirror images, finer steps of itself',
    'core/src/swing/swing.test.ts',
  ],
  ['the swing', 'a general physics engine and an ODE integrator, within a hundredth', 'bench/src/swing.ts'],
  [
    'first rigs of forty days',
    'what experienced casters would fish, written down before any answer was asked',
    'core/src/match/days.test.ts',
  ],
  [
    'densities of line materials',
    'Polymer Handbook (Brandrup & Immergut), from memory',
    'core/src/line/line.test.ts',
  ],
  [
    'pool correction, window and rod by bend: ranges hold the truth 70 to 90 times in a hundred',
    'figures drawn from known truths',
    'core/src/journal',
  ],
]

const table = (heads: readonly string[], rows: readonly (readonly string[])[]): string =>
  [heads, heads.map(() => '---'), ...rows].map((cells) => `| ${cells.join(' | ')} |`).join('\n')
const figure = (value: number, unit: string): string =>
  `${Number(value.toPrecision(6))}${unit === '' ? '' : ` ${unit}`}`

/** The page of outside checks, from the tables that the tests read. Markdown. */
export const checksPage = (): string => `# What the answers are checked against

Written by \`npm run checks\` from \`core/src/testing/checks.ts\`; the tests read the same tables. The numbers C1 … are those that code
and tests name.

## Figures

${table(
  ['', 'what', 'theirs', 'ours', 'difference', 'allowed', 'source'],
  OUTSIDE_CHECKS.map(({ code, what, unit, theirs, within, ours }) => {
    const mine = ours()
    return [
      code,
      what,
      figure(theirs, unit),
      figure(mine, unit),
      Math.abs(mine - theirs) < 1e-9 ? '0' : figure(Number((mine - theirs).toPrecision(2)), unit),
      within < 1e-8 ? 'none' : `±${figure(within, unit)}`,
      CLAIMS[code]?.source ?? 'standard',
    ]
  }),
)}

## What each number says

${table(
  ['', 'says', 'source'],
  Object.entries(CLAIMS).map(([code, { says, source }]) => [code, says, source]),
)}

## Whole behaviours

${table(
  ['what', 'against', 'where'],
  OTHER_CHECKS.map(([what, against, where]) => [what, against, `\`${where}\``]),
)}
`
