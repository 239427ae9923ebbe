import { cardAround } from './photoCard'

/** A photo of a practice sheet, made into a picture from straight above. It is measured by the service and kept nowhere. */

/** Fine enough for a line of half a millimetre. */
export const STEP_MM = 0.25

interface Pixels {
  width: number
  height: number
  data: Uint8ClampedArray
}

/** Paper is lit unevenly, a card may fill the picture, and paint takes ground away from it. */
const PAPER = { alike: 70, most: 0.98, bulge: 2.2 }
/** A frame takes up this much of the picture at least. */
const LEAST_FRAME = 0.08
const TRIED: readonly [number, number][] = [
  [0.5, 0.5],
  [0.35, 0.35],
  [0.65, 0.35],
  [0.35, 0.65],
  [0.65, 0.65],
  [0.5, 0.3],
  [0.5, 0.7],
]

/** Corners of a card's frame, from the upper left round the way, its long side across; null when none is found. */
export function frameIn(picture: Pixels): number[] | null {
  let best: number[] | null = null
  for (const [x, y] of TRIED) {
    const corners = cardAround(picture, x * picture.width, y * picture.height, PAPER)
    if (corners && (!best || areaOf(corners) > areaOf(best))) best = corners
  }
  return best && areaOf(best) > LEAST_FRAME * picture.width * picture.height ? ordered(best) : null
}

/** Where nothing was found: corners to be dragged. */
export function cornersToDrag(picture: { width: number; height: number }): number[] {
  const [w, h] = [picture.width, picture.height]
  return [0.15 * w, 0.15 * h, 0.85 * w, 0.15 * h, 0.85 * w, 0.85 * h, 0.15 * w, 0.85 * h]
}

const points = (flat: readonly number[]) =>
  Array.from({ length: flat.length / 2 }, (_, k) => [flat[2 * k]!, flat[2 * k + 1]!] as const)

function areaOf(flat: readonly number[]): number {
  const ring = points(flat)
  return (
    Math.abs(
      ring.reduce((sum, [x, y], k) => {
        const [u, v] = ring[(k + 1) % ring.length]!
        return sum + x * v - u * y
      }, 0),
    ) / 2
  )
}

/** Clockwise as one sees it, a long side first, and of the two that begin so the one that begins farther up and left. */
function ordered(flat: number[]): number[] {
  const ring = [...points(flat)]
  const turned = ring.reduce((sum, [x, y], k) => {
    const [u, v] = ring[(k + 1) % 4]!
    return sum + x * v - u * y
  }, 0)
  if (turned < 0) ring.reverse()
  const side = (k: number) => {
    const [a, b] = [ring[k % 4]!, ring[(k + 1) % 4]!]
    return Math.hypot(b[0] - a[0], b[1] - a[1])
  }
  const first = side(0) + side(2) >= side(1) + side(3) ? 0 : 1
  const [a, b] = [ring[first]!, ring[first + 2]!]
  const start = a[0] + a[1] <= b[0] + b[1] ? first : first + 2
  return [0, 1, 2, 3].flatMap((k) => [...ring[(start + k) % 4]!])
}

/** Whether three of four places lie in a line. */
const inLine = (flat: readonly number[]) =>
  [0, 1, 2, 3].some((left) => {
    const [a, b, c] = points(flat).filter((_, k) => k !== left)
    return Math.abs((b![0] - a![0]) * (c![1] - a![1]) - (b![1] - a![1]) * (c![0] - a![0])) < 1e-6
  })

/**
 * The eight numbers of the map that takes four places to four others (direct linear transform; Hartley and Zisserman 2004, 4.1); null where three
 * of them lie in a line.
 */
export function homography(from: readonly number[], to: readonly number[]): number[] | null {
  if (inLine(from) || inLine(to)) return null
  const rows: number[][] = []
  for (let k = 0; k < 4; k++) {
    const [x, y, u, v] = [from[2 * k]!, from[2 * k + 1]!, to[2 * k]!, to[2 * k + 1]!]
    rows.push([x, y, 1, 0, 0, 0, -u * x, -u * y, u], [0, 0, 0, x, y, 1, -v * x, -v * y, v])
  }
  // Gauss, the largest first.
  for (let c = 0; c < 8; c++) {
    let pivot = c
    for (let r = c + 1; r < 8; r++) if (Math.abs(rows[r]![c]!) > Math.abs(rows[pivot]![c]!)) pivot = r
    ;[rows[c], rows[pivot]] = [rows[pivot]!, rows[c]!]
    for (let r = 0; r < 8; r++) {
      if (r === c) continue
      const times = rows[r]![c]! / rows[c]![c]!
      for (let k = c; k < 9; k++) rows[r]![k]! -= times * rows[c]![k]!
    }
  }
  return rows.map((row, k) => row[8]! / row[k]!)
}

export function mapped(h: readonly number[], x: number, y: number): [number, number] {
  const w = h[6]! * x + h[7]! * y + 1
  return [(h[0]! * x + h[1]! * y + h[2]!) / w, (h[3]! * x + h[4]! * y + h[5]!) / w]
}

/** The sheet from straight above: three bytes a point, row by row; null where the corners are no sheet. */
export function fromAbove(
  picture: Pixels,
  corners: readonly number[],
  marks: readonly number[],
  widthMm: number,
  heightMm: number,
): { rgb: Uint8Array; columns: number; rows: number } | null {
  const h = homography(marks, corners)
  if (!h) return null
  const [columns, rows] = [Math.ceil(widthMm / STEP_MM), Math.ceil(heightMm / STEP_MM)]
  const rgb = new Uint8Array(3 * columns * rows)
  const { width, height, data } = picture
  for (let j = 0; j < rows; j++)
    for (let i = 0; i < columns; i++) {
      const [px, py] = mapped(h, (i + 0.5) * STEP_MM, (j + 0.5) * STEP_MM)
      const x = Math.max(0, Math.min(width - 1.001, px - 0.5))
      const y = Math.max(0, Math.min(height - 1.001, py - 0.5))
      const [a, b] = [Math.floor(x), Math.floor(y)]
      const [s, t] = [x - a, y - b]
      const at = 4 * (b * width + a)
      for (let c = 0; c < 3; c++)
        rgb[3 * (j * columns + i) + c] = Math.round(
          (1 - t) * ((1 - s) * data[at + c]! + s * data[at + 4 + c]!) +
            t * ((1 - s) * data[at + 4 * width + c]! + s * data[at + 4 * width + 4 + c]!),
        )
    }
  return { rgb, columns, rows }
}

/** As text, a piece at a time: a long list of arguments is too much for a call. */
export function base64(bytes: Uint8Array): string {
  let text = ''
  for (let k = 0; k < bytes.length; k += 8192) text += String.fromCharCode(...bytes.subarray(k, k + 8192))
  return btoa(text)
}
