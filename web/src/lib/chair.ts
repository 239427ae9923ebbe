import type { ChairEvent, ChairStep } from '../api/client'

/**
 * How a session in the chair stands, told by its events alone. The service reckons the same (Core/Chair); here it is done again so that the chair
 * works while the service is out of reach. Both are held to tests/practice/chair.json.
 */

export type StepStatus = 'open' | 'done' | 'skipped' | 'dropped'

export interface ChairStepState {
  step: ChairStep
  status: StepStatus
  /** By the clock without pauses, every time it was laid, s. */
  taken: number
  redone: number
  from: number
  last: number
  /** ms of the epoch; null while it is not done. */
  doneAt: number | null
  /** Of its planned seconds without the coats that are left out; 0 when all are. */
  left: number
}

export interface ChairState {
  /** ms of the epoch; null while nobody began. */
  began: number | null
  ended: number | null
  stoppedAt: string | null
  pauses: { from: number; to: number | null }[]
  steps: ChairStepState[]
  /** Worked seconds at which each painter began the step she is at. */
  laneFrom: Record<number, number>
  /** Ids of parts and keys of coats that are left out. */
  dropped: ReadonlySet<string>
  notes: string[]
  ignored: number
  lastHeard: number | null
}

const before = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0)

/** Every event once, in one order that does not depend on how they arrived; a device's own order holds whatever its clock says. */
export function inOrder(events: readonly ChairEvent[]): { event: ChairEvent; at: number }[] {
  const byId = new Map<string, ChairEvent>()
  const first = (a: ChairEvent, b: ChairEvent) =>
    before(a.device, b.device) || a.number - b.number || Date.parse(a.at) - Date.parse(b.at)
  for (const event of events) {
    const known = byId.get(event.id)
    if (!known || first(event, known) < 0) byId.set(event.id, event)
  }
  const byDevice = new Map<string, ChairEvent[]>()
  for (const event of byId.values())
    byDevice.set(event.device, [...(byDevice.get(event.device) ?? []), event])
  const all: { event: ChairEvent; at: number }[] = []
  for (const own of byDevice.values()) {
    let latest = -Infinity
    for (const event of own.sort((a, b) => a.number - b.number || before(a.id, b.id))) {
      latest = Math.max(latest, Date.parse(event.at))
      all.push({ event, at: latest })
    }
  }
  return all.sort(
    (a, b) =>
      a.at - b.at ||
      before(a.event.device, b.event.device) ||
      a.event.number - b.event.number ||
      before(a.event.id, b.event.id),
  )
}

const isPaused = (state: ChairState) => state.pauses.at(-1)?.to === null

/** Seconds of work up to a moment, without pauses. */
function worked(state: ChairState, now: number): number {
  if (state.began === null) return 0
  const rested = state.pauses
    .filter((p) => p.from < now)
    .reduce((sum, p) => sum + (p.to !== null && p.to < now ? p.to : now) - p.from, 0)
  return (Math.max(0, now - state.began) - rested) / 1000
}

export function chairState(planned: readonly ChairStep[], events: readonly ChairEvent[]): ChairState {
  const seen = new Set<string>()
  const state: ChairState = {
    began: null,
    ended: null,
    stoppedAt: null,
    pauses: [],
    steps: planned
      .filter((s) => !seen.has(s.key) && seen.add(s.key))
      .map((step) => ({
        step,
        status: 'open',
        taken: 0,
        redone: 0,
        from: 0,
        last: 0,
        doneAt: null,
        left: step.seconds,
      })),
    laneFrom: {},
    dropped: new Set(),
    notes: [],
    ignored: 0,
    lastHeard: null,
  }
  for (const { event, at } of inOrder(events)) {
    state.lastHeard = at
    if (event.kind === 'noted') state.notes.push(event.words ?? '')
    else if (
      (state.began === null) !== (event.kind === 'begun') ||
      state.ended !== null ||
      !take(state, event, at)
    )
      state.ignored++
  }
  return state
}

/** @returns Whether it changed anything. */
function take(state: ChairState, event: ChairEvent, at: number): boolean {
  const parts = event.parts ?? []
  switch (event.kind) {
    case 'begun':
      state.began = at
      return true
    case 'paused':
      if (isPaused(state)) return false
      state.pauses.push({ from: at, to: null })
      return true
    case 'resumed':
      if (!isPaused(state)) return false
      state.pauses.at(-1)!.to = at
      return true
    case 'stopped':
      state.stoppedAt = event.words ?? ''
      return end(state, at)
    case 'ended':
      return end(state, at)
    case 'partsDropped':
      state.dropped = new Set([...state.dropped, ...parts])
      return weigh(state)
    case 'partsTakenBack':
      state.dropped = new Set([...state.dropped].filter((d) => !parts.includes(d)))
      return weigh(state)
    default: {
      const step = state.steps.find((s) => s.step.key === event.step)
      return step !== undefined && takeOf(state, step, event, at)
    }
  }
}

