import type { FoundFace } from './faceFinder'

/** What to say to whoever sits before the camera, from the points of a face that was just found. */
export type Hint = 'nobody' | 'nearer' | 'turnMore' | 'turnBack' | 'holdStill' | 'taken'

export interface Steadiness {
  /** Looks in a row at which the head stood as before. */
  still: number
  last: { turn: number; size: number } | null
}

const STILL_LOOKS = 2
const TURN_SLACK_DEG = 6
const SIDE_DEG = [35, 80] as const
const FRONT_DEG = 12

/** Numbers of the points: outer eye corners and nose tip. */
const [RIGHT_EYE, LEFT_EYE, NOSE] = [33, 263, 1]

/** How far a head is turned, about: where the nose tip stands between the eyes. */
export function turnOf(points: readonly number[]): number {
  const x = (n: number) => points[2 * n]!
  const [right, left, nose] = [x(RIGHT_EYE), x(LEFT_EYE), x(NOSE)]
  const share = (nose - right) / (left - right || 1)
  // Half of the way is the front; the tip stands about half an eye distance before the corners.
  return (Math.atan2(0.5 - share, 0.55) * 180) / Math.PI
}

export function poseHint(
  face: FoundFace | null,
  wanted: 'front' | 'side',
  before: Steadiness,
): { hint: Hint; take: boolean; steady: Steadiness } {
  const start: Steadiness = { still: 0, last: null }
  if (!face) return { hint: 'nobody', take: false, steady: start }
  const turn = turnOf(face.points)
  const size = Math.abs(face.points[2 * LEFT_EYE]! - face.points[2 * RIGHT_EYE]!)
  const now = { turn, size }
  if (wanted === 'front' && Math.abs(turn) > FRONT_DEG)
    return { hint: 'turnBack', take: false, steady: start }
  if (wanted === 'side' && Math.abs(turn) < SIDE_DEG[0])
    return { hint: 'turnMore', take: false, steady: start }
  if (wanted === 'side' && Math.abs(turn) > SIDE_DEG[1])
    return { hint: 'turnBack', take: false, steady: start }
  if (wanted === 'front' && size < 60) return { hint: 'nearer', take: false, steady: start }
  const still =
    before.last &&
    Math.abs(before.last.turn - turn) < TURN_SLACK_DEG &&
    Math.abs(before.last.size / size - 1) < 0.08
      ? before.still + 1
      : 0
  return still >= STILL_LOOKS
    ? { hint: 'taken', take: true, steady: start }
    : { hint: 'holdStill', take: false, steady: { still, last: now } }
}
