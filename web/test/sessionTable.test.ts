import { describe, expect, it } from 'vitest'
import type { ChairEvent, ChairStep } from '../src/api/client'
import { chairState } from '../src/lib/chair'
import { stepTable } from '../src/lib/sessionTable'

const step = (key: string, seconds: number, parts = [key]): ChairStep => ({
  key,
  title: key,
  painter: 1,
  hand: 'round5 stroke',
  seconds,
  waitSeconds: 0,
  dryingSeconds: 0,
  parts,
})

const event = (number: number, kind: ChairEvent['kind'], key: string | null = null): ChairEvent => ({
  id: `t-${number}`,
  device: 't',
  number,
  at: new Date(Date.UTC(2026, 9, 31, 17, 0, 30 * number)).toISOString(),
  kind,
  step: key,
  other: null,
  words: null,
  parts: [],
})

describe('a session as a table', () => {
  it('has a line for every step, whatever it is called, and no formula', () => {
    const steps = [step('=1+1', 60), step('eyes, "both"', 40), step('dots', 20)]
    const state = chairState(steps, [
      event(1, 'begun'),
      event(3, 'stepDone', '=1+1'),
      event(4, 'stepSkipped', 'dots'),
    ])
    expect(stepTable(state).trimEnd().split('\r\n')).toEqual([
      'step,painter,planned s,taken s,redone,status',
      "'=1+1,1,60,60.0,0,done",
      '"eyes, ""both""",1,40,,0,open',
      'dots,1,20,,0,skipped',
    ])
  })
})
