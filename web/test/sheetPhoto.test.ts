import { describe, expect, it } from 'vitest'
import { base64, frameIn, fromAbove, homography, mapped, STEP_MM } from '../src/lib/sheetPhoto'

/** A card with a black frame, drawn as a camera would see it through a known map. */
const FRAME = [4, 4, 144, 4, 144, 101, 4, 101]

function photo(corners: number[], width = 560, height = 420) {
  const back = homography(corners, FRAME)!
  const data = new Uint8ClampedArray(4 * width * height)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [mx, my] = mapped(back, x + 0.5, y + 0.5)
      const inside = mx > 4 && mx < 144 && my > 4 && my < 101
      const onFrame = !inside && mx > 2.5 && mx < 145.5 && my > 2.5 && my < 102.5
      const onCard = mx > 0 && mx < 148 && my > 0 && my < 105
      // A stroke of paint, and light that falls off.
      const paint = inside && Math.abs(my - 50) < 3 && mx > 30 && mx < 120
      const grey = (paint ? 60 : onFrame ? 10 : onCard ? 240 : 70) * (1 - (0.15 * x) / width)
      data.set([grey, grey, grey, 255], 4 * (y * width + x))
    }
  return { width, height, data }
}

const SEEN = [60, 40, 500, 50, 530, 370, 40, 380]

describe('a sheet in a photo', () => {
  it('maps four places onto four others and back', () => {
    const h = homography(FRAME, SEEN)!
    for (let k = 0; k < 4; k++) {
      const [x, y] = mapped(h, FRAME[2 * k]!, FRAME[2 * k + 1]!)
      expect(x).toBeCloseTo(SEEN[2 * k]!, 6)
      expect(y).toBeCloseTo(SEEN[2 * k + 1]!, 6)
    }
    const back = homography(SEEN, FRAME)!
    const [x, y] = mapped(back, ...mapped(h, 70, 33))
    expect(x).toBeCloseTo(70, 6)
    expect(y).toBeCloseTo(33, 6)
  })

  it('is no map where three places lie in a line', () => {
    expect(homography(FRAME, [0, 0, 10, 0, 20, 0, 5, 9])).toBeNull()
  })

  it('finds the frame, paint or not, however the card lies', () => {
    const turns = [SEEN, [...SEEN.slice(4), ...SEEN.slice(0, 4)]]
    for (const corners of turns) {
      const found = frameIn(photo(corners))!
      expect(found).not.toBeNull()
      // From the upper left of the photo: the service turns it when its square is at the other end.
      found.forEach((v, k) => expect(Math.abs(v - SEEN[k]!)).toBeLessThan(3))
    }
  })

  it('finds none where there is none', () => {
    const grey = { width: 60, height: 60, data: new Uint8ClampedArray(4 * 3600).fill(128) }
    const found = frameIn(grey)
    // The whole picture is of one colour: at most its own edge.
    expect(found === null || found.length === 8).toBe(true)
  })

  it('is seen from straight above with paint where it lies on the card', () => {
    const above = fromAbove(photo(SEEN), SEEN, FRAME, 148, 105)!
    const at = (xMm: number, yMm: number) =>
      above.rgb[3 * (Math.floor(yMm / STEP_MM) * above.columns + Math.floor(xMm / STEP_MM))]!
    expect(above.columns).toBe(592)
    expect(at(70, 50)).toBeLessThan(80)
    expect(at(70, 58)).toBeGreaterThan(180)
    expect(at(20, 50)).toBeGreaterThan(180)
    expect(at(3.2, 50)).toBeLessThan(80)
  })

  it('is sent as text that gives the same bytes back', () => {
    const bytes = Uint8Array.from({ length: 20_001 }, (_, k) => (k * 37) % 256)
    expect([...Buffer.from(base64(bytes), 'base64')]).toEqual([...bytes])
  })
})
