import { say } from '../texts'
/** Photos a painter takes of a card or of skin: read and averaged in the browser, never sent anywhere but to her own studio. */

export const MOST_BYTES = 30_000_000
const MOST_SIDE = 1400
const PATCH = 5

/** Reads a photo, small enough to work with. */
export async function readPhoto(file: File): Promise<HTMLCanvasElement> {
  if (file.size > MOST_BYTES)
    throw new Error(
      say('photo.thePhotoHasMbMbIs', { e6: Math.round(file.size / 1e6), e62: MOST_BYTES / 1e6 }),
    )
  let picture: ImageBitmap
  try {
    picture = await createImageBitmap(file)
  } catch {
    throw new Error(say('photo.isNoPhotoThatThisBrowser', { name: file.name }))
  }
  const scale = Math.min(1, MOST_SIDE / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(picture.width * scale))
  canvas.height = Math.max(1, Math.round(picture.height * scale))
  canvas.getContext('2d', { willReadFrequently: true })!.drawImage(picture, 0, 0, canvas.width, canvas.height)
  return canvas
}

/** As the studio keeps it, without what the camera wrote into the file. */
export function toKeep(canvas: HTMLCanvasElement): Promise<Blob> {
  return new Promise((done, failed) =>
    canvas.toBlob(
      (blob) => (blob ? done(blob) : failed(new Error(say('photo.cannotBeKept')))),
      'image/webp',
      0.92,
    ),
  )
}

/** Mean red, green and blue of a small patch, 0 to 255. */
export function meanOf(canvas: HTMLCanvasElement, x: number, y: number): [number, number, number] {
  const left = Math.max(0, Math.min(canvas.width - 1, Math.round(x)) - PATCH)
  const top = Math.max(0, Math.min(canvas.height - 1, Math.round(y)) - PATCH)
  const width = Math.min(2 * PATCH + 1, canvas.width - left)
  const height = Math.min(2 * PATCH + 1, canvas.height - top)
  const { data } = canvas
    .getContext('2d', { willReadFrequently: true })!
    .getImageData(left, top, width, height)
  const sum = [0, 0, 0]
  for (let n = 0; n < data.length; n += 4) for (let c = 0; c < 3; c++) sum[c]! += data[n + c]!
  const count = data.length / 4
  return [sum[0]! / count, sum[1]! / count, sum[2]! / count]
}
