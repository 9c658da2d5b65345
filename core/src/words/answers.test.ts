import { expect, test } from '@jest/globals'
import { KG_PER_GRAIN, M_PER_FOOT } from '../quantity/index.ts'
import { nameMaterial } from '../sink/index.ts'
import { dayWith } from '../testing/index.ts'
import * as say from './index.ts'
import { plainly } from './said.ts'

const FT = M_PER_FOOT
const GR = KG_PER_GRAIN
const trade = 'trade' as const
const swing = { holdingS: 13.2, overHoldingS: 28.6 }
const contact = { touches: 1, touchesOverHolding: 1, bedShare: 0.01 }
const plan = { angleDeg: 60, mends: [], tipHeightM: 1, rod: 'follow' as const }
const turned = { outcome: 'turned-over', speedAtFlyMps: 6, energyLeft: 0.124, dropM: 1, samples: [] } as const

const twoRods = { rods: 2, minutes: 0, savesMin: 0, worthIt: false, rodIds: [] }
const sure = { swung: 9, of: 20, proven: false, kit: { optimal: true } }

// Plain English as an editor reads it; common practice, no source.
const SENTENCES: Readonly<Record<string, say.Said | string | undefined>> = {
  'Eleven from the side and the front, 94% full': say.sayFill({ name: 'Eleven' }, 0.944, 0, trade),
  'Eleven from the side and the front, 100% full; after a run of 100 yd': say.sayFill(
    { name: 'Eleven' },
    1,
    100 * 0.9144,
    trade,
  ),
  'There’s room for 100 yd of backing under this head and running line.': say.sayRoom(100 * 0.9144, trade),
  'Wound tightly it is 90% full, loosely 103%.': say.sayWound({ tight: 0.9, loose: 1.028 }),
  'Enough backing for a fish of this size to run.': say.sayBacking(true),
  'Short of backing if a fish of this size runs.': say.sayBacking(false),
  'Set the drag at 3 to 4 lb, a quarter to a third of the leader’s strength.': say.sayDrag(
    { low: 13.345, high: 17.793 },
    trade,
  ),
  'Set to how tightly you wind (0.70).': say.sayPacking(0.7),
  'Round lines can’t pack that tightly (0.907 at most): check the spool’s measurements or the lengths.':
    say.sayPacking(undefined),
  'Everything is out: you’re down to the arbor knot.': say.sayLeft(
    { leftShare: 0, retrieveM: 0.2 },
    0,
    trade,
  ),
  '50% is left, with 100 yd of backing; each turn brings in 10 in.': say.sayLeft(
    { leftShare: 0.5, retrieveM: 0.254 },
    91.44,
    trade,
  ),
  'A reel of 400 g, line and all, balances it at the hand.': say.sayBalancing(
    { outcome: 'balanced', reelKg: 0.4 },
    'metric',
  ),
  'The reel sits at the hand or in front of it: no reel can balance the rod there.': say.sayBalancing(
    { outcome: 'no-lever' },
    trade,
  ),
  'The rod is butt-heavy at this hand without any reel.': say.sayBalancing({ outcome: 'butt-heavy' }, trade),
  'With Eleven, filled, it balances 2 ft from the butt, 1 ft in front of the hand.': say.sayBalancePoint(
    { name: 'Eleven' },
    2 * FT,
    FT,
    trade,
  ),
  'With Eleven, filled, it balances 1 ft from the butt, 1 ft behind the hand.': say.sayBalancePoint(
    { name: 'Eleven' },
    FT,
    2 * FT,
    trade,
  ),
  'Of your reels, Eleven (300 g) comes closest. You like a light reel: of two close ones choose the lighter.':
    say.sayClosestReel({ name: 'Eleven', massKg: 0.3 }, 'light', 'metric'),
  'Short: 510 gr in 20 ft. Enter a target weight, or drag the cut. No real line is harmed.': say.sayUncut(
    'Short',
    { massKg: 510 * GR, lengthM: 20 * FT },
    trade,
  ),
  'It weighs 510 gr. Enter less than that: cutting adds nothing.': say.sayUncuttable(
    600 * GR,
    150 * GR,
    510 * GR,
    trade,
  ),
  'At least 150 gr must be left.': say.sayUncuttable(100 * GR, 150 * GR, 510 * GR, trade),
  'Cut 2 ft off the rear. That leaves 450 gr in 18 ft, with 20 gr/ft at the front.': say.sayCut(
    2 * FT,
    'rear',
    { massKg: 450 * GR, lengthM: 18 * FT, frontKgPerM: (20 * GR) / FT },
    trade,
  ),
  'A level piece looped in between running line and head: Short weighs 510 gr in 20 ft, 26 gr/ft at its belly.':
    say.sayBeforeCheater('Short', { massKg: 510 * GR, lengthM: 20 * FT }, (26 * GR) / FT, trade),
  'It adds 78 gr: 588 gr in 23 ft; the front stays as it is.': say.sayWithCheater(
    78 * GR,
    { massKg: 588 * GR, lengthM: 23 * FT },
    trade,
  ),
  'Straight: the fly has 0.5 times the launch speed, and 12.4% of the energy is left.': say.sayTurnover(
    { ...turned, straight: true },
    12,
    trade,
  ),
  'Drops 1 m before the loop is out: the fly has 0.5 times the launch speed, and 12.4% of the energy is left.':
    say.sayTurnover({ ...turned, straight: false }, 12, 'metric'),
  'Dies before it straightens: the fly has 0.3 times the launch speed, and 12.4% of the energy is left.':
    say.sayTurnover({ ...turned, straight: false, speedAtFlyMps: 3 }, 12, trade),
  'Nothing to unroll.': say.sayTurnover({ outcome: 'no-line', samples: [] }, 12, trade),
  'Casts the weight of 45 ft of no. 9 double taper in 30 ft.': say.sayCarry(45 * FT, 9, 30 * FT, trade),
  '45 ft of a no. 9 double taper with a front taper of 8 ft weighs 375 gr.': say.sayLineOut(
    '375 gr',
    45 * FT,
    9,
    8 * FT,
    trade,
  ),
  'A head of 375 gr is 45 ft of that line, packed into its own length.': say.sayAsLineOut(
    { outcome: 'found', carryM: 45 * FT },
    375 * GR,
    trade,
  ),
  'A head of 999 gr weighs more than the longest of such lines.': say.sayAsLineOut(
    { outcome: 'heavier-than-line' },
    999 * GR,
    trade,
  ),
  'The number stands for 240 gr, its first 30 ft. A standard line is comfortable to 50 ft in the air, 400 gr, and hard work beyond 60 ft, 400 gr. To cast far, or a big fly, a rod needs that weight in a shorter head, clearly more than its number says.':
    say.sayNumberStandsFor(9, () => '400 gr', trade),
  'A short one, on a 9 ft rod, still works to 50–55 ft.': say.sayShortTaper(trade),
  'the weight agrees.': say.sayLabelOff(0.4),
  'by weight it is 1 size lighter.': say.sayLabelOff(1.04),
  'by weight it is 1.5 sizes heavier.': say.sayLabelOff(-1.5),
  'By weight a single-hand no. 12 or beyond, a two-hand no. 7 of class S': say.sayNumbers(
    { number: 12, beyond: 'above' },
    { number: 7, of: 'S' },
  ),
  'Within 1.2% of its nominal weight: as sure as scale and tape are.': say.sayReading({
    ...nameMaterial(110 * GR, 10 * FT),
    outcome: 'named',
    deviation: -0.012,
  }),
  '1 rig': say.sayCombinations(1),
  '1,200 rigs': say.sayCombinations(1200),
  'Tip changed to T-11, without a leader.': say.sayChanged(
    { code: 'tip', tipId: 'a', name: 'T-11', leaderName: null },
    trade,
  ),
  'Tip taken off.': say.sayChanged({ code: 'tip', tipId: null, name: '', leaderName: undefined }, trade),
  'Standing 2 ft further in now.': say.sayChanged({ code: 'step', wadeM: 1, byM: -0.6096 }, trade),
  'By weight and length this is T-11': say.sayMaterial(nameMaterial(110 * GR, 10 * FT)),
  'By weight and length this is T-11, 1.8% off': say.sayMaterial(nameMaterial(112 * GR, 10 * FT)),
  'Level materials by weight per foot': say.sayAmongMaterials(undefined, trade),
  '11 gr/ft among the level materials: T-11': say.sayAmongMaterials(nameMaterial(110 * GR, 10 * FT), trade),
  'For this head, tip and fly: 3–5 ft': say.sayLeaderLength({ lowM: 3 * FT, highM: 5 * FT }, trade),
  'From the ring 0.5 m to the point fly, 2 m in all. The weight in the point fly, as you prefer it in fast water. That is more than 1.5 m on a fast tip: shorten the leader first.':
    say.sayDropper({ spacingM: 0.5, wholeM: 2, mostM: 1.5, tooLong: true }, 'point-fly', 'metric'),
  'From the ring 0.5 m to the point fly, 2 m in all. The weight in the dropper, as you prefer it in slow water.':
    say.sayDropper({ spacingM: 0.5, wholeM: 2, mostM: 3, tooLong: false }, 'dropper', 'metric'),
  'In water 4 ft deep: 1–2 ft from float to weight, about 1 ft on to the fly. Start light, and add.':
    say.sayIndicator({ floatToWeight: { low: FT, high: 2 * FT }, weightToFlyM: FT }, 4 * FT, trade),
  'An indicator rig here: 1–2 ft from float to weight, about 1 ft on to the fly. Start light, and add.':
    say.sayIndicator({ floatToWeight: { low: FT, high: 2 * FT }, weightToFlyM: FT }, undefined, trade),
  'From above: Snap-T or circle spey off the left side, the fly 70 ft out; wind 0 mph, 0 mph of it across from the right; 13 ft behind.':
    say.sayFromAbove(
      {
        chosen: { cast: 'snap-t', side: 'left' },
        castM: 70 * FT,
        wind: { mps: 0, fromDeg: 90 },
        targetDeg: 0,
        roomM: 13 * FT,
      },
      trade,
    ),
  'From the side: the loop reaches 3 ft behind you; you have 13 ft': say.sayLoopPicture(
    3 * FT,
    13 * FT,
    trade,
  ),
  '66% of its weight hangs in the upper leg, which loads the rod. Longest head for this room: none.':
    say.sayUpperLeg(0.66, 0, trade),
  'It reaches 40 ft behind you and drops to 3 ft above the water when it is straight, wading 3 ft deep.':
    say.sayBackCast(40 * FT, 3 * FT, 3 * FT, trade),
  'It reaches 40 ft behind you and drops to 3 ft above the water when it is straight.': say.sayBackCast(
    40 * FT,
    3 * FT,
    0,
    trade,
  ),
  'For 70 ft, strip off 20 ft (this rig reaches 80 ft).': say.sayStripOff(70 * FT, 80 * FT, 20 * FT, trade),
  'It reaches about 80 ft, short of your 90 ft: strip off 20 ft.': say.sayStripOff(
    90 * FT,
    80 * FT,
    20 * FT,
    trade,
  ),
  'The tide file has a gap from 1 to 2: Hoxen knows nothing of that time.': say.sayGap(
    { fromMs: 1, toMs: 2 },
    String,
  ),
  'The prediction says 2 m. Enter 1–3 m.': say.sayMarkTooFar(2, { low: -1, high: 1 }, 'metric'),
  'The bed: the sea is 1 m above datum, 1 stretch is deep enough to hold fish': say.sayBed(1, 1, 'metric'),
  'It sinks 7 in/s; time it again to see how sure that is.': say.sayTimed(
    { outcome: 'timed', rateMps: 0.1778 },
    trade,
  ),
  'It sinks 7 in/s, ±0.5 in/s.': say.sayTimed({ outcome: 'timed', rateMps: 0.1778, errorMps: 0.0127 }, trade),
  'No tip sinks at that rate. Check the depth and the time.': say.sayTimed({ outcome: 'not-a-rate' }, trade),
  'You set its sink rate: every swing, ladder and chart uses it, your rig included, and so does what Hoxen learns from 1 logged swing.':
    say.sayRateUsed(true, true, 1),
  'Its sink rate is assumed: every swing, ladder and chart uses it.': say.sayRateUsed(false, false, 0),
  'Kettle Run from above and in section.': say.sayRiver('Kettle Run', undefined, trade),
  'Kettle Run from above and in section. 13 of 29 s with the fish, riding at 3 ft, 1 touch over the fish':
    say.sayRiver('Kettle Run', { ...swing, ...contact, ridesM: 3 * FT }, trade),
  'Kettle Run, seen along the river: down to 3 ft, 13 of 29 s with the fish.': say.sayAlongRiver(
    'Kettle Run',
    { ...swing, maxDepthM: 3 * FT },
    trade,
  ),
  'at 21 s, 24 ft out': say.sayTouchPlaces([{ tS: 21.2, atM: [8, 24 * FT, -1], overHolding: true }], trade),
  'Seen along the river, half way round: the pinned rig solid (13 of 29 s with the fish), this rig dashed (4 of 20 s with the fish).':
    say.sayBothSwings(swing, { holdingS: 4, overHoldingS: 20 }),
  'T-11 at 30 m³/s: 44% of the way with the fish at 60°. It rides down where the fish hold. Likely 30 to 50%.':
    say.sayCell(
      {
        tip: 'T-11',
        flowM3ps: 30,
        share: 0.44,
        likely: { low: 0.3, high: 0.5 },
        angleDeg: 60,
        reason: 'in-place',
      },
      'bottom',
      'metric',
    ),
  'About 1 m deep, 0.5 m/s at the surface over the fish, as you described it. Choose a pool to fish it at today’s flow.':
    say.sayAsDescribed({ waterDepthM: 1, currentMps: 0.5 }, 'metric'),
  'Measured at 24 m³/s on day 2026-10-04.': say.sayMeasured(
    { measuredFlowM3ps: 24, measuredOn: '2026-10-04' },
    (day) => `day ${day}`,
    'metric',
  ),
  'No flow was noted when this pool was measured, so it’s shown as measured.': say.sayMeasured(
    {},
    String,
    trade,
  ),
  '60 min ago': say.sayReadAge(3_600_000),
  '4 days ago, and the river may have changed since': say.sayReadAge(90 * 3_600_000),
  'Nothing logged here near today’s flow.': say.sayNotLogged(undefined),
  'Nothing logged here near today’s flow. The nearest: T-11: touched bottom once, in water 20% deeper.':
    say.sayNotLogged({ tip: 'T-11', saw: { touched: 1, band: 0, high: 0 }, deeper: 0.2 }),
  'No tip, 70 ft at 60°, flow unknown. What did it do?': say.sayToLog(
    { tip: null, castM: 70 * FT, plan, flowM3ps: undefined },
    trade,
  ),
  'T-11, cast 21.34 m at 60°, water at 5 °C': say.sayLogged(
    { tip: 'T-11', leader: null, castM: 70 * FT, plan, waterC: 5 },
    'metric',
  ),
  '3 swings of 2 tips by flow: 0 touched bottom, 2 right depth, 1 too high': say.saySeason(
    ['band', 'band', 'high'],
    2,
  ),
  'It would hold: 13 of 29 s with the fish.': say.sayWouldHold(swing),
  'This cast lands on the far bank: it reaches 20 m across and the water is 18 m wide today. Cast shorter or steeper.':
    say.sayFarBank(20, 18, 'metric'),
  'From this bed and current the pool carries about 24 m³/s.': say.sayByBed(24, 'metric'),
  'It usually blows from the west here. Check before you trust it.': say.sayUsualWind(270),
  'Tick once for each head, after ten casts with it. None tried yet.': say.sayTrialSheet(0),
  'Tick once for each head, after ten casts with it. 3 already in the journal.': say.sayTrialSheet(3),
  '1 swing can be used.': say.sayUsable(1),
  'As strong as a single-hand no. 9 by one school of thought, 10 by another': say.sayAsStrong(9, 10),
  'By volume this spool is a single-hand no. 11, its box says 9; this rod needs 10 to 12. All this line adds 100 g to it.':
    say.saySpoolNumber(11, 9, { low: 10, high: 12 }, 0.1, 'metric'),
  '20 changes have never been saved to a file.': say.sayFileDue(20, undefined),
  '20 changes since the file of May 1.': say.sayFileDue(20, 'May 1'),
  'Nothing of your own is here yet.': say.sayUnsaved(0, undefined),
  'Never saved to a file on this device; one item has changed.': say.sayUnsaved(1, undefined),
  'All of it is in the file of May 1.': say.sayUnsaved(0, 'May 1'),
  '3 items have changed since the file of May 1.': say.sayUnsaved(3, 'May 1'),
  'change reel and line, the head and the tip, 17 min': say.sayChanges(['reel', 'head', 'tip'], 17),
  'nothing to change': say.sayChanges([], 0),
  'A second rod saves 17 min of changing.': say.sayMoreRods({ ...twoRods, savesMin: 17, worthIt: true }),
  'A second rod saves 5 min of changing, too little to carry it for.': say.sayMoreRods({
    ...twoRods,
    savesMin: 5,
  }),
  'A second rod saves nothing.': say.sayMoreRods(twoRods),
  'A second rod saves nothing: what it needs is on the first, or no rig on it holds.': say.sayMoreRods({
    ...twoRods,
    minutes: 15,
  }),
  '1 rod and 2 tips cover 3 of 4 cases.': say.sayKit(3, 4, [
    ['rods', 1],
    ['reels', 0],
    ['tips', 2],
  ]),
  '1 rod covers all 4 cases.': say.sayKit(4, 4, [['rods', 1]]),
  'Nothing of yours covers any of this trip.': say.sayKit(0, 4, []),
  'Proven: no smaller kit of yours covers as much.': say.sayHowSure({ ...sure, proven: true }, false),
  'The smallest of 9 rigs swung so far, of 20 that might hold; still looking.': say.sayHowSure(sure, true),
  'The smallest of the 9 rigs swung; 11 more might hold and were not swung.': say.sayHowSure(sure, false),
  'The smallest of all 9 rigs that might hold.': say.sayHowSure({ ...sure, of: 9 }, false),
  'Time ran out: another kit might cover up to 2 more.': say.sayHowSure(
    { ...sure, kit: { optimal: false, gap: 2 } },
    false,
  ),
  'a and b must come, but only 1 tip may.': say.sayContradiction(
    { between: 'must-limit', sort: 'tips', limit: 1, ids: ['a', 'b'] },
    (id) => id,
  ),
  'a is told both to come and to stay at home.': say.sayContradiction(
    { between: 'must-home', ids: ['a'] },
    (id) => id,
  ),
  'Nothing can be fished with no rods at all.': say.sayContradiction(
    { between: 'none-of', sort: 'rods', ids: [] },
    (id) => id,
  ),
  'With a tip (T-8, 10 ft) you would cover 2 of the 3 left open. Borrow before you buy.': say.sayMissing(
    { kind: 'tip', id: 't', name: 'Look for', build: 'level', lengthM: 10 * FT, kgPerM: (8 * GR) / FT },
    2,
    3,
    trade,
  ),
  '4 things make no rig that covers anything.': say.sayStair(
    { items: 4, weight: 0, ids: [] },
    undefined,
    [],
    9,
    trade,
  ),
  'Without it nothing falls.': say.sayFalls([], trade),
  '3 braided loops, one for each joint': say.saySpare({ what: 'loop', count: 3 }),
  '1 second running line': say.saySpare({ what: 'running-line', count: 1 }),
  '540 gr Skagit, to try on Long seven': say.sayWorthBorrowing('Long seven', 'Skagit', 540 * GR, trade),
  'Kettle Run at 848 cfs: its measurement only tells of 17 cfs to 42,378 cfs.': say.sayTripProblem(
    { code: 'trip-flow-far', data: { name: 'Kettle Run', flowM3ps: 24, lowM3ps: 0.48, highM3ps: 1200 } },
    trade,
  ),
  'not tried yet': say.sayStanding(0, 0, 0),
  '3 of 4 right; sure and wrong once': say.sayStanding(4, 3, 1),
  '1 of 4 right; sure and wrong 3 times': say.sayStanding(4, 1, 3),
  '13 s with the fish': say.sayWithFish(swing),
  'Kettle Run is told both to come and to stay at home.': say.sayContradiction(
    { between: 'must-home', ids: ['kettle'] },
    () => 'Kettle Run',
  ),
}

