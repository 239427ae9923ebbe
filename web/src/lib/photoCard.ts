/** A card in a picture, found from a place on it. */

interface Pixels {
  width: number
  height: number
  data: Uint8ClampedArray
}

/** Neighbours of one colour differ by less than this, of 255 in each channel. */
const ALIKE = 26
const LEAST_SHARE = 0.002
const MOST_SHARE = 0.3

/** How much larger a card's outline may be than its own pixels; a hand or a face bulges and bends more. */
const MOST_BULGE = 1.14

/**
 * The four corners of what has one colour around a place, x and y by turns and round the way; null when it is no card.
 */
export function cardAround(
  picture: Pixels,
  x: number,
  y: number,
  { alike = ALIKE, most = MOST_SHARE, bulge = MOST_BULGE } = {},
): number[] | null {
  const region = sameColour(picture, Math.round(x), Math.round(y), alike)
  const area = picture.width * picture.height
  if (!region || region.count < LEAST_SHARE * area || region.count > most * area) return null
  const outline = hull(region.edge)
  const rough = fourCorners(outline)
  if (!rough) return null
  const corners = straightened(rough, region.edge)
  if (onSides(corners, region.edge) < LEAST_ON_SIDES) return null
  const size = areaOf(corners)
  return size > bulge * region.count || region.count > bulge * size ? null : corners.flat()
}

type At = [number, number]

function sameColour(
  picture: Pixels,
  x: number,
  y: number,
  alike: number,
): { count: number; edge: At[] } | null {
  const { width, height, data } = picture
  if (x < 0 || y < 0 || x >= width || y >= height) return null
  const taken = new Uint8Array(width * height)
  const from = 4 * (y * width + x)
  const like = (n: number) =>
    Math.abs(data[4 * n]! - data[from]!) < alike &&
    Math.abs(data[4 * n + 1]! - data[from + 1]!) < alike &&
    Math.abs(data[4 * n + 2]! - data[from + 2]!) < alike
  const open = [y * width + x]
  taken[open[0]!] = 1
  const left = new Int32Array(height).fill(width)
  const right = new Int32Array(height).fill(-1)
  let count = 0
  while (open.length) {
    const n = open.pop()!
    count++
    const [i, j] = [n % width, Math.floor(n / width)]
    left[j] = Math.min(left[j]!, i)
    right[j] = Math.max(right[j]!, i)
    for (const next of [i > 0 ? n - 1 : -1, i < width - 1 ? n + 1 : -1, n - width, n + width])
      if (next >= 0 && next < width * height && !taken[next] && like(next)) {
        taken[next] = 1
        open.push(next)
      }
  }
  const edge: At[] = []
  for (let j = 0; j < height; j++)
    if (right[j]! >= 0) {
      // A pixel is a square; its corners are what counts.
      for (const i of [left[j]!, right[j]! + 1]) edge.push([i, j], [i, j + 1])
    }
  return { count, edge }
}

const turn = (o: At, a: At, b: At) => (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0])

/** Convex hull (Andrew 1979). */
function hull(points: At[]): At[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1])
  const half = (all: At[]) => {
    const kept: At[] = []
    for (const p of all) {
      while (kept.length >= 2 && turn(kept.at(-2)!, kept.at(-1)!, p) <= 0) kept.pop()
      kept.push(p)
    }
    kept.pop()
    return kept
  }
  return [...half(sorted), ...half(sorted.reverse())]
}

const areaOf = (ring: At[]) =>
  Math.abs(ring.reduce((sum, p, k) => sum + turn([0, 0], p, ring[(k + 1) % ring.length]!), 0)) / 2

/** Sides drawn straight through the edge along them, away from their ends, and met anew: a corner is cut by noise, a side is not. */
function straightened(rough: At[], edge: At[]): At[] {
  const sides = rough.map((a, k) => {
    const b = rough[(k + 1) % 4]!
    const long = Math.hypot(b[0] - a[0], b[1] - a[1])
    const along = edge.filter((p) => {
      const t = ((p[0] - a[0]) * (b[0] - a[0]) + (p[1] - a[1]) * (b[1] - a[1])) / long ** 2
      return t > END && t < 1 - END && Math.abs(turn(a, b, p)) / long < NEAR_PX
    })
    return along.length < 8 ? ([a, b] as const) : fitted(along)
  })
  return sides.map((side, k) => met(sides[(k + 3) % 4]!, side) ?? rough[k]!)
}

/** Share of the edge that lies on the four sides. */
function onSides(corners: At[], edge: At[]): number {
  const near = edge.filter((p) =>
    corners.some((a, k) => {
      const b = corners[(k + 1) % 4]!
      return Math.abs(turn(a, b, p)) / Math.hypot(b[0] - a[0], b[1] - a[1]) < NEAR_PX / 1.6
    }),
  )
  return near.length / edge.length
}

const LEAST_ON_SIDES = 0.85
const END = 0.12
const NEAR_PX = 4

/** The line with the least squares of distances: its middle, and another of its points. */
function fitted(points: At[]): readonly [At, At] {
  const mean = (c: 0 | 1) => points.reduce((sum, p) => sum + p[c], 0) / points.length
  const [x, y] = [mean(0), mean(1)]
  const of = (f: (dx: number, dy: number) => number) =>
    points.reduce((sum, p) => sum + f(p[0] - x, p[1] - y), 0)
  const way =
    Math.atan2(
      2 * of((dx, dy) => dx * dy),
      of((dx, dy) => dx * dx - dy * dy),
    ) / 2
  return [
    [x, y],
    [x + Math.cos(way), y + Math.sin(way)],
  ]
}

function met([a, b]: readonly [At, At], [c, d]: readonly [At, At]): At | null {
  const across = (b[0] - a[0]) * (d[1] - c[1]) - (b[1] - a[1]) * (d[0] - c[0])
  if (Math.abs(across) < 1e-9) return null
  const t = ((c[0] - a[0]) * (d[1] - c[1]) - (c[1] - a[1]) * (d[0] - c[0])) / across
  return [a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])]
}

/** Drops the corner that matters least until four are left. */
function fourCorners(ring: At[]): At[] | null {
  const left = [...ring]
  while (left.length > 4) {
    let [least, at] = [Infinity, 0]
    for (let k = 0; k < left.length; k++) {
      const lost = Math.abs(
        turn(left[(k + left.length - 1) % left.length]!, left[k]!, left[(k + 1) % left.length]!),
      )
      if (lost < least) [least, at] = [lost, k]
    }
    left.splice(at, 1)
  }
  return left.length === 4 ? left : null
}
