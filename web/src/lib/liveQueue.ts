import type { QueueEvent, QueueNow } from '../api/types'
import type { Shelf } from './chairQueue'

/**
 * The queue of one day on this device. What is tapped waits on the browser's own shelf until the service has it, so that a reload or a cut
 * connection loses none; until then the queue is shown as it will be.
 */

const PREFIX = 'datura.queue.'

interface Kept {
  waiting: QueueEvent[]
  last: QueueNow | null
}

/** The booth's own time of day, with its hours from UTC. */
export function boothTime(at: Date): string {
  const east = -at.getTimezoneOffset()
  const local = new Date(at.getTime() + east * 60_000).toISOString().slice(0, -1)
  const two = (n: number) => String(Math.floor(Math.abs(n))).padStart(2, '0')
  return `${local}${east < 0 ? '-' : '+'}${two(east / 60)}:${two(Math.abs(east) % 60)}`
}

export class LiveQueueShelf {
  private kept: Kept

  constructor(
    private readonly day: string,
    private readonly shelf: Shelf,
    private readonly freshId: () => string,
  ) {
    this.kept = this.read()
  }

  get waiting(): readonly QueueEvent[] {
    return this.kept.waiting
  }

  /** As the service last had it, with what it has not heard yet. */
  get now(): QueueNow | null {
    return this.kept.last && this.kept.waiting.reduce(after, this.kept.last)
  }

  /** Notes what happened; it is on the shelf before anything else is done. */
  add(what: Omit<QueueEvent, 'id' | 'at'>, at: Date): QueueEvent {
    const event = { ...what, id: this.freshId(), at: boothTime(at) }
    const kept = this.read()
    this.put({ ...kept, waiting: [...kept.waiting, event] })
    return event
  }

  /** What the service says now; it has what was sent. */
  heard(queue: QueueNow, sent: readonly QueueEvent[] = []) {
    const ids = new Set(sent.map((e) => e.id))
    this.put({ waiting: this.read().waiting.filter((e) => !ids.has(e.id)), last: queue })
  }

  // Another page of this browser may have noted something meanwhile.
  private read(): Kept {
    try {
      const kept = JSON.parse(this.shelf.getItem(PREFIX + this.day) ?? '') as Kept
      if (Array.isArray(kept.waiting)) return { waiting: kept.waiting, last: kept.last ?? null }
    } catch {
      // Nothing was kept, or nothing that can be read: the service's own is read next.
    }
    return { waiting: [], last: null }
  }

  private put(kept: Kept) {
    this.kept = kept
    this.shelf.setItem(PREFIX + this.day, JSON.stringify(kept))
  }
}

/** A queue after one more event, as far as this device can tell; the service has the last word. */
export function after(queue: QueueNow, event: QueueEvent): QueueNow {
  const { kind, painter } = event
  if (kind === 'closed' || kind === 'opened') return { ...queue, closed: kind === 'closed' }
  if (kind === 'painterAway') return { ...queue, away: [...new Set([...queue.away, painter!])] }
  if (kind === 'painterBack') return { ...queue, away: queue.away.filter((p) => p !== painter) }
  if (kind === 'joined') {
    if (queue.tickets.some((t) => t.ticket.id === event.id)) return queue
    const number = Math.max(0, ...queue.tickets.map((t) => t.ticket.number)) + 1
    const ticket = {
      id: event.id,
      number,
      look: event.look!,
      name: event.name ?? null,
      state: 'waiting' as const,
      joinedAt: event.at,
    }
    return { ...queue, tickets: [...queue.tickets, { ticket, lookName: event.look!, wait: null }] }
  }
  const tickets = queue.tickets.map((t) => {
    if (t.ticket.id !== event.ticket) return t
    const of = t.ticket
    const to = (more: Partial<typeof of>) => ({ ...t, wait: null, ticket: { ...of, ...more } })
    if (kind === 'called' && (of.state === 'waiting' || of.state === 'noShow'))
      return to({ state: 'called', calledAt: event.at, painter })
    if (kind === 'began' && of.state === 'called') return to({ state: 'inChair', beganAt: event.at })
    if (kind === 'done' && (of.state === 'called' || of.state === 'inChair'))
      return to({ state: 'done', endedAt: event.at })
    if (kind === 'noShow' && of.state === 'called') return to({ state: 'noShow', endedAt: event.at })
    if (kind === 'left' && of.state === 'waiting') return to({ state: 'left', endedAt: event.at })
    if (kind === 'back' && of.state !== 'waiting')
      return to(
        of.state === 'done' || of.state === 'inChair'
          ? { state: of.state === 'done' && of.beganAt ? 'inChair' : 'called', endedAt: null }
          : { state: 'waiting', calledAt: null, beganAt: null, endedAt: null, painter: null },
      )
    return t
  })
  return { ...queue, tickets }
}
