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
