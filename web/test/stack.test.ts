import { describe, expect, it } from 'vitest'
import { laidOver, leftToSchool } from '../src/lib/stack'
import { random } from './random'

describe('what lies on what', () => {
  it('holds each pair once, with the last word on top, and leaves the others alone', () => {
    const draw = random(9)
    const coats = ['a/x', 'b/x', 'c/x', 'd/x']
    let over: { upper: string; lower: string }[] = []
    const said = new Map<string, string>()
    for (let n = 0; n < 400; n++) {
      const upper = coats[draw(4)]!
      const lower = coats[draw(4)]!
      if (upper === lower) continue
      const pair = [upper, lower].sort().join()
      if (draw(4) === 0) {
        over = leftToSchool(over, upper, lower)
        said.delete(pair)
      } else {
        over = laidOver(over, upper, lower)
        said.set(pair, upper)
      }
      expect(new Map(over.map((o) => [[o.upper, o.lower].sort().join(), o.upper]))).toEqual(said)
      expect(over).toHaveLength(said.size)
    }
  })
})
