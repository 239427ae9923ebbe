import type { PlanStep } from '../api/client'

/** When the last stroke of a step is done, seconds of the session. */
export const endOf = (step: PlanStep) => step.startSeconds + step.setUpSeconds + step.workSeconds

/** Steps done at a place on a bar that shows the whole session; null when all are. */
export function stepsDoneAt(event: PointerEvent, bar: HTMLElement, steps: PlanStep[], totalSeconds: number) {
  const box = bar.getBoundingClientRect()
  const at = Math.min(1, Math.max(0, (event.clientX - box.left) / box.width)) * totalSeconds
  const done = steps.filter((s) => endOf(s) <= at + 0.5).length
  return done >= steps.length ? null : done
}
