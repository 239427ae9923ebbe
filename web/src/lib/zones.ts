import type { Body } from '../api/client'

export interface ChartPoint {
  x: number
  y: number
}

/** Whether a place lies inside rings of flat x, y pairs (even–odd rule over all of them). */
export function inside(rings: readonly (readonly number[])[], at: ChartPoint): boolean {
  let odd = false
  for (const ring of rings) {
    for (let k = 0, j = ring.length - 2; k < ring.length; j = k, k += 2) {
      const [xa, ya, xb, yb] = [ring[k]!, ring[k + 1]!, ring[j]!, ring[j + 1]!]
      if (ya > at.y !== yb > at.y && at.x < ((xb - xa) * (at.y - ya)) / (yb - ya) + xa) odd = !odd
    }
  }
  return odd
}

/** Name of the zone at a place of the chart, or null. */
export function zoneAt(body: Body, at: ChartPoint): string | null {
  for (const [name, rings] of Object.entries(body.zones)) if (inside(rings, at)) return name
  return null
}

/** Distance from a place to a path of flat x, y pairs, chart mm. */
export function distanceTo(path: readonly number[], at: ChartPoint): number {
  let best = Infinity
  for (let k = 2; k < path.length; k += 2) {
    const [ax, ay, bx, by] = [path[k - 2]!, path[k - 1]!, path[k]!, path[k + 1]!]
    const [dx, dy] = [bx - ax, by - ay]
    const length2 = dx * dx + dy * dy
    const t = length2 > 0 ? Math.min(1, Math.max(0, ((at.x - ax) * dx + (at.y - ay) * dy) / length2)) : 0
    best = Math.min(best, Math.hypot(at.x - ax - t * dx, at.y - ay - t * dy))
  }
  return best
}
