import { describe, expect, it } from 'vitest'
import type { Conformity } from '../src/api/client'
import { noLonger, numbered, offOf, offOnPart } from '../src/lib/conformity'

const finding = (rule: string, state: 'met' | 'off' | 'notDecided') => ({
  rule,
  state,
  parts: [],
  says: rule,
  offBy: state === 'off' ? 1 : 0,
  x: null,
  y: null,
})

const judged = (...wearers: [face: string, look: string, ...off: string[]][]): Conformity => ({
  palette: {},
  rules: ['a/there', 'a/size', 'beside'].map((rule) => ({
    rule,
    part: rule.startsWith('a/') ? 'a' : null,
    demand: `${rule} it is.`,
  })),
  wearers: wearers.map(([face, look, ...off]) => ({
    face,
    faceName: face,
    look,
    lookName: look,
    problem: null,
    met: 3 - off.length,
    off: off.length,
    notDecided: 0,
    findings: ['a/there', 'a/size', 'beside'].map((r) => finding(r, off.includes(r) ? 'off' : 'met')),
  })),
})

describe('a character judged', () => {
  it('numbers its rules in their order, from one', () => {
    expect(numbered(judged())['beside']!.number).toBe(3)
    expect(numbered(null)).toEqual({})
  })

  it('counts wearers, not rules, that are off on a part', () => {
    const now = judged(['ann', 'x', 'a/there', 'a/size'], ['bo', 'x', 'beside'], ['cy', 'x'])
    expect(offOnPart(now, 'a')).toBe(1)
    expect(offOf(now.wearers[0]!)).toHaveLength(2)
  })

  it('names who kept to every rule before a change, and only them', () => {
    const before = judged(['ann', 'x'], ['bo', 'x', 'beside'], ['cy', 'x'])
    const after = judged(['ann', 'x', 'a/size'], ['bo', 'x', 'beside'], ['cy', 'x'], ['di', 'x', 'a/size'])
    expect(noLonger(before, after).map((w) => w.face)).toEqual(['ann'])
    expect(noLonger(after, before)).toEqual([])
  })

  it('does not call one off whose look cannot be planned', () => {
    const gone = judged(['ann', 'x', 'a/size'])
    gone.wearers[0]!.problem = 'gone'
    expect(noLonger(judged(['ann', 'x']), gone)).toEqual([])
  })
})
