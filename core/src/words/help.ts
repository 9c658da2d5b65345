import { SEASON_C } from '../day/index.ts'
import { type EvidenceTag, M_PER_FOOT, printMeasure, type UnitSystem } from '../quantity/index.ts'
import type { CheckCode } from '../rig/index.ts'
import { BALANCES } from '../rig/index.ts'
import { CHECK_TITLES } from './check.ts'
import { TAG_MEANINGS } from './glossary.ts'
import { TAG_NAMES } from './names.ts'
import { SCHOOL_WORDS } from './schools.ts'

/** A paragraph; figures in it follow the units in use. */
type Text = string | ((system: UnitSystem) => string)

const cold = (system: UnitSystem): string => printMeasure(SEASON_C.cold, 'temperature', system)
const feet = (ft: number, system: UnitSystem): string => printMeasure(ft * M_PER_FOOT, 'length', system)

/** Help on each check: question, basis and limits. */
const LINES: Readonly<Record<CheckCode, Text>> = Object.freeze({
  'mass-in-window':
    'For each kind of head a rod casts a range of weights well: its window. Printed windows have hard ends, and the upper one holds at full power; estimated ones fade out. Your own head trials outrank both. Whether the tip counts is shown beside the figure.',
  'rod-number':
    'The number on a box is only a name: the same number means a far heavier line on a two-handed rod. This check compares the number on the box with what the rod’s own number stands for. Grains always outrank it.',
  'skagit-tip': 'A Skagit has a blunt front that needs a tip: bare, the cast kicks and the anchor slips.',
  'joint-step':
    'Where head and tip meet, the weight per foot may step down a little, never up: a big step hinges, and a tip heavier than the head’s front kicks.',
  'cheater-joint':
    'A cheater lengthens a head at its rear. It must be about as heavy per foot as the head where it joins, and heavier than the running line.',
  'leader-joint':
    'The leader’s butt against the end of the line: a butt much heavier than that hinges, one far lighter lets the turnover die.',
  'tip-material':
    'Heavy heads turn over heavy tips, light heads light ones, by the ranges of grains that casters use. It works both ways: too light a tip kicks.',
  'tip-share':
    'A floating or part-sinking tip should weigh no more than about a quarter of its head: the head has to turn it over and still load the rod. Level sinking tips go by their material instead.',
  simplest:
    'Of rigs that do the same, casters fish the one with the fewest parts. A tip on a head that can do without ranks a little lower, unless it gains enough depth to earn its place.',
  'cold-front': (system) =>
    `Below ${cold(system)}, for fish at the bottom, rigs with ${feet(5, system)} or more of sinking line rank first.`,
  'cold-leader': (system) =>
    `Below ${cold(system)}, for fish at the bottom, leaders of ${feet(6, system)} or less rank first: a longer one lets the fly ride up.`,
  'fly-head':
    'Heavy flies and heavy droppers go on Skagits: a Scandi’s fine front hasn’t the weight to turn them over.',
  'fly-tip': (system) =>
    `An unrolling loop loses energy to the air and carries the fly along. In the turnover model the cast is straight when the fly arrives with speed and has dropped no more than about ${feet(1, system)}; the rule of thumb is a second witness. An estimate, for comparing.`,
  'fly-floats':
    'Hitched, waking and dry flies stay on top until the line pulls them under. Leader and line must float too; a sinking tip or head drowns them.',
  'sinking-leader':
    'Tapered sinking leaders weigh little: Scandis and light Skagits turn them over, a full-size Skagit hardly does.',
  'head-length':
    'A Skagit longer than two rod lengths, or a Scandi longer than three, is hard to lift and needs a lot of room. A shorter head is mentioned, never marked down.',
  'line-out':
    'Only the part of a head outside the rod tip loads the rod. On a short cast, rod, tip and leader take up most of the distance and part of the head stays inside. Trout lines on single-handers are cast at any length.',
  reach:
    'How far a clean cast goes: rod, overhang, head, tip, leader and the line that shoots. It allows for wind along the cast, the stroke there is room for and, with a trout line, the weight in the upper leg. A rough estimate.',
  'leader-fish':
    'A fish that takes on a tight line can break fine tippet. The check goes by the weakest spool, with your own knot counted in. The formula: 4 × (the fish in pounds)^0.53, in pounds as printed.',
  'leader-length': (system) =>
    `On a floating head one to one and a half rod lengths, shorter for weighted flies; on a fast sink tip ${feet(3, system)} to ${feet(6, system)}.`,
  depth:
    'The whole line is swung through the pool at today’s flow: how long the fly is with the fish, how often it touches, and how long it lies on the bottom (the last rod length before the hang-down left out). Until then a first look stands in; it can never say Holds. Under a float its own rule counts.',
  'room-behind':
    'The D loop is drawn as half an ellipse as high as the rod tip; its curve is the line that is neither anchored nor shot. Where room is tight a Skagit can be cast with the compact stroke, and a trout line roll cast with half a rod length behind. An overhead cast lays the whole line out behind you, or over what is there.',
  cast: 'Every cast off either side is judged for this rig where you stand: wind, room and what is behind you, current, change of direction, hand, skill and shoulder. The best safe one is named; if there is none, the rig breaks. The Cast page shows it step by step.',
  season:
    'Scandis suit warm water and small flies, Skagits cold water and big flies: by the water temperature if it is known, else by the season.',
  water: 'In the surf the whole head goes out in one back cast; a surf rod is made only for that.',
  'loop-in-guides':
    'If you strip in further than head, tip and leader are long, the rear loop runs into the guides and catches.',
  'running-line':
    'Light heads shoot best on thin running lines, heavy ones need thicker. Coated line grips but twists in small loops; mono flies but slips.',
  'running-core':
    'Something has to break first, and it should be the tippet: if the running line’s core is weakest, you lose the lot.',
  balance: (system) =>
    `Where the rigged rod balances relative to your upper hand, from weight and balance point. Up to ${printMeasure(BALANCES.aheadM, 'length', system)} in front of the hand is right; it never breaks a rig.`,
  'reel-room':
    'Backing, running line and head as you wind them, by volume and how tightly hands wind, with some clearance below the rim.',
  'reel-cage': 'Mono slips out between spool and frame of an open-frame reel; a full frame keeps it in.',
  'rod-fish': 'Light rods for small fish, strong ones for big fish: what such a rod can turn.',
  'rod-cast': 'Longer rods for longer casts and bigger rivers.',
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
    text: 'From rod tip to fly the line is a chain of small weights, moved by gravity, buoyancy and drag in a current that is slower near the bottom, over a bottom that grips. It knows no boulders, no wind on the water and no hand that leads the fly; bed and current are as you measured them.',
  },
  {
    id: 'model-window',
    title: 'How a window is estimated',
    text: 'Where none is printed, Hoxen starts from the two-hand standard’s class for such a rod, or for light rods from single-hand grains a few numbers up, and shifts it with the rod’s length and how you cast. The window is wide on purpose.',
  },
  {
    id: 'model-casts',
    title: 'How casts are chosen',
    text: 'By a table of common practice. Anchor and D loop always go downwind, judged by the gusts; then come the bank, the room, the head, the change of direction, your skill and your shoulder. Nothing outweighs a “no”.',
  },
  {
    id: 'model-tide',
    title: 'How the tide is predicted',
    text: 'From the rhythms of moon and sun, or from a tide file you imported. Neither knows wind or air pressure: check it against your tide mark.',
  },
]

/** Topics good anglers differ on, with each side’s reason. */
const SCHOOL_TOPICS: readonly HelpTopic[] = Object.entries(SCHOOL_WORDS).map(
  ([id, { question, choices }]) => ({
    id: `school-${id}`,
    title: `Schools: ${question}`,
    text: Object.values(choices)
      .map(({ label, reason }) => `${label}: ${reason}`)
      .join(' '),
  }),
)

/** Topics of the tags; they are listed apart. */
export const TAG_TOPICS: readonly HelpTopic[] = Object.entries(TAG_MEANINGS).map(([tag, meaning]) => ({
  id: `tag-${tag}`,
  title: `The tag “${TAG_NAMES[tag as EvidenceTag]}”`,
  text: `${meaning}.`,
}))

/** Everything that is explained, the checks first. */
export const HELP: readonly HelpTopic[] = [
  ...(Object.keys(LINES) as CheckCode[]).map((code) => ({
    id: `line-${code}`,
    title: CHECK_TITLES[code],
    text: LINES[code],
  })),
  ...MODELS,
  ...SCHOOL_TOPICS,
]
