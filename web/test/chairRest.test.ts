import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { ChairStep, ChairWay } from '../src/api/client'
import { leftOf, type ChairStepState, type StepStatus } from '../src/lib/chair'
import { chairRest, suretyOf } from '../src/lib/chairRest'

interface Case {
  planned: ChairStep[]
  statuses: StepStatus[]
  ways: ChairWay[]
  dropped: string[]
  into: Record<string, number>
  secondsLeft: number
  found: { fits: boolean; chosen: number[]; loss: number; likely: number; sure: number; goingOn: number }
}

// Written by the service's own reckoning (ChairCasesTests).
const cases = JSON.parse(
  readFileSync(new URL('../../tests/practice/chair-rest.json', import.meta.url), 'utf8'),
) as Case[]

const stateOf = (one: Case): ChairStepState[] =>
  one.planned.map((step, k) => ({
    step,
    status: one.statuses[k]!,
    taken: 0,
    redone: 0,
    from: 0,
    last: 0,
    doneAt: null,
    left: leftOf(step, new Set(one.dropped)) ?? 0,
  }))

describe('what is left out to end in time', () => {
  it('is what the service would leave out', () => {
    let some = 0
    for (const one of cases) {
      const found = chairRest(stateOf(one), one.ways, new Set(one.dropped), one.secondsLeft, 0.8416, one.into)
      expect(found.fits).toBe(one.found.fits)
      expect(found.loss).toBeCloseTo(one.found.loss, 5)
      expect(found.likely).toBeCloseTo(one.found.likely, 3)
      expect(found.sure).toBeCloseTo(one.found.sure, 3)
      expect(found.goingOn).toBeCloseTo(one.found.goingOn, 3)
      expect(found.chosen).toEqual(one.found.chosen)
      some += found.chosen.length > 0 ? 1 : 0
    }
    expect(some).toBeGreaterThan(10)
  })

  it('never ends later than going on, and leaves nothing out where going on ends in time', () => {
    for (const one of cases) {
      for (const share of [0.3, 0.6, 0.9, 1.5]) {
        const found = chairRest(stateOf(one), one.ways, new Set(one.dropped), share * one.secondsLeft, 0.84)
        expect(found.likely).toBeLessThanOrEqual(found.goingOn + 1e-6)
        if (found.fits) expect(found.sure).toBeLessThanOrEqual(share * one.secondsLeft + 1e-6)
      }
    }
  })
})

// Quantiles of the normal distribution (NIST/SEMATECH e-Handbook of Statistical Methods, table 1.3.6.7.1, from memory).
it('asks for as many standard deviations as the normal distribution says', () => {
  for (const [share, z] of [
    [0.5, 0],
    [0.8, 0.8416],
    [0.9, 1.2816],
    [0.95, 1.6449],
    [0.99, 2.3263],
  ] as const)
    expect(suretyOf(share)).toBeCloseTo(z, 2)
})
