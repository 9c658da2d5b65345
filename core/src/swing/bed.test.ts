import { readFileSync } from 'node:fs'
import { expect, test } from '@jest/globals'
import { BED_CASES, type FineSwing, fineSwing, touchingSwings } from '../testing/bedSwings.ts'
import { LONG } from '../testing/long.ts'
import { SWING_THRESHOLDS, swingVerdict } from './index.ts'

/** Made by `npm run fine`; every fifteenth is worked out anew here, all of them in `npm run long`. */
const FINE_FILE = `${process.cwd()}/core/src/swing/bed.fine.json`
const ANEW = LONG ? 1 : 15

/** Whether the share decides, and lies so near a threshold that nobody could tell. */
const undecided = ({ reason, holdingShare }: FineSwing): boolean =>
  !['drags', 'grounded', 'no-swing'].includes(reason) && near(holdingShare)
const near = (share: number): boolean =>
  [SWING_THRESHOLDS.holdsShare, SWING_THRESHOLDS.breaksShare].some((at) => Math.abs(share - at) <= 0.03)

test(`near the bed the cut that is shown gives the verdict of one four times as fine, in ${BED_CASES} swings that touch`, () => {
  const fines = JSON.parse(readFileSync(FINE_FILE, 'utf8')) as readonly FineSwing[]
  const touching = touchingSwings()
  expect([touching.length, fines.length]).toEqual([BED_CASES, BED_CASES])
  let [same, left] = [0, 0]
  const sums = { hereM: 0, fineM: 0 }
  const times: number[] = []
  for (const [i, [input, here]] of touching.entries()) {
    const fine = fines[i]
    if (fine === undefined) throw new Error('no fine cut')
    // The file says what the code says.
    if (i % ANEW === 0) {
      const anew = fineSwing(input)
      expect([anew.outcome, anew.state, anew.reason]).toEqual([fine.outcome, fine.state, fine.reason])
      for (const figure of ['holdingShare', 'draggedM', 'swingS'] as const)
        expect(anew[figure]).toBeCloseTo(fine[figure], 6)
    }
    if (undecided(fine)) {
      left++
      continue
    }
    if (swingVerdict(here).state === fine.state) same++
    if (here.outcome !== fine.outcome) continue
    sums.hereM += here.summary.draggedM
    sums.fineM += fine.draggedM
    times.push(Math.abs(here.summary.swingS / fine.swingS - 1))
  }
  expect(left).toBeLessThanOrEqual(BED_CASES / 10)
  expect(same / (BED_CASES - left)).toBeGreaterThanOrEqual(0.97)
  // Time of the swing in nine cases of ten, and length dragged over all of them, within a twentieth.
  times.sort((a, b) => a - b)
  expect(times[Math.floor(0.9 * times.length)]).toBeLessThan(0.05)
  expect(Math.abs(sums.hereM / sums.fineM - 1)).toBeLessThan(0.05)
})
