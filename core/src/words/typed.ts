import { fieldAt, type Item, type Kind, type Problem, readField } from '../gear/index.ts'
import { printMeasure, type UnitSystem } from '../quantity/index.ts'
import { KIND_NAMES, sayChoice, summarize } from './names.ts'
import { sayProblem } from './problem.ts'

/** A line of each kind as it may be typed. */
export const LINE_EXAMPLES: Readonly<Record<Kind, string>> = Object.freeze({
  rod: '13 ft no. 7 two-hander',
  head: 'skagit 510 gr 23 ft',
  cheater: 'cheater 3 ft 20 gr/ft',
  tip: 'T-11 10 ft',
  'sinking-leader': 'sinking leader 10 ft 5 in/s',
  leader: 'leader 5 ft 12 lb stepped',
  tippet: 'tippet fluorocarbon 0.30 mm 12 lb',
  fly: 'bulky heavy fly 3 in',
  'running-line': 'running line coated 30 lb',
  reel: 'reel no. 11 full frame',
  backing: 'backing 30 lb 200 yd',
})

/** Why a typed line is refused: the figure that stopped it, what is wrong with it, and a line of its kind that would do. */
export function sayLine(problem: Problem, system: UnitSystem): string {
  const typed = problem.data.typed === undefined ? '' : `“${String(problem.data.typed)}”: `
  const example = problem.kind === undefined ? '' : ` For example “${LINE_EXAMPLES[problem.kind]}”.`
  return `${typed}${sayProblem(problem, system)}${example}`
}

/** What was assumed of a typed line: "Assumed: weight 525 gr, length 22 ft. Type it if that’s wrong." */
export function sayGuesses(item: Item, guessed: readonly string[], system: UnitSystem): string {
  if (guessed.length === 0) return ''
  const each = guessed.map((path) => {
    const field = fieldAt(item.kind, [path])
    const value = readField(item, path)
    const said =
      typeof value === 'number' && field?.type.as === 'quantity'
        ? printMeasure(value, field.type.measure, system)
        : sayChoice(String(value))
    return `${(field?.label ?? path).toLowerCase()} ${said}`
  })
  return `Assumed: ${each.join(', ')}. Type it if that’s wrong.`
}

/** What a typed line is read as, with what was assumed of it: "Skagit, 510 gr, 23 ft. Assumed: …" */
export const sayTyped = (item: Item, guessed: readonly string[], system: UnitSystem): string =>
  `${summarize(item, system)}. ${sayGuesses(item, guessed, system)}`.trimEnd()

/** A typed line of another kind than the one asked for. */
export const sayOtherKind = (kind: Kind, asked: Kind): string =>
  `That is ${KIND_NAMES[kind].a}, not ${KIND_NAMES[asked].a}.`
