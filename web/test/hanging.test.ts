import { describe, expect, it } from 'vitest'
import type { OwnPoint, Part } from '../src/api/client'
import { hangsOn, withoutHost, withoutNothing } from '../src/lib/hanging'
import { liesAcross, mirroredPoint, onTheLeft, withoutPoint, withPoint } from '../src/lib/ownPoints'
import { random } from './random'

const part = (id: string, on?: string, kind = 'warts') => ({ id, kind, hung: on ? { on } : null }) as Part

describe('parts that hang on parts', () => {
  const chain = [part('a'), part('b', 'a'), part('c', 'b'), part('d')]

  it('knows its hosts however many lie between, and never itself', () => {
    expect(hangsOn(chain, 'c', 'a')).toBe(true)
    expect(hangsOn(chain, 'a', 'c')).toBe(false)
    expect(hangsOn(chain, 'd', 'a')).toBe(false)
    // A broken file may hold a ring; asking ends all the same.
    expect(hangsOn([part('a', 'b'), part('b', 'a')], 'a', 'x')).toBe(false)
  })

  it('takes an edge away with its figure and sets others free', () => {
    const edge = part('e', 'a', 'figureEdge')
    const left = withoutHost([...chain, edge, part('f', 'e', 'figureEdge')], 'a', (k) => k === 'figureEdge')
    expect(left.map((p) => p.id)).toEqual(['b', 'c', 'd'])
    expect(left.map((p) => p.hung?.on)).toEqual([undefined, 'b', undefined])
  })

  it('keeps nothing of a part that hangs as its kind does', () => {
    expect(withoutNothing({ where: 'outline', share: 0.4 })).toBeNull()
    expect(withoutNothing({ turnDeg: 20 })).toEqual({ turnDeg: 20 })
  })
})

describe('own points', () => {
  const draw = random(3)
  const drawn = (from: number, to: number): OwnPoint[] =>
    Array.from({ length: 5 }, () => ({ xMm: from + draw(to - from), yMm: draw(100) - 50, press: 1 }))

  it('come back from the mirror as they were', () => {
    for (const point of [
      ...drawn(-80, 80),
      { xMm: 3, yMm: 4, at: 'cheilion_left' },
      { xMm: 0, yMm: 1, at: 'sellion' },
    ])
      expect(mirroredPoint(mirroredPoint(point))).toEqual(point)
    expect(mirroredPoint({ xMm: 20, yMm: -60, at: 'cheilion_left' }).at).toBe('cheilion_right')
    expect(mirroredPoint({ xMm: 0, yMm: 0, at: 'sellion' }).at).toBe('sellion')
  })

  it('are kept on the left, unless they lie across the middle', () => {
    const right = { points: drawn(-80, -5) }
    expect(onTheLeft(right).points.every((p) => p.xMm > 0)).toBe(true)
    expect(onTheLeft({ points: drawn(5, 80) }).points.every((p) => p.xMm > 0)).toBe(true)
    const across = { points: [...drawn(-80, -5), ...drawn(5, 9)] }
    expect(liesAcross(across)).toBe(true)
    expect(onTheLeft(across)).toEqual(across)
  })

  it('change one at a time', () => {
    const line = { points: drawn(5, 80), closed: true }
    const set = withPoint(line, 2, { xMm: 1, yMm: 2 })
    expect(set.points.filter((p, k) => p !== line.points[k])).toEqual([{ xMm: 1, yMm: 2 }])
    expect(withoutPoint(line, 0).points).toEqual(line.points.slice(1))
    expect(withPoint(line, 5, { xMm: 9, yMm: 9 }).points).toHaveLength(6)
    expect(set.closed).toBe(true)
  })
})
