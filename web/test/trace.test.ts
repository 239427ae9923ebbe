import { describe, expect, it } from 'vitest'
import { further, held, SEEN_FROM, traceOf, USUAL_LANDMARKS } from '../src/lib/trace'

const PICTURE = { width: 600, height: 760 }
const PLACE = { width: 400, height: 500 }

/** Where a transform puts a place of the picture. */
function put(transform: string, x: number, y: number) {
  const steps = [...transform.matchAll(/(\w+)\(([^)]*)\)/g)].map(
    ([, name, values]) => [name!, values!.split(/[ ,]+/).map(Number)] as const,
  )
  return steps.reduceRight(
    (at, [name, v]) => {
      if (name === 'translate') return { x: at.x + v[0]!, y: at.y + v[1]! }
      if (name === 'scale') return { x: at.x * v[0]!, y: at.y * v[1]! }
      const turn = (v[0]! * Math.PI) / 180
      return {
        x: at.x * Math.cos(turn) - at.y * Math.sin(turn),
        y: at.x * Math.sin(turn) + at.y * Math.cos(turn),
      }
    },
    { x, y },
  )
}

describe('a pinned picture', () => {
  it('just fits its place, and its middle stays where it is however it is held', () => {
    const plain = held({ reference: 'a' }, PICTURE, PLACE, { x: 0, y: 0 })
    expect(put(plain, 0, 0).y).toBeCloseTo(0)
    expect(put(plain, 600, 760).y).toBeCloseTo(500)
    for (const pin of [{ sizePercent: 340 }, { turnDeg: 77 }, { mirrored: true }])
      expect(put(held({ reference: 'a', ...pin }, PICTURE, PLACE, { x: 0, y: 0 }), 300, 380)).toMatchObject({
        x: expect.closeTo(200),
        y: expect.closeTo(250),
      })
  })

  it('changes its sides over before it is turned', () => {
    const turned = held({ reference: 'a', turnDeg: 90, mirrored: true }, PICTURE, PLACE, { x: 0, y: 0 })
    // The upper left corner went to the upper right, and from there to the lower right.
    const corner = put(turned, 0, 0)
    expect(corner.x).toBeGreaterThan(200)
    expect(corner.y).toBeGreaterThan(250)
  })

  it('goes with the hand that moves it', () => {
    const [a, b] = [
      { x: 0, y: 0 },
      { x: 12, y: -7 },
    ].map((m) => put(held({ reference: 'a' }, PICTURE, PLACE, m), 10, 20))
    expect(b!.x - a!.x).toBeCloseTo(12)
    expect(b!.y - a!.y).toBeCloseTo(-7)
  })
})

describe('a trace', () => {
  const matches = [
    { x: 1, y: 2 },
    { x: 3, y: 4 },
    { x: 5, y: 6 },
  ]
  const points = [
    { x: 7, y: 8 },
    { x: 9, y: 10 },
  ]

  it('is not asked for before three landmarks and two points are there', () => {
    expect(traceOf(USUAL_LANDMARKS, [matches[0]!, null, matches[2]!], points, null, false)).toBeNull()
    expect(traceOf(USUAL_LANDMARKS, matches, points.slice(1), null, false)).toBeNull()
  })

  it('says what was pointed at, in order', () => {
    expect(traceOf(USUAL_LANDMARKS, matches, points, SEEN_FROM.leftSide, true)).toEqual({
      landmarks: [
        { at: 'exocanthion_right', x: 1, y: 2 },
        { at: 'exocanthion_left', x: 3, y: 4 },
        { at: 'mouth_line', x: 5, y: 6 },
      ],
      points: [7, 8, 9, 10],
      fromDeg: 90,
      closed: true,
    })
  })

  it('takes no places of a stroke that lie on top of each other', () => {
    const start = further([], { x: 0, y: 0 }, PICTURE)
    expect(further(start, { x: 3, y: 3 }, PICTURE)).toBe(start)
    expect(further(start, { x: 30, y: 3 }, PICTURE)).toHaveLength(2)
  })
})
