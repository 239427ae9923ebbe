import type { FoundPoint } from '../api/types'

/** Points of a face brought to the edges they stand for. A face finder guesses them; light and shade tell some of them better. */

interface Pixels {
  width: number
  height: number
  data: Uint8ClampedArray
}

/** Which points end at an edge, and on which way: along the eyes to the wearer's left, or down. */
const EDGES: readonly [place: string, way: 'out' | 'in' | 'down'][] = [
  ['alare_left', 'out'],
  ['alare_right', 'in'],
  ['cheilion_left', 'out'],
  ['cheilion_right', 'in'],
  ['exocanthion_left', 'out'],
  ['exocanthion_right', 'in'],
  ['endocanthion_left', 'in'],
  ['endocanthion_right', 'out'],
  ['gnathion', 'down'],
  ['subnasale', 'down'],
]

/** Looked for so far to each side, as a share of the distance of the outer eye corners (about 4 mm). */
const REACH = 0.045

/** An edge counts when it is so much steeper than what is around it. */
const CLEAR = 2.2

/** What a point on a clear edge is worth beside one that was only guessed. */
const BETTER = 1.5

export function refine(points: readonly FoundPoint[], picture: Pixels): FoundPoint[] {
  const at = new Map(points.map((p) => [p.place, p]))
  const [right, left] = [at.get('exocanthion_right'), at.get('exocanthion_left')]
  if (!right || !left) return [...points]
  const apart = Math.hypot(left.x - right.x, left.y - right.y)
  if (apart < 40) return [...points]
  const out = { x: (left.x - right.x) / apart, y: (left.y - right.y) / apart }
  const ways = { out, in: { x: -out.x, y: -out.y }, down: { x: -out.y, y: out.x } }
  const edges = new Map(EDGES)
  return points.map((p) => {
    const way = edges.get(p.place)
    if (!way || p.byHand) return p
    const shift = edgeAlong(picture, p, ways[way], REACH * apart)
    return shift === null
      ? p
      : {
          ...p,
          x: p.x + shift * ways[way].x,
          y: p.y + shift * ways[way].y,
          sure: Math.min(1, (p.sure ?? 1) * BETTER),
        }
  })
}

/** How far along a way the steepest change of brightness lies; null when none is clear. */
export function edgeAlong(
  picture: Pixels,
  from: { x: number; y: number },
  way: { x: number; y: number },
  reach: number,
): number | null {
  const half = Math.ceil(reach)
  const brightness: number[] = []
  for (let t = -half - 1; t <= half + 1; t++) {
    let sum = 0
    // Three lines side by side, so that a hair or a grain is no edge.
    for (const beside of [-1.5, 0, 1.5])
      sum += bright(picture, from.x + t * way.x - beside * way.y, from.y + t * way.y + beside * way.x)
    brightness.push(sum / 3)
  }
  const steep: number[] = []
  for (let k = 1; k + 1 < brightness.length; k++)
    steep.push(Math.abs(brightness[k + 1]! - brightness[k - 1]!) / 2)
  // What is near is likelier than what is far.
  const worth = steep.map((s, k) => s * Math.exp(-((k - half) ** 2) / (2 * (reach / 1.5) ** 2)))
  const best = worth.indexOf(Math.max(...worth))
  const usual = [...steep].sort((a, b) => a - b)[steep.length >> 1]!
  if (!(steep[best]! > 3) || steep[best]! < CLEAR * usual) return null
  // Between two pixels, by the parabola through three.
  const [a, b, c] = [steep[best - 1] ?? 0, steep[best]!, steep[best + 1] ?? 0]
  const between = a - 2 * b + c < 0 ? (0.5 * (a - c)) / (a - 2 * b + c) : 0
  return best - half + between
}

function bright(picture: Pixels, x: number, y: number): number {
  const [i, j] = [
    Math.max(0, Math.min(picture.width - 2, Math.floor(x))),
    Math.max(0, Math.min(picture.height - 2, Math.floor(y))),
  ]
  const [s, t] = [Math.max(0, Math.min(1, x - i)), Math.max(0, Math.min(1, y - j))]
  const of = (di: number, dj: number) => {
    const at = 4 * ((j + dj) * picture.width + i + di)
    return 0.3 * picture.data[at]! + 0.6 * picture.data[at + 1]! + 0.1 * picture.data[at + 2]!
  }
  return (1 - t) * ((1 - s) * of(0, 0) + s * of(1, 0)) + t * ((1 - s) * of(0, 1) + s * of(1, 1))
}
