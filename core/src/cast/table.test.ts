import { expect, test } from '@jest/globals'
import { M_PER_FOOT } from '../quantity/index.ts'
import type { Fit } from './choose.ts'
import { CAST_NAMES, type CastSetting, chooseCasts, type Side } from './index.ts'
import { nearestQuarter } from './wind.ts'

/**
 * The whole table: hand × bank × wind × cast × side, read by eye once against common practice and pinned. Common practice, no source.
 * Casts in the order double spey, snap-T, Perry poke, single spey, snake roll, roll, switch, overhead one-handed, overhead two-handed;
 * of each the right side, then the left: ● good, ○ with care, · no. A short Skagit on a 13 ft rod, room for all, no change of angle.
 */
const LETTERS: Readonly<Record<Fit, string>> = { good: '●', care: '○', no: '·' }
/** From the right hand, from the left, ahead, behind; m/s. */
const WINDS = {
  calm: [0, 0],
  'breath from the right, 1': [90, 1],
  'from the right, 4': [90, 4],
  'from the left, 4': [270, 4],
  'from ahead, 8': [0, 8],
  'from behind, 8': [180, 8],
} as const
const TABLE = `
right bank | calm                     | ●· ·● ●● ·○ ○· ●● ○○ ○○ ●●
right bank | breath from the right, 1 | ○· ·● ○● ·○ ○· ○● ○○ ○○ ○●
right bank | from the right, 4        | ·· ·● ·● ·○ ·· ·● ·○ ·○ ·●
right bank | from the left, 4         | ●· ·· ●· ·· ○· ●· ○· ○· ●·
right bank | from ahead, 8            | ○· ·○ ○○ ·○ ○· ○○ ○○ ○○ ○○
right bank | from behind, 8           | ○· ·○ ○○ ·○ ○· ○○ ○○ ○○ ○○
left bank  | calm                     | ·● ●· ●● ○· ·○ ●● ○○ ○○ ●●
left bank  | breath from the right, 1 | ·● ○· ○● ○· ·○ ○● ○○ ○○ ○●
left bank  | from the right, 4        | ·● ·· ·● ·· ·○ ·● ·○ ·○ ·●
left bank  | from the left, 4         | ·· ●· ●· ○· ·· ●· ○· ○· ●·
left bank  | from ahead, 8            | ·○ ○· ○○ ○· ·○ ○○ ○○ ○○ ○○
left bank  | from behind, 8           | ·○ ○· ○○ ○· ·○ ○○ ○○ ○○ ○○
no current | calm                     | ●● ●● ●● ○○ ○○ ●● ○○ ○○ ●●
no current | breath from the right, 1 | ○● ○● ○● ○○ ○○ ○● ○○ ○○ ○●
no current | from the right, 4        | ·● ·● ·● ·○ ·○ ·● ·○ ·○ ·●
no current | from the left, 4         | ●· ●· ●· ○· ○· ●· ○· ○· ●·
no current | from ahead, 8            | ○○ ○○ ○○ ○○ ○○ ○○ ○○ ○○ ○○
no current | from behind, 8           | ○○ ○○ ○○ ○○ ○○ ○○ ○○ ○○ ○○
`
const BANKS: Readonly<Record<string, Side | null>> = {
  'right bank': 'right',
  'left bank': 'left',
  'no current': null,
}

test.each(['right', 'left'] as const)(
  'the table for the %s hand: the stronger hand is said, never judged',
  (hand) => {
    const rows = Object.entries(BANKS).flatMap(([name, bank]) =>
      Object.entries(WINDS).map(([wind, [fromDeg, mps]]) => {
        const setting: CastSetting = {
          hand,
          bank,
          wind: { fromDeg, mps },
          roomM: 30,
          rig: { rodLengthM: 13 * M_PER_FOOT, style: 'skagit', headLengthM: 22 * M_PER_FOOT, tipLengthM: 3 },
        }
        const choices = chooseCasts(setting)
        for (const { side, reasons } of choices) expect(reasons.includes('strong-hand')).toBe(side === hand)
        const of = (cast: string, side: Side): string =>
          LETTERS[choices.find((each) => each.cast === cast && each.side === side)?.fit ?? 'no']
        const fits = CAST_NAMES.map((cast) => of(cast, 'right') + of(cast, 'left')).join(' ')
        return `${name.padEnd(10)} | ${wind.padEnd(24)} | ${fits}`
      }),
    )
    expect(rows.join('\n')).toBe(TABLE.trim())
  },
)

test('a wind is said by the nearest eighth of the way round', () => {
  expect([0, 22, 23, 180, 338, 359, -45, 405].map(nearestQuarter)).toEqual([0, 0, 45, 180, 0, 0, 315, 45])
})
