import type { Card, PartOption } from '../match/index.ts'

const NO_TIP = 'no tip'
const nameOf = ({ name }: PartOption): string => name ?? NO_TIP

/** A tip that is out for a reason worth naming, besides the two that are compared. */
function sayOut({ swung, ...tip }: PartOption): string | undefined {
  if (swung === undefined || tip.verdict === 'holds') return undefined
  const { outcome, summary } = swung
  if (outcome === 'grounded') return `${nameOf(tip)} comes to rest on the bottom`
  if (summary.touches > 1)
    return `${nameOf(tip)} touches bottom ${summary.touches === 2 ? 'twice' : `${summary.touches} times`}`
  return summary.holdingS < 0.5 ? `${nameOf(tip)} never gets there` : undefined
}

/** Why the first of a card's tips leads the others, in one sentence; undefined where there is nothing to compare. */
export function sayWhyTip({ tips, someOf }: Card): string | undefined {
  const [lead, next, ...rest] = tips
  if (lead?.swung === undefined || next?.swung === undefined) return undefined
  const [mine, other] = [lead.swung.summary.holdingS, next.swung.summary.holdingS]
  const [first, second] = [nameOf(lead), nameOf(next)]
  const gain = Math.round(mine) - Math.round(other)
  const compared =
    gain > 0
      ? `${first} beats ${second}: ${mine.toFixed(0)} s with the fish to ${other.toFixed(0)}`
      : gain === 0
        ? `${first} or ${second}: ${mine.toFixed(0)} s with the fish either way`
        : `${first} comes first: ${lead.name === null ? 'the simpler rig' : 'better by its other checks'}, though ${second} is ${other.toFixed(0)} s with the fish to ${mine.toFixed(0)}`
  const out = rest.map(sayOut).find((text) => text !== undefined)
  const bounded =
    someOf === undefined ? '' : ` Of ${someOf.toLocaleString('en')} tips Hoxen swung some for every depth.`
  return `${compared.slice(0, 1).toUpperCase()}${compared.slice(1)}${out === undefined ? '' : `; ${out}`}.${bounded}`
}

/** Beyond this nobody reads a figure. */
const MANY = 1e9

/** How many rigs the gear could be put together to. */
export const sayCombinations = (count: number): string =>
  count > MANY ? 'more than a billion rigs' : `${count.toLocaleString('en')} ${count === 1 ? 'rig' : 'rigs'}`
