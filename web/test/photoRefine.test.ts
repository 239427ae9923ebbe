import { describe, expect, it } from 'vitest'
import { edgeAlong, refine } from '../src/lib/photoRefine'

/** Dark to the left of a straight edge, light to its right, softened over some pixels. */
function step(at: number, soft: number, contrast = 80) {
  const [width, height] = [120, 120]
  const data = new Uint8ClampedArray(4 * width * height)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      for (let c = 0; c < 3; c++)
        data[4 * (y * width + x) + c] = 90 + contrast / (1 + Math.exp(-(x - at) / soft))
  return { width, height, data }
}

describe('points brought to edges', () => {
  it('finds a step to half a pixel from either side', () => {
    for (const at of [55, 58.4, 63.7])
      for (const soft of [0.7, 1.5]) {
        expect(60 + edgeAlong(step(at, soft), { x: 60, y: 60 }, { x: 1, y: 0 }, 10)!).toBeCloseTo(at, 0)
        expect(60 - edgeAlong(step(at, soft), { x: 60, y: 60 }, { x: -1, y: 0 }, 10)!).toBeCloseTo(at, 0)
      }
  })

  it('leaves a point alone where nothing is clear, or a person has set it', () => {
    expect(edgeAlong(step(60, 1, 0), { x: 60, y: 60 }, { x: 1, y: 0 }, 10)).toBeNull()
    const points = [
      { place: 'exocanthion_right', x: 20, y: 40, sure: 0.6, byHand: true },
      { place: 'exocanthion_left', x: 100, y: 40, sure: 0.6, byHand: true },
      { place: 'alare_left', x: 61, y: 60, sure: 0.6, byHand: true },
    ]
    expect(refine(points, step(62, 1))).toEqual(points)
    const moved = refine([...points.slice(0, 2), { ...points[2]!, byHand: false }], step(62, 0.4))[2]!
    expect(moved.x).toBeCloseTo(62, 0)
    expect(moved.sure).toBeGreaterThan(0.6)
  })
})
