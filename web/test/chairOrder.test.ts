import { describe, expect, it } from 'vitest'
import type { ChairEvent, ChairStep } from '../src/api/client'
import { chairState } from '../src/lib/chair'
import { heldBy, lastTap } from '../src/lib/chairOrder'
import { random } from './random'

const step = (key: string, after: string[] = []): ChairStep => ({
  key,
  title: key,
  painter: 1,
  hand: 'round5 stroke',
  seconds: 30,
  waitSeconds: 0,
  dryingSeconds: 0,
  parts: [key],
  after: after.map((a) => ({ step: a, drySeconds: 0 })),
})

const event = (number: number, kind: ChairEvent['kind'], more: Partial<ChairEvent> = {}): ChairEvent => ({
  id: `t-${number}`,
  device: 't',
  number,
  at: new Date(Date.UTC(2026, 9, 31, 17, 0, 30 * number)).toISOString(),
  kind,
  step: null,
  other: null,
  words: null,
  parts: [],
  ...more,
})

const PLANNED = [step('base'), step('sockets', ['base']), step('hearts', ['sockets']), step('dots')]

describe('what may come next', () => {
  it('is held by what must lie beneath it, however far down', () => {
    const state = chairState(PLANNED, [event(1, 'begun')])
    const held = (key: string) =>
      heldBy(
        state,
        state.steps.find((s) => s.step.key === key)!,
      )?.step.key
    expect(held('dots')).toBeUndefined()
    expect(held('base')).toBeUndefined()
    expect(held('sockets')).toBe('base')
    expect(held('hearts')).toBe('sockets')
  })

  it('is free once that is done; what was skipped does not hold, but what lies beneath it does', () => {
    const skipped = chairState(PLANNED, [event(1, 'begun'), event(2, 'stepSkipped', { step: 'sockets' })])
    expect(heldBy(skipped, skipped.steps[2]!)?.step.key).toBe('base')
    const done = chairState(PLANNED, [
      event(1, 'begun'),
      event(2, 'stepDone', { step: 'base' }),
      event(3, 'stepSkipped', { step: 'sockets' }),
    ])
    expect(heldBy(done, done.steps[2]!)).toBeUndefined()
  })

  it('ends even where steps hold each other in a circle', () => {
    const round = chairState([step('a', ['b']), step('b', ['a'])], [event(1, 'begun')])
    expect(heldBy(round, round.steps[0]!)?.step.key).toBe('b')
  })
})

describe('a step back', () => {
  const here = () => true

  it('takes back the last tap, whatever it was, and then the one before', () => {
    const events = [
      event(1, 'begun'),
      event(2, 'stepDone', { step: 'base' }),
      event(3, 'partsDropped', { parts: ['dots'] }),
    ]
    expect(lastTap(events, here)).toEqual({ kind: 'partsTakenBack', parts: ['dots'] })
    const back = [...events, event(4, 'partsTakenBack', { parts: ['dots'] })]
    expect(lastTap(back, here)).toEqual({ kind: 'stepUndone', step: 'base' })
    expect(lastTap([...back, event(5, 'stepUndone', { step: 'base' })], here)).toBeUndefined()
    expect(lastTap(events.slice(0, 2), (key) => key !== 'base')).toBeUndefined()
  })

  it('leads to the beginning from wherever one is', () => {
    for (let seed = 1; seed <= 50; seed++) {
      const draw = random(seed)
      const events = [event(1, 'begun')]
      for (let n = 2; n < 12; n++) {
        const open = chairState(PLANNED, events).steps.filter((s) => s.status === 'open')
        if (!open.length) break
        const key = open[draw(open.length)]!.step.key
        events.push(
          draw(10) < 3
            ? event(n, 'partsDropped', { parts: [key] })
            : event(n, draw(2) ? 'stepDone' : 'stepSkipped', { step: key }),
        )
      }
      for (let n = 100; n < 130; n++) {
        const back = lastTap(events, here)
        if (!back) break
        events.push(event(n, back.kind, 'step' in back ? { step: back.step } : { parts: back.parts }))
      }
      expect(chairState(PLANNED, events).steps.every((s) => s.status === 'open')).toBe(true)
    }
  })
})
