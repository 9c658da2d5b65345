import { PHOTO_CHARACTERS } from '@hoxen/core/journal'
import { imageDimensionsFromStream } from 'image-dimensions'

/** Longest sides [px] and qualities that are tried, until it is small enough. */
const TRIES = [
  [1280, 0.8],
  [1280, 0.6],
  [960, 0.6],
  [720, 0.5],
  [480, 0.5],
] as const

/** A picture larger than this has no place on a phone: as a file [bytes], and opened [px]. */
const MOST_BYTES = 100_000_000
const MOST_PIXELS = 120_000_000

/** Opened no larger than the longest side that is kept. */
function shrinking({
  width,
  height,
}: {
  readonly width: number
  readonly height: number
}): ImageBitmapOptions {
  const [[longest]] = TRIES
  if (Math.max(width, height) <= longest) return {}
  // Which of the two is the width once it is turned upright does not matter: one is asked for, the other follows.
  return {
    resizeQuality: 'high',
    ...(width >= height ? { resizeWidth: longest } : { resizeHeight: longest }),
  }
}

/** A photo, made so small that many fit: a JPEG as a data URL. What it was taken with and where is left out. @throws in words for the angler */
export async function shrunk(file: File): Promise<string> {
  const megabytes = Math.round(file.size / 1_000_000)
  if (file.size > MOST_BYTES)
    throw new Error(`A photo of ${megabytes} MB is too large to open here. Nothing was changed.`)
  // Its size is read before it is opened: a small file may hold a picture no phone has room for.
  const size = await imageDimensionsFromStream(file.stream()).catch(() => undefined)
  if (size !== undefined && size.width * size.height > MOST_PIXELS)
    throw new Error(
      `A photo of ${size.width} × ${size.height} pixels is too large to open here. Nothing was changed.`,
    )
  const picture = await createImageBitmap(file, {
    imageOrientation: 'from-image',
    ...(size === undefined ? {} : shrinking(size)),
  }).catch(() => undefined)
  if (picture === undefined)
    throw new Error(
      `This browser cannot open “${file.name}” as a photo${megabytes > 20 ? ` (${megabytes} MB)` : ''}. Try a JPEG or PNG. Nothing was changed.`,
    )
  try {
    for (const [side, quality] of TRIES) {
      const data = drawn(picture, side, quality)
      if (data.length <= PHOTO_CHARACTERS) return data
    }
  } finally {
    picture.close()
  }
  throw new Error('The photo couldn’t be made small enough. Nothing was changed.')
}

function drawn(picture: ImageBitmap, side: number, quality: number): string {
  const scale = Math.min(1, side / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(picture.width * scale))
  canvas.height = Math.max(1, Math.round(picture.height * scale))
  const ink = canvas.getContext('2d')
  if (ink === null) throw new Error('This browser can’t process the photo. Nothing was changed.')
  ink.drawImage(picture, 0, 0, canvas.width, canvas.height)
  return canvas.toDataURL('image/jpeg', quality)
}