test.each(Object.entries(SENTENCES))('%s', (words, sentence) => {
  expect(typeof sentence === 'object' ? plainly(sentence) : sentence).toBe(words)
})

test('a head that can be cut so far is not refused', () => {
  expect(say.sayUncuttable(300 * GR, 150 * GR, 510 * GR, trade)).toBeUndefined()
})

test('figures stand out of a sentence, other words do not', () => {
  expect(say.sayRoom(91.44, trade).filter((piece) => typeof piece === 'object')).toEqual([
    { figure: '100 yd' },
  ])
})

test('a leader’s point is named with its knot and the fish it is for', () => {
  expect(say.sayPoint(3.629, 'double-clinch', trade)).toMatch(
    /^For fish of 8 lb a point of about \d+ lb, and at least \d+(\.\d)? lb, tied with a /,
  )
})

test('the part that would fix most is said with what it would mend', () => {
  const tip = {
    id: 'a',
    kind: 'tip',
    name: 'A',
    lengthM: 3.048,
    build: 'level',
    massKg: 110 * GR,
  } as const
  expect(plainly(say.sayFixesMost(tip, 0, trade))).toMatch(
    /but nothing helps more\. Borrow before you buy\.$/,
  )
  expect(plainly(say.sayFixesMost(tip, 1, trade))).toContain('With it, 1 rod-and-head pair breaks nowhere.')
})

test('a rig’s card names water, fish, fly and cast in two sentences', () => {
  expect(say.sayCardDay(dayWith({ castM: 20, waterDepthM: 1, currentMps: 0.5 }), 'metric')).toMatch(
    /^in the water as described: 1 m deep, 0\.5 m\/s\. For .+ of .+, with a .+ fly.*, cast 20 m at \d+°\.$/,
  )
})

test('what a name says already is not said beside it', () => {
  const named = (name: string) =>
    ({ id: 'a', kind: 'tip', name, lengthM: 3.048, build: 'level', massKg: 110 * GR }) as const
  expect(say.summaryBeside(named('T-11, 10 ft'), trade)).toBeUndefined()
  expect(say.summaryBeside(named('The old one'), trade)).toBe('T-11, 10 ft')
})
