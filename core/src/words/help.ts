import type { EvidenceTag, UnitSystem } from '../quantity/index.ts'
import { CHECK_CODES } from '../rig/index.ts'
import { CHECK_MEANINGS, CHECK_TITLES } from './check.ts'
import type { Paragraph } from './checkText.ts'
import { TAG_MEANINGS } from './glossary.ts'
import { TAG_NAMES } from './names.ts'
import { SCHOOL_WORDS } from './schools.ts'

/** Help topic: the method, and its limits. */
export interface HelpTopic {
  readonly id: string
  readonly title: string
  readonly text: Paragraph
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
  ...CHECK_CODES.map((code) => ({
    id: `line-${code}`,
    title: CHECK_TITLES[code],
    text: CHECK_MEANINGS[code],
  })),
  ...MODELS,
  ...SCHOOL_TOPICS,
]