function takeOf(state: ChairState, step: ChairStepState, event: ChairEvent, at: number): boolean {
  const now = worked(state, at)
  const lane = step.step.painter
  switch (event.kind) {
    case 'stepDone':
      if (step.status !== 'open') return false
      step.from = state.laneFrom[lane] ?? 0
      step.last = Math.max(0, now - step.from)
      step.taken += step.last
      step.status = 'done'
      step.doneAt = at
      state.laneFrom[lane] = now
      return true
    case 'stepSkipped':
      if (step.status !== 'open') return false
      step.status = 'skipped'
      return true
    case 'stepUndone': {
      if (step.status === 'skipped') {
        step.status = 'open'
        return true
      }
      if (step.status !== 'done') return false
      step.taken -= step.last
      step.doneAt = null
      const done = state.steps.filter((s) => s.step.painter === lane && s.status === 'done')
      const latest = done.reduce((a, b) => (b.from + b.last > a.from + a.last ? b : a))
      if (latest === step) state.laneFrom[lane] = step.from
      step.status = 'open'
      return true
    }
    case 'stepWiped':
      if (step.status !== 'done') return false
      step.status = 'open'
      step.redone++
      return true
    case 'stepMoved': {
      const other = state.steps.find((s) => s.step.key === event.other)
      if (
        step.status !== 'open' ||
        !other ||
        other === step ||
        other.status !== 'open' ||
        other.step.painter !== lane
      )
        return false
      state.steps.splice(state.steps.indexOf(step), 1)
      state.steps.splice(state.steps.indexOf(other), 0, step)
      return true
    }
    default:
      return false
  }
}

function end(state: ChairState, at: number): boolean {
  if (isPaused(state)) state.pauses.at(-1)!.to = at
  state.ended = at
  return true
}

/** The part of a coat's key. */
export const partOf = (coat: string) => (coat.indexOf('/') > 0 ? coat.slice(0, coat.indexOf('/')) : coat)

/** What is left of a step's planned seconds; null when nothing of it is painted. */
export function leftOf(step: ChairStep, dropped: ReadonlySet<string>): number | null {
  if (!dropped.size) return step.seconds
  const [coats, parts] = [step.coats ?? [], step.parts ?? []]
  if (!coats.length) return parts.length && parts.every((p) => dropped.has(p)) ? null : step.seconds
  const gone = coats.filter((c) => dropped.has(c.key) || dropped.has(partOf(c.key)))
  if (gone.length === coats.length) return null
  return Math.max(step.setUpSeconds ?? 0, step.seconds - gone.reduce((s, c) => s + c.seconds, 0))
}

/** What is on the skin stays there; of a step that lays several coats only some may be left out. */
function weigh(state: ChairState): boolean {
  let changed = false
  for (const s of state.steps.filter((one) => one.status === 'open' || one.status === 'dropped')) {
    const left = leftOf(s.step, state.dropped)
    const status = left === null ? 'dropped' : 'open'
    changed ||= status !== s.status || (left ?? 0) !== s.left
    s.status = status
    s.left = left ?? 0
  }
  return changed
}

const planOf = (s: ChairStepState) => s.left + s.step.waitSeconds

/** The step that a painter is at; undefined when nothing is left. */
export const currentStep = (state: ChairState, painter = 1) =>
  state.steps.find((s) => s.step.painter === painter && s.status === 'open')

export const isResting = isPaused

/** Seconds of work up to a moment, without pauses; until the end once it has ended. */
export const workedSeconds = (state: ChairState, now: number) =>
  worked(state, state.ended === null ? now : Math.min(now, state.ended))

/** Seconds that a painter is into the step she is at, no more than it was planned to take. */
export function into(state: ChairState, painter: number, now: number): number {
  const current = currentStep(state, painter)
  const spent = workedSeconds(state, now) - (state.laneFrom[painter] ?? 0)
  return current ? Math.min(Math.max(spent, 0), planOf(current)) : 0
}

const sum = (steps: ChairStepState[]) => steps.reduce((s, step) => s + planOf(step), 0)
const painters = (state: ChairState) => [...new Set(state.steps.map((s) => s.step.painter))]

/** What is still to be done by the slower painter, in planned seconds. */
export function remainingSeconds(state: ChairState, now: number): number {
  if (state.ended !== null) return 0
  const left = painters(state).map(
    (p) => sum(state.steps.filter((s) => s.step.painter === p && s.status === 'open')) - into(state, p, now),
  )
  return left.length ? Math.max(...left) : 0
}

/** By how much the slower painter is behind the plan; negative for ahead. */
export function behindSeconds(state: ChairState, now: number): number {
  const off = painters(state).map((p) => {
    if (state.began === null || (!currentStep(state, p) && state.ended === null)) return 0
    const done = sum(state.steps.filter((s) => s.step.painter === p && s.status === 'done'))
    return workedSeconds(state, now) - done - into(state, p, now)
  })
  return off.length ? Math.max(...off) : 0
}
