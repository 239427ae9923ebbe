import type { PinnedReference, TraceRequest } from '../api/client'

/** A place in a picture, in its own pixels. */
export interface Spot {
  x: number
  y: number
}

/** How many landmarks say how a picture lies on a face. */
export const MATCHES = 3

/** What most pictures of a face show. */
export const USUAL_LANDMARKS = ['exocanthion_right', 'exocanthion_left', 'mouth_line']

/** Points of a stroke drawn by hand, no closer than this share of the picture's longer side. */
const SPACING = 1 / 90

/** Where a picture shows the face from, degrees towards the wearer's left. */
export const SEEN_FROM = {
  front: 0,
  leftQuarter: 45,
  rightQuarter: -45,
  leftSide: 90,
  rightSide: -90,
} as const

/**
 * SVG transform of a pinned picture: in the middle of its place, as large as it just fits, then sized, turned and mirrored.
 */
export function held(
  pin: PinnedReference,
  picture: { width: number; height: number },
  place: { width: number; height: number },
  moved: Spot,
): string {
  const fits = Math.min(place.width / picture.width, place.height / picture.height)
  const scale = (fits * (pin.sizePercent ?? 100)) / 100
  const at = `${place.width / 2 + moved.x} ${place.height / 2 + moved.y}`
  const sides = pin.mirrored ? -1 : 1
  return `translate(${at}) rotate(${pin.turnDeg ?? 0}) scale(${sides * scale} ${scale}) translate(${-picture.width / 2} ${-picture.height / 2})`
}

/** One more place of a stroke, unless it is too near the last one. */
export function further(stroke: Spot[], at: Spot, picture: { width: number; height: number }): Spot[] {
  const last = stroke.at(-1)
  const near = SPACING * Math.max(picture.width, picture.height)
  return last && Math.hypot(last.x - at.x, last.y - at.y) < near ? stroke : [...stroke, at]
}

/** What the service reckons the line from; null until there is enough. */
export function traceOf(
  landmarks: readonly string[],
  matches: readonly (Spot | null)[],
  points: readonly Spot[],
  fromDeg: number | null,
  closed: boolean,
): TraceRequest | null {
  const found = landmarks.map((at, k) => ({ at, spot: matches[k] ?? null }))
  if (found.some((f) => !f.spot) || points.length < 2) return null
  return {
    landmarks: found.map(({ at, spot }) => ({ at, x: spot!.x, y: spot!.y })),
    points: points.flatMap((p) => [p.x, p.y]),
    fromDeg,
    closed,
  }
}
