import { describe, expect, it } from 'vitest'
import { distanceTo, inside } from '../src/lib/zones'

const square = [0, 0, 10, 0, 10, 10, 0, 10]
const hole = [4, 4, 6, 4, 6, 6, 4, 6]

describe('places of the chart', () => {
  it('are inside a ring and outside its hole, whichever way it runs', () => {
    const turned = [...Array(4).keys()].reverse().flatMap((k) => [square[2 * k]!, square[2 * k + 1]!])
    for (const ring of [square, turned]) {
      expect(inside([ring], { x: 5, y: 5 })).toBe(true)
      expect(inside([ring, hole], { x: 5, y: 5 })).toBe(false)
      expect(inside([ring, hole], { x: 2, y: 5 })).toBe(true)
      expect(inside([ring, hole], { x: 12, y: 5 })).toBe(false)
    }
  })

  // As many of evenly spaced places lie inside as the area says.
  it('fill as much as the area', () => {
    const triangle = [1, 1, 9, 2, 4, 8]
    let count = 0
    for (let x = 0.05; x < 10; x += 0.1)
      for (let y = 0.05; y < 10; y += 0.1) count += Number(inside([triangle], { x, y }))
    const area = Math.abs((9 - 1) * (8 - 1) - (4 - 1) * (2 - 1)) / 2
    expect(count / 100).toBeCloseTo(area, 0)
  })

  it('are as far from a line as its nearest point', () => {
    const path = [0, 0, 10, 0, 10, 10]
    expect(distanceTo(path, { x: 5, y: 3 })).toBeCloseTo(3)
    expect(distanceTo(path, { x: -3, y: -4 })).toBeCloseTo(5)
    expect(distanceTo(path, { x: 12, y: 5 })).toBeCloseTo(2)
    for (let t = 0; t <= 1; t += 0.1) expect(distanceTo(path, { x: 10, y: 10 * t })).toBeCloseTo(0)
  })
})
