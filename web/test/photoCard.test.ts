import { describe, expect, it } from 'vitest'
import { cardAround } from '../src/lib/photoCard'

/** A picture with a slanted light quadrilateral on a dark ground, and noise. */
function picture(corners: number[], width = 400, height = 300) {
  const data = new Uint8ClampedArray(4 * width * height)
  let seed = 7
  const noise = () => ((seed = (seed * 16807) % 2147483647) / 2147483647 - 0.5) * 12
  const inside = (x: number, y: number) =>
    [0, 1, 2, 3].every((k) => {
      const [ax, ay] = [corners[2 * k]!, corners[2 * k + 1]!]
      const [bx, by] = [corners[(2 * k + 2) % 8]!, corners[(2 * k + 3) % 8]!]
      return (bx - ax) * (y - ay) - (by - ay) * (x - ax) >= 0
    })
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      for (let c = 0; c < 3; c++)
        data[4 * (y * width + x) + c] = (inside(x + 0.5, y + 0.5) ? 225 : 110) + noise()
  return { width, height, data }
}

const nearest = (found: number[], x: number, y: number) =>
  Math.min(...[0, 1, 2, 3].map((k) => Math.hypot(found[2 * k]! - x, found[2 * k + 1]! - y)))

describe('a card in a picture', () => {
  it('is found from a place on it, to a pixel and a half, however it slants', () => {
    for (const corners of [
      [100, 80, 300, 80, 300, 206, 100, 206],
      [110, 70, 300, 96, 290, 216, 96, 190],
      [150, 60, 260, 150, 190, 240, 78, 150],
    ]) {
      const found = cardAround(picture(corners), 190, 150)!
      for (let k = 0; k < 4; k++)
        expect(nearest(found, corners[2 * k]!, corners[2 * k + 1]!)).toBeLessThan(1.6)
    }
  })

  it('is none where there is only ground, or something round', () => {
    const one = picture([100, 80, 300, 80, 300, 206, 100, 206])
    expect(cardAround(one, 10, 10)).toBeNull()
    expect(cardAround(one, -5, 10)).toBeNull()
    const round = picture([0, 0, 0, 0, 0, 0, 0, 0])
    for (let y = 0; y < 300; y++)
      for (let x = 0; x < 400; x++)
        if (Math.hypot(x - 200, y - 150) < 70) round.data.fill(230, 4 * (y * 400 + x), 4 * (y * 400 + x) + 3)
    expect(cardAround(round, 200, 150)).toBeNull()
  })
})
