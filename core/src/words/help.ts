import { M_PER_FOOT, printMeasure, type UnitSystem } from '../quantity/index.ts'
import type { CheckCode } from '../rig/index.ts'
import { BALANCES } from '../rig/index.ts'
import { CHECK_TITLES } from './check.ts'
import { SCHOOL_WORDS, TAG_MEANINGS } from './names.ts'

/** A paragraph; figures in it follow the units in use. */
type Text = string | ((system: UnitSystem) => string)

const feet = (ft: number, system: UnitSystem): string => printMeasure(ft * M_PER_FOOT, 'length', system)

/** Help on each line of the ledger: question, basis and limits. */
const LINES: Readonly<Record<CheckCode, Text>> = Object.freeze({
  'mass-in-window':
    'A rod throws well between two masses, for each kind of head. Printed windows have hard ends, and their upper one counts at full power; estimated ones fade. Your own trials will outrank both. Whether the tip is part of the figure is said beside it.',
  'rod-number':
    'The number on a box is only a name: the same number is a far heavier line on a two-handed rod. This line compares what is printed with what the rod’s own number stands for, and never outranks grains.',
  'skagit-tip':
    'A Skagit has a blunt front that wants a tip: with nothing on it the cast kicks and the anchor slips.',
  'joint-step':
    'Where head and tip meet, mass per length may step down, not up and not too far: a great step hinges, a tip heavier than the head’s front kicks.',
  'cheater-joint':
    'A cheater lengthens a head from behind. It must be about as heavy per foot as the head where it joins, and heavier than the running line.',
  'leader-joint':
    'The leader’s butt against what it hangs on: a butt much heavier than the line’s end hinges, one far lighter lets the turnover die.',
  'tip-material':
    'Heavy heads turn over heavy tips, light heads light ones, by ranges of grains that practitioners use. The balance runs both ways.',
  'tip-share':
    'A tip that floats, all of it or its first part, should weigh no more than about a quarter of its head: the head has to turn it over and keep the rod loaded. Level sinking tips go by their material instead.',
  simplest:
    'Of rigs that do the same, casters fish the one with the fewest parts. A tip on a head that can do without one costs a little in the order; what it gains in depth has to make up for that.',
  'cold-front': (system) =>
    `Below 7 °C, for fish at the bottom, ${feet(5, system)} or more that sinks comes first.`,
  'cold-leader': (system) =>
    `Below 7 °C, for fish at the bottom, ${feet(6, system)} of leader at most comes first: a longer one rises.`,
  'fly-head':
    'Heavy flies and heavy droppers go on Skagits: fine fronts have not the mass in front to turn them over.',
  'fly-tip': (system) =>
    `An unrolling loop loses energy to the air and carries the fly with it. By the turnover model the cast is straight when the fly arrives with speed and has not dropped by more than about ${feet(1, system)}; the rule of thumb is a second witness. An estimate, for comparing.`,
  'fly-floats':
    'Hitched, waking and dry flies stay on top until the pull takes them under. Leader and line float with them; a tip or head that sinks drowns them.',
  'sinking-leader':
    'Tapered sinking leaders weigh little: fine-fronted heads and light Skagits turn them over, a full-size Skagit hardly does.',
  'head-length':
    'A Skagit of more than two rod lengths, a Scandi of more than three, is hard to lift and needs much room. Shorter is only said.',
  'line-out':
    'A head loads the rod with what is outside the tip. On a short cast rod, tip and leader take up most of the way, and part of the head stays inside. Trout lines on single-hand rods carry what is asked.',
  reach:
    'How far the rig goes with what shoots after the head, thrown soundly: rod, overhang, head, tip, leader and shot. The wind along the cast, the stroke there is room for and, of a trout line, what hangs in its upper leg count. First order, an estimate.',
  'leader-fish':
    'Fish that take on a tight line break fine tippets. Wanted is, in pounds, 4 × (the fish in pounds)^0.53 as printed on the weakest spool, your own knot allowed for.',
  'leader-length': (system) =>
    `Behind a floating head one to one and a half rod lengths, shorter for weighted flies; behind a fast sink tip ${feet(3, system)} to ${feet(6, system)}.`,
  depth:
    'The whole line is let swing in the pool as it is today: how much of its way the fly spends where the fish hold, how often it touches, and how long the fly lies on the bed before its last rod length. Until that is worked out a first look stands in, and never holds. Under a float its own rule counts.',
  'room-behind':
    'A D loop is half an ellipse over the height of the rod’s tip; its arc is the line that is neither anchored nor shot. In tight room a Skagit can be thrown compact, and a trout line rolled out with half a rod length behind. An overhead cast lays the whole line out behind, or over what stands there.',
  cast: 'Every cast on each side of the body is weighed for this rig where you stand: wind, room and what is behind, current, change of angle, hand, skill and shoulder. The first that is safe is named; where there is none the rig breaks. The Cast page plays it.',
  season:
    'Fine heads suit warm water and small flies, short heavy ones cold water and big flies: by the thermometer where there is one, else by the season’s name.',
  water: 'The surf wants the whole mass in one back cast; a surf rod is made for that alone.',
  'loop-in-guides':
    'Stripped in further than head, tip and leader are long, the rear loop runs into the rings and catches.',
  'running-line':
    'Light heads shoot with thin running lines, heavy ones want thicker; coated grips and tangles, mono flies and slips.',
  'running-core':
    'Something must part first, and it should be the tippet: a running line whose core is the weakest piece loses everything.',
  balance: (system) =>
    `Where the rigged rod balances against the upper hand, by mass and balance point. Up to ${printMeasure(BALANCES.aheadM, 'length', system)} ahead of it is liked; it never breaks a rig.`,
  'reel-room':
    'Backing, running line and head as they are wound, by volume and a packing that hands reach, with a clearance below the rim.',
  'reel-cage': 'Mono slips out between spool and frame of an open reel; a full cage holds it.',
  'rod-fish': 'Light rods for small fish, strong ones for large: by what such a rod can turn.',
  'rod-cast':
    'Length follows how far one casts and how wide the water is: longer rods for longer casts and bigger rivers.',
})

