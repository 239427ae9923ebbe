import { describe, expect, it } from 'vitest'
import { poseHint, turnOf, type Steadiness } from '../src/lib/liveHint'
import { laidOnSkin } from '../src/lib/laidOnSkin'
import { asBase64, coloursAt, isUnder, pointsOf, template, withPoint } from '../src/lib/shots'

const PLACES = [
  {
    name: 'exocanthion_left',
    number: 263,
    words: '',
    named: true,
    spreadMm: 1,
    atMm: { x: 44, y: 27, z: 32 },
  },
  {
    name: 'exocanthion_right',
    number: 33,
    words: '',
    named: true,
    spreadMm: 1,
    atMm: { x: -44, y: 27, z: 32 },
  },
  { name: 'pronasale', number: 1, words: '', named: true, spreadMm: 1, atMm: { x: 0, y: -7, z: 76 } },
  { name: 'trichion', number: null, words: '', named: true, spreadMm: 2.5, atMm: { x: 0, y: 92, z: 37 } },
]

/** Points of a head turned by so much, seen from far away. */
function face(turnDeg: number, size = 200) {
  const points = new Array<number>(936).fill(0)
  const [s, c] = [Math.sin((turnDeg * Math.PI) / 180), Math.cos((turnDeg * Math.PI) / 180)]
  for (const p of PLACES)
    if (p.number !== null) {
      points[2 * p.number] = 300 + (size / 88) * (p.atMm.x * c - (p.atMm.z - 32) * s)
      points[2 * p.number + 1] = 300 - (size / 88) * p.atMm.y
    }
  return { score: 1, points, irisPx: 20 }
}

describe('photos in the hand', () => {
  it('takes no skin from under a card, whichever way round its corners go', () => {
    const card = [10, 10, 60, 12, 58, 40, 12, 38]
    const back = [12, 38, 58, 40, 60, 12, 10, 10]
    for (const held of [card, back]) {
      expect(isUnder(held, 35, 25)).toBe(true)
      expect(isUnder(held, 61, 25)).toBe(true)
      expect(isUnder(held, 70, 25)).toBe(false)
    }
    expect(isUnder(null, 35, 25)).toBe(false)
    expect(isUnder([10, 10, 60, 12], 35, 11)).toBe(false)
  })

  it('takes the points of a found face by name, and none that only a person can set', () => {
    const points = pointsOf(face(0), PLACES)
    expect(points.map((p) => p.place)).toEqual(['exocanthion_left', 'exocanthion_right', 'pronasale'])
    expect(points[0]!.x - points[1]!.x).toBeCloseTo(200)
    const moved = withPoint(points, 'pronasale', 5, 6)
    expect(moved).toHaveLength(3)
    expect(moved.at(-1)).toEqual({ place: 'pronasale', x: 5, y: 6, sure: 1, byHand: true })
  })

  it('lays the points of a mean face about the middle, the far side left out from aside', () => {
    const front = template(PLACES, { width: 400, height: 600 }, 0)
    expect(front.reduce((sum, p) => sum + p.x, 0) / front.length).toBeCloseTo(200)
    expect(template(PLACES, { width: 400, height: 600 }, 70).map((p) => p.place)).not.toContain(
      'exocanthion_right',
    )
  })

  it('reads colours in the order that was asked, and black beside the picture', () => {
    const data = new Uint8ClampedArray(4 * 20 * 20).fill(0)
    for (let n = 0; n < 400; n++) data.set([n % 20, 100, 200, 255], 4 * n)
    const picture = { width: 20, height: 20, data } as unknown as ImageData
    expect([...coloursAt(picture, [5, 5, -9, -9, 12, 3])]).toEqual([5, 100, 200, 0, 0, 0, 12, 100, 200])
    const many = Uint8Array.from({ length: 20_000 }, (_, k) => k % 251)
    expect(Uint8Array.from(atob(asBase64(many)), (c) => c.charCodeAt(0))).toEqual(many)
  })

  it('lays a photo on the skin where it was seen and leaves out the rest', () => {
    const data = new Uint8ClampedArray(4 * 30 * 30)
    for (let n = 0; n < 900; n++) data.set([n % 30, Math.floor(n / 30), 7, 255], 4 * n)
    const px = [0, 10, 20, 0, 10, 20, 0, 10, 20].flatMap((x, k) => [x, 10 * Math.floor(k / 3)])
    const grid = {
      leftMm: 0,
      topMm: 0,
      stepMm: 10,
      columns: 3,
      rows: 3,
      px,
      facing: [90, 90, 0, 90, 90, 0, 90, 90, 0],
    }
    const laid = laidOnSkin({ width: 30, height: 30, data }, grid, 1)
    const at = (x: number, y: number) => [
      ...laid.data.slice(4 * (y * laid.width + x), 4 * (y * laid.width + x) + 4),
    ]
    expect(at(4, 6)).toEqual([4, 6, 7, 255])
    expect(at(15, 6)[3]).toBe(0)
  })

  it('says how to hold the head, and takes the photo once it is held still', () => {
    for (const turn of [-60, -30, 0, 25, 55]) expect(turnOf(face(turn).points)).toBeCloseTo(turn, -1.2)
    const start: Steadiness = { still: 0, last: null }
    expect(poseHint(null, 'front', start).hint).toBe('nobody')
    expect(poseHint(face(30), 'front', start).hint).toBe('turnBack')
    expect(poseHint(face(10), 'side', start).hint).toBe('turnMore')
    expect(poseHint(face(0, 30), 'front', start).hint).toBe('nearer')
    let steady = start
    const hints = [1, 2, 0, 1].map((turn) => {
      const told = poseHint(face(turn), 'front', steady)
      steady = told.steady
      return told.hint
    })
    expect(hints.slice(0, 3)).toEqual(['holdStill', 'holdStill', 'taken'])
  })
})
