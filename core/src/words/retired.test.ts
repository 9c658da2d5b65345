import { readdirSync, readFileSync } from 'node:fs'
import { expect, test } from '@jest/globals'

/** Phrases that read as if translated, or are a second word for one thing; each has a better one, and none comes back. */
const RETIRED: readonly RegExp[] = [
  /\blet(s|ting)? (it |the \w+ |\w+ more )?swing\b/i,
  /say the level|by your word|said by hand|is said by\b/i,
  /\blines? (of the ledger|breaks?\b)/i,
  /\bin the strip\b|strip yet/i,
  /mend it\b|mend a (check|line of)/i,
  /take it back|taken back|take back a/i,
  /four (times|pools|swings) in five|as likely, (from|to)/i,
  /trout two-hander|single hand rod|one-hand rod/i,
  /\bnot owned\b|in no pocket|the pinned one/i,
  /trials? of (a )?heads?|bend of two rods|bends that are kept/i,
  /good practitioners/i,
  /, please\b/i,
  /\bfine(r|-fronted)? heads?\b/i,
  /\btouch and go\b|lying anchor|anchor that lies/i,
  /mass per length|mass along the line|equal-mass/i,
  /tip ring|full cage|through the rings|line up the rings/i,
  /take out (a|the|this|point)\b|is taken out/i,
  /\bwas let be\b|had to be let be/i,
  /nothing is called that/i,
  /without a break|has no break|have no break|to be watched/i,
  /\bnot asked\b|no longer asked/i,
  /supposed:|give or take/i,
  /forget it|stay with my own|leave (everything|it) as it (is|was)/i,
  /bring (a file|pools|it) in\b|bring a file/i,
  /carry (it )?over|carry to another device/i,
  /stand-in scale|on the stand-in/i,
  /ladder of tips|chart of levels/i,
  /(rod|head|tip|leader|skagit|fly|mono|cast|chart|pocket|swing) wants (a|an|its|the|to)\b/i,
  /where they (are|lie|hold),/i,
  /is no (figure|length|head|stretch|zone)\b/i,
  /without its maker|its maker did not/i,
  /\bnot yet let\b|worked out stands/i,
  /ft³\/s/,
  /\d – \d/,
  /[\d}] %[^\w\s({]/,
]
/** Where one stands for a reason: the file's words are a check value's, or are read, not said. */
const EXCEPTIONS: readonly (readonly [path: string, phrase: RegExp])[] = [
  ['core/src/words/problem.ts', /is no (figure|length)/],
]

const sources = (folder: string, ending: RegExp): readonly string[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => ending.test(name) && !/\.test\.|testing\//.test(name))
    .map((name) => `${folder}/${name}`)

/** A source without its comments: those are read by those who carry the code on. */
const spoken = (text: string): string =>
  text.replaceAll(/\/\*[\s\S]*?\*\//g, '').replaceAll(/(^|\s)\/\/.*$/gm, '$1')

const FILES: readonly string[] = [
  ...sources('core/src/words', /\.ts$/),
  'core/src/gear/field.ts',
  'core/src/format/kept.ts',
  'core/src/day/usualDays.ts',
  ...sources('web/src', /\.tsx?$/),
  ...sources('cli/src', /\.ts$/),
  ...sources('server/src', /\.ts$/),
  'README.md',
  'CONTRIBUTING.md',
  ...sources('docs', /^[a-z-]+\.md$/).filter((name) => !name.endsWith('licences.md')),
]

test('no retired phrase is said anywhere: words, labels, help, README, docs', () => {
  const found = FILES.flatMap((path) => {
    const text = path.endsWith('.md') ? readFileSync(path, 'utf8') : spoken(readFileSync(path, 'utf8'))
    return RETIRED.flatMap((phrase) => {
      if (EXCEPTIONS.some(([where, which]) => where === path && which.source === phrase.source)) return []
      const said = phrase.exec(text)
      return said === null ? [] : [`${path}: “${said[0]}”`]
    })
  })
  expect(found).toEqual([])
})
