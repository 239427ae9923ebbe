import type { ChairStepState } from './chair'

/** Parts of which nothing is on the skin yet, with the planned seconds that leaving each out saves; the largest saving first. */
export function openParts(steps: readonly ChairStepState[]): { id: string; seconds: number }[] {
  const begun = new Set(steps.filter((s) => s.status === 'done').flatMap((s) => s.step.parts ?? []))
  const saved = new Map<string, number>()
  for (const s of steps.filter((one) => one.status === 'open')) {
    const parts = s.step.parts ?? []
    // A step that lays other parts too is not saved by leaving out one of them.
    if (parts.length === 1 && !begun.has(parts[0]!))
      saved.set(parts[0]!, (saved.get(parts[0]!) ?? 0) + s.step.seconds + s.step.waitSeconds)
  }
  return [...saved].map(([id, seconds]) => ({ id, seconds })).sort((a, b) => b.seconds - a.seconds)
}
