import type { Hanging, Part } from '../api/client'

/** Whether a part hangs on another, however many lie between. */
export function hangsOn(parts: readonly Part[], id: string, host: string): boolean {
  let at = parts.find((p) => p.id === id)?.hung?.on
  for (let steps = 0; at && steps <= parts.length; steps++) {
    if (at === host) return true
    const next: string = at
    at = parts.find((p) => p.id === next)?.hung?.on
  }
  return false
}

/** Nothing at all when a part hangs as its kind does. */
export function withoutNothing(hung: Hanging): Hanging | null {
  return hung.at || hung.on || hung.once || hung.turnDeg ? hung : null
}

/** The parts that are left when one goes: an edge goes with what it is the edge of, others hang by themselves again. */
export function withoutHost(
  parts: readonly Part[],
  id: string,
  needsHost: (kind: string) => boolean,
): Part[] {
  const gone = new Set([id])
  for (let before = 0; before < gone.size;) {
    before = gone.size
    for (const p of parts) if (p.hung?.on && gone.has(p.hung.on) && needsHost(p.kind)) gone.add(p.id)
  }
  return parts
    .filter((p) => !gone.has(p.id))
    .map((p) => (p.hung?.on && gone.has(p.hung.on) ? { ...p, hung: null } : p))
}