/** Help topic: the method, and its limits. */
export interface HelpTopic {
  readonly id: string
  readonly title: string
  readonly text: Text
}

/** A topic's paragraph in the units in use. */
export const sayHelp = ({ text }: HelpTopic, system: UnitSystem): string =>
  typeof text === 'string' ? text : text(system)

const MODELS: readonly HelpTopic[] = [
  {
    id: 'model-swing',
    title: 'How the swing is worked out',
    text: 'Rod tip to fly is a chain of lumps in three dimensions, with weight, buoyancy, drag along and across it, a current that is slower near the bed, and a bed that grips. It knows no boulders, no wind on the water and no hand that follows a fish; bed and current are what was sounded.',
  },
  {
    id: 'model-window',
    title: 'How a window is estimated',
    text: 'Where none is printed, the two-hand standard’s class for such a rod, or single-hand grains some numbers up for light ones, moved with the rod’s length and how you cast. The band is wide on purpose.',
  },
  {
    id: 'model-casts',
    title: 'How casts are chosen',
    text: 'A table of common practice: anchor and D loop lie downwind, always, judged by the gusts; what the bank, the room, the head, the angle, your skill and your shoulder say comes after, and nothing outweighs a “no”.',
  },
  {
    id: 'model-tide',
    title: 'How the tide is known',
    text: 'A sum of cosines with the periods of moon and sun, or a file you brought. Wind and pressure are in neither: read the mark on the beach.',
  },
]

/** Topics good practitioners differ on, with each side’s reason. */
const SCHOOL_TOPICS: readonly HelpTopic[] = Object.entries(SCHOOL_WORDS).map(
  ([id, { question, choices }]) => ({
    id: `school-${id}`,
    title: `Schools: ${question}`,
    text: Object.values(choices)
      .map(({ label, reason }) => `${label}: ${reason}`)
      .join(' '),
  }),
)

/** Topics of the tags; they stand in a list of their own. */
export const TAG_TOPICS: readonly HelpTopic[] = Object.entries(TAG_MEANINGS).map(([tag, meaning]) => ({
  id: `tag-${tag}`,
  title: `The tag “${tag}”`,
  text: `${meaning}.`,
}))

/** Everything that is explained, the ledger’s lines first. */
export const HELP: readonly HelpTopic[] = [
  ...(Object.keys(LINES) as CheckCode[]).map((code) => ({
    id: `line-${code}`,
    title: CHECK_TITLES[code],
    text: LINES[code],
  })),
  ...MODELS,
  ...SCHOOL_TOPICS,
]
