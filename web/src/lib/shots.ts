import type { FacePhoto, FoundPoint, PhotoPlace } from '../api/types'
import type { FoundFace } from './faceFinder'

/** A photo in the painter's hands: the picture stays here, its points go to the service. */
export interface Shot {
  id: number
  name: string
  canvas: HTMLCanvasElement
  /** For showing it. */
  url: string
  focalPx: number | null
  points: FoundPoint[]
  irisPx: number | null
  /** Corners of a card, or the ends of a ruler, x and y by turns. */
  held: number[] | null
  against: 'forehead' | 'chin'
  /** Length of a card or ruler, mm. */
  longMm: number
  /** Something white, where a colour can be taken by it. */
  white: { x: number; y: number } | null
  /** Several faces were found; which of them this is. */
  faces: number
}

export const CARD_LONG_MM = 85.6
export const CARD_SHORT_MM = 53.98
/** What is marked on a ruler, unless said otherwise. */
export const RULER_MM = 100

/** A colour of bare skin with how a screen shows it. */
export interface SkinTone {
  l: number
  a: number
  b: number
  hex: string
}

/** What a point by itself is worth before a person has looked at it; at the rim of a face it is where the face ends, not a place of it. */
const UNCHECKED = 0.6
const RIM = 0.3
const RIM_SPREAD_MM = 4

/** Landmarks half way between two points: where closed lips meet, and the tip of the nose. */
const MIDDLES: readonly { place: string; of: readonly [number, number] }[] = [
  { place: 'mouth_line', of: [13, 14] },
  { place: 'pronasale', of: [1, 4] },
]

/** The points of a found face by name. */
export function pointsOf(face: FoundFace, places: readonly PhotoPlace[]): FoundPoint[] {
  const between = (a: number, b: number, c: 0 | 1) => (face.points[2 * a + c]! + face.points[2 * b + c]!) / 2
  const middles = MIDDLES.filter((m) =>
    places.some((p) => p.name === m.place && (p.number ?? null) === null),
  ).map(({ place, of: [a, b] }) => ({
    place,
    x: between(a, b, 0),
    y: between(a, b, 1),
    sure: UNCHECKED,
    byHand: false,
  }))
  const found = places
    .filter((p) => p.number !== null && p.number !== undefined)
    .map((p) => ({
      place: p.name,
      x: face.points[2 * p.number!]!,
      y: face.points[2 * p.number! + 1]!,
      sure: (p.spreadMm >= RIM_SPREAD_MM ? RIM : UNCHECKED) * Math.min(1, 0.5 + face.score / 2),
      byHand: false,
    }))
  return [...found, ...middles]
}

/** Those that a person sets where no face was found: enough to tell how a head stands. */
export const BY_HAND = [
  'exocanthion_right',
  'endocanthion_right',
  'endocanthion_left',
  'exocanthion_left',
  'sellion',
  'pronasale',
  'alare_right',
  'alare_left',
  'subnasale',
  'cheilion_right',
  'mouth_line',
  'cheilion_left',
  'gnathion',
  'brow_peak_right',
  'brow_peak_left',
]

/** The axis of the head stands so far behind the origin, mm. */
const AXIS_MM = 45

/** The points of a mean face laid over the middle of a picture, turned by so much, to be dragged where they belong. */
export function template(
  places: readonly PhotoPlace[],
  size: { width: number; height: number },
  turnDeg: number,
): FoundPoint[] {
  const turn = (turnDeg * Math.PI) / 180
  const scale = (0.42 * size.height) / 190
  return places
    .filter((p) => BY_HAND.includes(p.name))
    .filter((p) => Math.abs(turnDeg) < 45 || (p.atMm.x ?? 0) * Math.sign(turnDeg) > -4)
    .map((p) => ({ place: p.name, x: p.atMm.x ?? 0, y: p.atMm.y ?? 0, z: p.atMm.z ?? 0 }))
    .map(({ place, x, y, z }) => ({
      place,
      x: size.width / 2 + scale * (x * Math.cos(turn) - (z + AXIS_MM) * Math.sin(turn)),
      y: size.height / 2 - scale * y,
      sure: 1,
      byHand: true,
    }))
}

