import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { ChairEvent, ChairStep } from '../src/api/client'
import {
  behindSeconds,
  chairState,
  currentStep,
  inOrder,
  isResting,
  remainingSeconds,
  workedSeconds,
} from '../src/lib/chair'

interface Case {
  planned: ChairStep[]
  events: ChairEvent[]
  now: string
  began: string | null
  ended: string | null
  stoppedAt: string | null
  paused: boolean
  notes: string[]
  ignored: number
  steps: { key: string; status: string; taken: number; redone: number }[]
  current: string | null
  worked: number
  remaining: number
  behind: number
}

// Written by the service's own reckoning (ChairCasesTests).
const cases = JSON.parse(
  readFileSync(new URL('../../tests/practice/chair.json', import.meta.url), 'utf8'),
) as Case[]

describe('a session in the chair', () => {
  it('stands on the screen as the service reckons it', () => {
    expect(cases.length).toBeGreaterThan(20)
    for (const one of cases) {
      const state = chairState(one.planned, one.events)
      const now = Date.parse(one.now)
      expect(state.began === null ? null : state.began).toBe(
        one.began === null ? null : Date.parse(one.began),
      )
      expect(state.ended).toBe(one.ended === null ? null : Date.parse(one.ended))
      expect(state.stoppedAt).toBe(one.stoppedAt ?? null)
      expect(isResting(state)).toBe(one.paused)
      expect(state.notes).toEqual(one.notes)
      expect(state.ignored).toBe(one.ignored)
      expect(state.steps.map((s) => [s.step.key, s.status, s.redone])).toEqual(
        one.steps.map((s) => [s.key, s.status, s.redone]),
      )
      state.steps.forEach((s, k) => expect(s.taken).toBeCloseTo(one.steps[k]!.taken, 5))
      expect(currentStep(state)?.step.key ?? null).toBe(one.current ?? null)
      expect(workedSeconds(state, now)).toBeCloseTo(one.worked, 5)
      expect(remainingSeconds(state, now)).toBeCloseTo(one.remaining, 5)
      expect(behindSeconds(state, now)).toBeCloseTo(one.behind, 5)
    }
  })

  it('is the same story however its events arrive', () => {
    for (const { events } of cases) {
      const story = inOrder(events).map((e) => e.event.id)
      expect(new Set(story).size).toBe(events.length)
      expect(inOrder([...events, ...events].reverse()).map((e) => e.event.id)).toEqual(story)
    }
  })
})
