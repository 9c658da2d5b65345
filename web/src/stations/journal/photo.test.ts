import { expect, jest, test } from '@jest/globals'
import { shrunk } from './photo.ts'

/** The head of a PNG that claims to be so large (ISO/IEC 15948: signature, IHDR). */
function png(width: number, height: number): File {
  const bytes = Buffer.alloc(33)
  bytes.write('89504e470d0a1a0a0000000d49484452', 'hex')
  bytes.writeUInt32BE(width, 16)
  bytes.writeUInt32BE(height, 20)
  bytes.write('0802000000', 24, 'hex')
  return new File([bytes], 'photo.png', { type: 'image/png' })
}

test('a small file that holds a picture no phone has room for is refused before it is opened; others are opened no larger than they are kept', async () => {
  const opened = jest.fn<(file: File, options: ImageBitmapOptions) => Promise<ImageBitmap>>(async () => {
    throw new Error('not in the tests')
  })
  Object.assign(globalThis, { createImageBitmap: opened })
  await expect(shrunk(png(30_000, 30_000))).rejects.toThrow(/30000 × 30000 pixels is too large/)
  expect(opened).not.toHaveBeenCalled()
  await expect(shrunk(png(4000, 3000))).rejects.toThrow(/cannot open “photo.png”/)
  await expect(shrunk(png(600, 800))).rejects.toThrow(/cannot open/)
  expect(opened.mock.calls.map(([, options]) => options)).toEqual([
    { imageOrientation: 'from-image', resizeQuality: 'high', resizeWidth: 1280 },
    { imageOrientation: 'from-image' },
  ])
})
