import { describe, expect, it } from 'vitest'
import type { ChairEvent, Painting, Practice } from '../src/api/client'
import { beside, takenOf } from '../src/lib/compareSessions'
import { practiceWords } from '../src/lib/practice'

const painting = (keys: string[], more: Partial<Painting> = {}): Painting => ({
  name: 'Seal',
  look: 'quay-seal',
  on: '2026-10-31',
  face: null,
  kit: null,
  notes: '',
  steps: keys.map((key) => ({
    key,
    title: key,
    painter: 1,
    hand: 'round5 stroke',
    seconds: 30,
    waitSeconds: 0,
    dryingSeconds: 0,
  })),
  ...more,
})

/** A session in which each step took so many seconds. */
function events(taken: Record<string, number>): ChairEvent[] {
  let at = Date.UTC(2026, 9, 31, 17)
  const one = (number: number, kind: ChairEvent['kind'], step: string | null): ChairEvent => ({
    id: `t-${number}`,
    device: 't',
    number,
    at: new Date(at).toISOString(),
    kind,
    step,
    other: null,
    words: kind === 'noted' ? 'shaky' : null,
    parts: [],
  })
  return [
    one(1, 'begun', null),
    ...Object.entries(taken).map(([key, s], k) => {
      at += 1000 * s
      return one(k + 2, 'stepDone', key)
    }),
    one(99, 'noted', null),
    one(100, 'ended', null),
  ]
}

describe('two sessions beside each other', () => {
  const here = { painting: painting(['base', 'teeth']), events: events({ base: 40, teeth: 60 }) }
  const there = {
    painting: painting(['base', 'flicks'], { notes: 'rain' }),
    events: events({ base: 55, flicks: 20 }),
  }

  it('differ step by step, and the other way round by as much', () => {
    const told = beside(here, there)
    expect(told.steps.map((s) => [s.key, s.here, s.there, s.change])).toEqual([
      ['base', 40, 55, 15],
      ['teeth', 60, null, null],
      ['flicks', null, 20, null],
    ])
    expect([told.here, told.there]).toEqual([100, 75])
    const turned = beside(there, here)
    for (const s of told.steps)
      expect(turned.steps.find((t) => t.key === s.key)!.change).toBe(s.change === null ? null : -s.change)
    expect(told.notesThere).toEqual(['rain', 'shaky'])
  })

  it('take times written by hand before those of the clock', () => {
    const typed = { ...here, painting: { ...here.painting, typed: [{ step: 'base', seconds: 48 }] } }
    expect(takenOf(typed).steps.get('base')).toBe(48)
    expect(takenOf({ painting: painting([], { takenMinutes: 30 }), events: [] }).whole).toBe(1800)
    expect(takenOf({ painting: painting(['base']), events: [] }).whole).toBeNull()
  })
})

describe('practice in words', () => {
  const practice = (more: Partial<Practice>): Practice => ({
    name: 'quay-seal',
    points: Array.from({ length: 8 }, () => ({ on: '2026-10-31', value: 600 })),
    exponent: 0.152,
    exponentSd: 0.02,
    improves: true,
    line: [],
    target: 540,
    moreSessions: 12,
    ...more,
  })

  it('promises no more than can be told', () => {
    // 2 to the power of −0.152 is 0.9: a tenth less with each doubling.
    expect(practiceWords(practice({}), true)).toContain('10 %')
    expect(practiceWords(practice({}), true)).toContain('9:00 min after about 12 more')
    expect(practiceWords(practice({ improves: false }), true)).not.toContain('%')
    expect(practiceWords(practice({ moreSessions: null }), true)).not.toContain('more')
    expect(practiceWords(practice({ exponent: null }), true)).toContain('8 sessions')
  })
})
