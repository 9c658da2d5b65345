import { EVIDENCE_TAGS, type EvidenceTag } from '../quantity/index.ts'
import type { CheckState } from '../rig/index.ts'
import { STATE_NAMES, TAG_NAMES } from './names.ts'

/** Meaning of each evidence tag, shown beside it. */
export const TAG_MEANINGS: Readonly<Record<EvidenceTag, string>> = Object.freeze({
  standard: 'A published standard or table',
  practice: 'A rule of thumb among experienced anglers; no published source',
  physics: 'Follows from mechanics or geometry',
  estimate: 'Our own model, shown with its likely range; never a fact',
  log: 'Learned from your own log',
  printed: 'Printed on the box or rod, or measured by you',
})

/** A word of the trade, in one or two plain sentences. */
export interface TradeWord {
  readonly word: string
  readonly text: string
}

/** Words of the trade, in the order one meets them. [practice] Common practice, no source. */
export const TRADE_WORDS = Object.freeze({
  window: {
    word: 'Grain window',
    text: 'The head weights, in grains, that load a rod well. 1 grain is 0.065 g.',
  },
  'sweet-spot': {
    word: 'Sweet spot',
    text: 'Where in the window to start. How you cast shifts it; only head trials settle it.',
  },
  skagit: {
    word: 'Skagit',
    text: 'A short, heavy, blunt head that always carries a tip. For sink tips, big flies and tight room.',
  },
  scandi: { word: 'Scandi', text: 'A longer head with a fine front, for light flies and long leaders.' },
  integrated: { word: 'Integrated line', text: 'Head and running line in one, without a loop between them.' },
  'trout-line': {
    word: 'Trout line',
    text: 'A weight-forward (WF) or double-taper (DT) fly line, cast at any length.',
  },
  rods: {
    word: 'Two-hander, switch rod, trout spey rod',
    text: 'Rods cast with both hands: about 12–15 ft; about 10½–12 ft, one hand possible; and light ones, about no. 2–5.',
  },
  tip: {
    word: 'Tip',
    text: 'A length looped to the front of a head, floating or sinking. T-11 is level and weighs 11 grains a foot.',
  },
  'sinking-leader': {
    word: 'Sinking leader',
    text: 'A light tapered leader that sinks, fished in place of a tip.',
  },
  'running-line': { word: 'Running line', text: 'The thin line between head and backing that shoots.' },
  overhang: { word: 'Overhang', text: 'The running line that is outside the rod tip as you cast.' },
  cheater: { word: 'Cheater', text: 'A level piece that lengthens a head at its rear.' },
  anchor: {
    word: 'Anchor',
    text: 'The front of the line on the water, which the cast pulls against. Sustained: it lies there. Touch-and-go: it just touches down.',
  },
  'd-loop': {
    word: 'D loop',
    text: 'The line hanging behind you between rod tip and anchor. Its upper leg loads the rod.',
  },
  'compact-stroke': {
    word: 'Compact stroke',
    text: 'A short, upright D loop for tight places: rod tip near the shoulder, a third of the head left on the water. It reaches less.',
  },
  'right-bank': { word: 'Right bank', text: 'The bank on your right as you look downstream.' },
  swing: { word: 'Swing', text: 'The fly crossing the current on a tight line.' },
  'hang-down': { word: 'Hang-down', text: 'The end of the swing, straight below you.' },
  mend: {
    word: 'Mend',
    text: 'Moving line up- or downstream on the water. Stack mend: slack laid onto the tip so that it sinks.',
  },
  'holding-water': {
    word: 'Holding water, fish depth',
    text: 'Where in the pool fish hold, and how deep.',
  },
  sounding: {
    word: 'Sounding',
    text: 'A depth measured at a distance from the bank. Wade or use a marked pole; six across are enough. For the current, time a stick over a rod length.',
  },
  flow: {
    word: 'Flow and level',
    text: 'Flow is how much water passes, in cfs or m³/s; level is how high it stands. Hoxen needs the flow.',
  },
  datum: {
    word: 'Datum',
    text: 'The zero that heights of sea and beach are measured from.',
  },
  constituents: {
    word: 'Constituents',
    text: 'The tidal rhythms (M2, S2 …) that add up to the tide.',
  },
  'tide-mark': {
    word: 'Tide mark',
    text: 'A post or rock whose height you know. Read it now, and the prediction shifts for today.',
  },
  pin: { word: 'Pinned rig', text: 'Pin a rig to compare others with it.' },
}) satisfies Readonly<Record<string, TradeWord>>
export type TradeWordId = keyof typeof TRADE_WORDS

/** Meaning of each outcome of a check. */
export const STATE_MEANINGS: Readonly<Record<CheckState, string>> = Object.freeze({
  holds: 'Nothing to worry about.',
  watch: 'It works, with care or at a cost.',
  breaks: 'It will not cast, fish or last.',
})

/** What a note is about: its place on the page of tables. */
export type About = `word-${TradeWordId}` | `tag-${EvidenceTag}` | `state-${CheckState}`

const STATES = Object.keys(STATE_MEANINGS) as readonly CheckState[]
const NOTES: ReadonlyMap<string, TradeWord> = new Map([
  ...Object.entries(TRADE_WORDS).map(([id, word]) => [`word-${id}`, word] as const),
  ...EVIDENCE_TAGS.map(
    (tag) => [`tag-${tag}`, { word: TAG_NAMES[tag], text: `${TAG_MEANINGS[tag]}.` }] as const,
  ),
  ...STATES.map(
    (state) => [`state-${state}`, { word: STATE_NAMES[state], text: STATE_MEANINGS[state] }] as const,
  ),
])

/** The note on a word, a tag or an outcome. */
export function noteOn(about: About): TradeWord {
  const note = NOTES.get(about)
  if (note === undefined) throw new Error(`nothing is said of ${about}`)
  return note
}
