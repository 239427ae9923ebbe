import { describe, expect, it } from 'vitest'
import { draggedTo, laidOver, leftToSchool } from '../src/lib/stack'
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

/** A stack as the rules would lay it: each coat as low as what it lies over allows. */
function laid(keys: string[], over: { upper: string; lower: string }[]) {
  const left = [...keys]
  const order: string[] = []
  while (left.length > 0) {
    const next = left.find((k) => !over.some((o) => o.upper === k && left.includes(o.lower)))
    if (next === undefined) return null
    order.push(...left.splice(left.indexOf(next), 1))
  }
  return order
}

describe('a coat dragged in the stack', () => {
  it('lies over or under all it passed and touches, and never goes round in a circle', () => {
    const draw = random(21)
    for (let n = 0; n < 300; n++) {
      let keys = Array.from({ length: 3 + draw(8) }, (_, k) => `p${k}/c`)
      const touch = new Set(
        keys.flatMap((a) => keys.filter((b) => a < b && draw(2) === 0).map((b) => `${a} ${b}`)),
      )
      const touches = (a: string, b: string) => touch.has(`${a} ${b}`) || touch.has(`${b} ${a}`)
      const stack = () => keys.map((key) => ({ key, touches: keys.filter((k) => touches(k, key)) }))
      let over: { upper: string; lower: string }[] = []
      for (let m = 0; m < 12; m++) {
        const [from, to] = [draw(keys.length), draw(keys.length)]
        const next = draggedTo(over, stack(), from, to)
        const moved = keys.slice()
        moved.splice(to, 0, ...moved.splice(from, 1))
        const touched = keys.filter((k) => touches(k, keys[from]!))
        const passed = to > from ? keys.slice(from + 1, to + 1) : keys.slice(to, from)
        if (next === null) {
          expect(touched.some((t) => passed.includes(t))).toBe(false)
          continue
        }
        over = next
        for (const o of over) expect(moved.indexOf(o.upper)).toBeGreaterThan(moved.indexOf(o.lower))
        keys = moved
        expect(laid(keys, over)).not.toBeNull()
      }
    }
  })

  it('passes freely what it does not touch', () => {
    const stack = ['a', 'b', 'c'].map((key) => ({ key, touches: [] }))
    expect(draggedTo([], stack, 0, 2)).toBeNull()
    expect(draggedTo([], stack, 7, 2)).toBeNull()
  })
})
