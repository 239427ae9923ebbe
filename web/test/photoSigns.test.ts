import { expect, it } from 'vitest'
import { signsIn } from '../src/lib/photoSigns'

const points = [
  ['glabella', 50, 20],
  ['n195', 50, 60],
  ['cheekbone_left', 80, 60],
  ['cheekbone_right', 20, 60],
  ['n18', 50, 84],
  ['n200', 50, 90],
].map(([place, x, y]) => ({ place: place as string, x: x as number, y: y as number, sure: 1, byHand: false }))

/** A face of one brightness, with some rows otherwise. */
function face(rows: (y: number) => number) {
  const data = new Uint8ClampedArray(4 * 100 * 100)
  for (let n = 0; n < 10_000; n++) data.fill(rows(Math.floor(n / 100)), 4 * n, 4 * n + 3)
  return { width: 100, height: 100, data }
}

it('tells a beard by a dark chin and glasses by a band across the nose root', () => {
  expect(
    signsIn(
      points,
      face(() => 180),
    ),
  ).toEqual([])
  // Light from above darkens the chin by a third; that is no beard.
  expect(
    signsIn(
      points,
      face((y) => (y > 75 ? 150 : 180)),
    ),
  ).toEqual([])
  expect(
    signsIn(
      points,
      face((y) => (y > 75 ? 60 : 180)),
    ),
  ).toEqual(['beard'])
  expect(
    signsIn(
      points,
      face((y) => (y > 36 && y < 44 ? 60 : 180)),
    ),
  ).toEqual(['glasses'])
  expect(
    signsIn(
      points,
      face((y) => (y > 36 && y < 44 ? 60 : 180)),
      50,
    ),
  ).toEqual([])
  expect(
    signsIn(
      [],
      face(() => 180),
    ),
  ).toEqual([])
})