/** A point set by hand, whether it was there before or not. */
export function withPoint(points: readonly FoundPoint[], place: string, x: number, y: number): FoundPoint[] {
  return [...points.filter((p) => p.place !== place), { place, x, y, sure: 1, byHand: true }]
}

/** Whether a person has looked at the points: said so, or set them all. */
export const isChecked = (shot: Shot) => shot.points.every((p) => (p.sure ?? 1) >= 1)

/** The points as right as a person says they are. */
export const checked = (shot: Shot): Shot => ({
  ...shot,
  points: shot.points.map((p) => ({ ...p, sure: 1 })),
})

/** Whether a place is under what is held, or so near that its shade falls there. */
export function isUnder(held: readonly number[] | null, x: number, y: number): boolean {
  if (!held || held.length < 8) return false
  const [cx, cy] = [0, 1].map((c) => (held[c]! + held[c + 2]! + held[c + 4]! + held[c + 6]!) / 4)
  // Drawn in towards its middle by a tenth, so that the shade beside it counts too.
  const [px, py] = [cx! + (x - cx!) / 1.1, cy! + (y - cy!) / 1.1]
  const sides = [0, 2, 4, 6].map((k) => {
    const [ax, ay, bx, by] = [held[k]!, held[k + 1]!, held[(k + 2) % 8]!, held[(k + 3) % 8]!]
    return (bx - ax) * (py - ay) - (by - ay) * (px - ax)
  })
  return sides.every((s) => s >= 0) || sides.every((s) => s <= 0)
}

/** What the service is told of a photo: numbers alone. */
export function photoOf(shot: Shot): FacePhoto {
  const card = shot.held?.length === 8
  return {
    widthPx: shot.canvas.width,
    heightPx: shot.canvas.height,
    points: shot.points,
    focalPx: shot.focalPx,
    held: shot.held
      ? {
          against: shot.against,
          corners: shot.held,
          longMm: shot.longMm,
          shortMm: card ? (CARD_SHORT_MM * shot.longMm) / CARD_LONG_MM : 10,
        }
      : null,
    irisPx: shot.irisPx && shot.irisPx >= 3 ? shot.irisPx : null,
  }
}

/** Mean colours of three by three pixels at places of a picture, three bytes each. */
export function coloursAt(picture: ImageData, px: readonly number[]): Uint8Array {
  const colours = new Uint8Array((px.length / 2) * 3)
  for (let k = 0; k < px.length / 2; k++) {
    const [x, y] = [Math.round(px[2 * k]!), Math.round(px[2 * k + 1]!)]
    const sum = [0, 0, 0]
    let count = 0
    for (let j = y - 1; j <= y + 1; j++)
      for (let i = x - 1; i <= x + 1; i++) {
        if (i < 0 || j < 0 || i >= picture.width || j >= picture.height) continue
        const at = 4 * (j * picture.width + i)
        for (let c = 0; c < 3; c++) sum[c]! += picture.data[at + c]!
        count++
      }
    for (let c = 0; c < 3; c++) colours[3 * k + c] = count ? Math.round(sum[c]! / count) : 0
  }
  return colours
}

/** Bytes as the service reads them. */
export function asBase64(bytes: Uint8Array): string {
  let text = ''
  for (let k = 0; k < bytes.length; k += 8192) text += String.fromCharCode(...bytes.subarray(k, k + 8192))
  return btoa(text)
}

/** All of a picture's pixels. */
export const pixelsOf = (canvas: HTMLCanvasElement) =>
  canvas.getContext('2d', { willReadFrequently: true })!.getImageData(0, 0, canvas.width, canvas.height)
