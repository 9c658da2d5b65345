import { CLAIMS, OTHER_CHECKS } from './claims.ts'
import { OUTSIDE_FIGURES } from './figures.ts'

const table = (heads: readonly string[], rows: readonly (readonly string[])[]): string =>
  [heads, heads.map(() => '---'), ...rows].map((cells) => `| ${cells.join(' | ')} |`).join('\n')
const figure = (value: number, unit: string): string =>
  `${Number(value.toPrecision(6))}${unit === '' ? '' : ` ${unit}`}`

/** The page of outside checks, from the tables that the tests read. Markdown. */
export const checksPage = (): string => `# What the answers are checked against

Written by \`npm run checks\` from \`core/src/testing/figures.ts\` and \`claims.ts\`; the tests read the same tables. The numbers C1 … are those that code
and tests name.

## Figures

${table(
  ['', 'what', 'theirs', 'ours', 'difference', 'allowed', 'source'],
  OUTSIDE_FIGURES.map(({ code, what, unit, theirs, within, ours }) => [
    code,
    what,
    figure(theirs, unit),
    figure(ours, unit),
    Math.abs(ours - theirs) < 1e-9 ? '0' : figure(Number((ours - theirs).toPrecision(2)), unit),
    within < 1e-8 ? 'none' : `±${figure(within, unit)}`,
    CLAIMS[code]?.source ?? 'standard',
  ]),
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
