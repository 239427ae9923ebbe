import { describe, expect, it } from 'vitest'
import type { DrillAdvice } from '../src/api/types'
import { nameOf, reasons, steadier, STROKES } from '../src/lib/drillWords'

const advice = (
  by: Partial<DrillAdvice['advice']> = {},
  curve: DrillAdvice['curve'] = null,
): DrillAdvice => ({
  advice: {
    exercise: 'petals',
    share: 0.123,
    slower: 1,
    slips: 0,
    quality: null,
    kept: null,
    due: null,
    worth: 0.1,
    parts: [],
    ...by,
  },
  name: '',
  tries: 3,
  curve,
  curveLow: [],
  curveHigh: [],
})

const curve = (exponent: number | null, improves: boolean) => ({
  name: 'petals',
  points: [],
  exponent,
  exponentSd: 0.05,
  improves,
  line: [],
  target: null,
  moreSessions: null,
})

describe('what is worth practising, in words', () => {
  it('says the strongest reasons, and none that there is not', () => {
    expect(reasons(advice(), '2026-11-29')).toBe(
      '12 % of the look’s time · never practised'.replace('’', "'"),
    )
    expect(reasons(advice({ share: 0 }), '2026-11-29')).toBe('never practised')
    const all = reasons(advice({ slower: 1.34, slips: 0.4, quality: 0.8, due: '2026-11-20' }), '2026-11-29')
    expect(all).toBe(
      "12 % of the look's time · 1.3 times as slow as usual · off on 40 % of the faces looked over · due",
    )
    expect(reasons(advice({ quality: 0.8, due: '2026-12-20' }), '2026-11-29')).toContain('due 2026-12-20')
  })

  it('calls strokes by their names and parts by theirs', () => {
    expect(Object.keys(STROKES)).toHaveLength(7)
    expect(nameOf(advice())).toBe('Petals')
    expect(nameOf({ ...advice({ exercise: 'look/part' }), name: 'Cracks' })).toBe('Cracks')
  })

  it('never says more of the curve than can be told', () => {
    expect(steadier(advice())).toContain('so far 3')
    expect(steadier(advice({}, curve(null, false)))).toContain('so far 3')
    expect(steadier(advice({}, curve(0.02, false)))).toContain('not get steadier yet')
    // Half as far off with every doubling is an exponent of one.
    expect(steadier(advice({}, curve(1, true)))).toContain('50 %')
  })
})
