import { expect, test } from '@jest/globals'
import jsQR from 'jsqr'
import { codeOf } from './codeOf.ts'

/** Draws the code as a camera would see it: eight pixels a square, a white border. */
function seen(path: string, side: number): { data: Uint8ClampedArray; width: number } {
  const [px, edge] = [8, 4]
  const width = (side + 2 * edge) * px
  const data = new Uint8ClampedArray(width * width * 4).fill(255)
  for (const [, x, y] of path.matchAll(/M(\d+) (\d+)h1/g))
    for (let i = 0; i < px * px; i++) {
      const [dx, dy] = [i % px, Math.floor(i / px)]
      const at = (((Number(y) + edge) * px + dy) * width + (Number(x) + edge) * px + dx) * 4
      data.fill(0, at, at + 3)
    }
  return { data, width }
}

// Read back by a decoder that knows nothing of us [ISO/IEC 18004].
test.each([
  ['https://a-host.example/hoxen/#/gear/item/t-11-10-ft'],
  [`https://a-host.example/#/match/shared/${'aZ09-_'.repeat(250)}`],
])('a decoder reads %.60p back', (text) => {
  const code = codeOf(text)
  if (code === undefined) throw new Error('no code')
  const { data, width } = seen(code.path, code.side)
  expect(jsQR(data, width, width)?.data).toBe(text)
})

test('a text longer than any code holds gives none', () => expect(codeOf('x'.repeat(4000))).toBeUndefined())
