import type { LiveWait } from '../api/types'
import { say } from '../texts'

/** So many minutes are nothing to tell anybody. */
const SOON_MINUTES = 1.5

/** A time of day so many minutes from now, to the nearest minute. */
export function clockAfter(nowMs: number, minutes: number): string {
  const at = new Date(nowMs + minutes * 60_000)
  return `${at.getHours()}:${String(at.getMinutes()).padStart(2, '0')}`
}

/** How long a wait will be, as it is told to whoever waits. */
export function waitWords(wait: LiveWait | null | undefined): string {
  if (!wait) return say('queue.nobodyPaints')
  if (wait.highMinutes < SOON_MINUTES) return say('queue.atOnce')
  const [low, high] = [Math.round(wait.lowMinutes), Math.round(wait.highMinutes)]
  return low === high ? say('queue.minutes', { minutes: low }) : say('queue.fromTo', { low, high })
}
