import type { ChairEvent, Painting } from '../api/client'
import { chairState, workedSeconds } from './chair'

/** Two sessions of one look, step by step; what only one of them had is told by that one alone. */

interface Session {
  painting: Painting
  events: readonly ChairEvent[]
}

export interface StepBeside {
  key: string
  title: string
  /** Seconds; null when it was not timed there. */
  here: number | null
  there: number | null
  /** How much longer it took there; null unless both are known. */
  change: number | null
}

const typedOf = (painting: Painting, key: string) => painting.typed?.findLast((t) => t.step === key)?.seconds

export function takenOf({ painting, events }: Session): { steps: Map<string, number>; whole: number | null } {
  const state = chairState(painting.steps ?? [], events)
  const steps = new Map<string, number>()
  for (const s of state.steps) {
    const taken = typedOf(painting, s.step.key) ?? (s.status === 'done' ? s.taken : undefined)
    if (taken !== undefined) steps.set(s.step.key, taken)
  }
  const sum = [...steps.values()].reduce((a, b) => a + b, 0)
  const whole = painting.takenMinutes
    ? 60 * painting.takenMinutes
    : state.began !== null
      ? workedSeconds(state, state.ended ?? state.lastHeard ?? state.began)
      : steps.size
        ? sum
        : null
  return { steps, whole }
}

export function beside(here: Session, there: Session) {
  const [a, b] = [takenOf(here), takenOf(there)]
  const titles = new Map(
    [...(there.painting.steps ?? []), ...(here.painting.steps ?? [])].map((s) => [s.key, s.title]),
  )
  const keys = [
    ...new Set([...(here.painting.steps ?? []), ...(there.painting.steps ?? [])].map((s) => s.key)),
  ]
  const steps: StepBeside[] = keys.map((key) => {
    const [mine, hers] = [a.steps.get(key) ?? null, b.steps.get(key) ?? null]
    return {
      key,
      title: titles.get(key) ?? key,
      here: mine,
      there: hers,
      change: mine === null || hers === null ? null : hers - mine,
    }
  })
  const notes = ({ painting, events }: Session) => [
    ...(painting.notes ? [painting.notes] : []),
    ...chairState(painting.steps ?? [], events).notes,
  ]
  return { steps, here: a.whole, there: b.whole, notesHere: notes(here), notesThere: notes(there) }
}
