import type { ChairEvent } from '../api/client'
import { inOrder, type ChairState, type ChairStepState } from './chair'

/** What may come next, what holds it up, and what a step back takes back. */

const openStep = (state: ChairState, key: string) =>
  state.steps.find((s) => s.step.key === key && s.status === 'open')

/** The first step that must be painted before another and is not yet; undefined when it may come now. */
export function heldBy(
  state: ChairState,
  step: ChairStepState,
  seen = new Set<string>(),
): ChairStepState | undefined {
  for (const { step: key } of step.step.after ?? []) {
    if (seen.has(key)) continue
    seen.add(key)
    const before = state.steps.find((s) => s.step.key === key)
    if (!before) continue
    const holds = openStep(state, key) ?? heldBy(state, before, seen)
    if (holds) return holds
  }
  return undefined
}

export type Back = { kind: 'stepUndone'; step: string } | { kind: 'partsTakenBack'; parts: string[] }

/** What the last tap did, as the event that takes it back; undefined when there is nothing. */
export function lastTap(events: readonly ChairEvent[], isHere: (step: string) => boolean): Back | undefined {
  const taps: Back[] = []
  const without = (which: (tap: Back) => boolean) => {
    const at = taps.findLastIndex(which)
    if (at >= 0) taps.splice(at, 1)
  }
  for (const { event } of inOrder(events)) {
    const step = event.step ?? ''
    if (event.kind === 'stepDone' || event.kind === 'stepSkipped') {
      if (isHere(step)) taps.push({ kind: 'stepUndone', step })
    } else if (event.kind === 'stepUndone' || event.kind === 'stepWiped')
      without((tap) => tap.kind === 'stepUndone' && tap.step === step)
    else if (event.kind === 'partsDropped') taps.push({ kind: 'partsTakenBack', parts: event.parts ?? [] })
    else if (event.kind === 'partsTakenBack') without((tap) => tap.kind === 'partsTakenBack')
  }
  return taps.at(-1)
}
