import { dLoopOf, type Looped, type Stroke } from './room.ts'

/** The longest head looked for [m]. */
const LONGEST_M = 20

/** The longest head of a kind whose D loop this room takes [m]; 0 where it takes none. */
export function longestHeadM(looped: Omit<Looped, 'carriedM'>, roomM: number, stroke: Stroke): number {
  let [low, high] = [0, LONGEST_M]
  if (dLoopOf({ ...looped, carriedM: low }, stroke).behindM > roomM) return 0
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2
    if (dLoopOf({ ...looped, carriedM: middle }, stroke).behindM <= roomM) low = middle
    else high = middle
  }
  return low
}
