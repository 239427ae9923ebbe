import type { ChairEvent } from '../api/client'

/** Where events wait until the service has them: the browser's own store, so that a reload or a flat battery loses none. */
export interface Shelf {
  getItem(key: string): string | null
  setItem(key: string, value: string): void
  removeItem(key: string): void
}

const PREFIX = 'datura.chair.'
const keyOf = (session: string) => PREFIX + session

/** Sessions of which something is kept, by the keys of a shelf. */
export const sessionsOn = (keys: readonly string[]) =>
  keys.filter((k) => k.startsWith(PREFIX)).map((k) => k.slice(PREFIX.length))
const DEVICE = 'datura.device'

/** This browser among those in the room. */
export function deviceOf(shelf: Shelf, fresh: () => string): string {
  const known = shelf.getItem(DEVICE)
  if (known) return known
  const made = fresh()
  shelf.setItem(DEVICE, made)
  return made
}

interface Kept {
  /** All events of the session that this device knows of. */
  known: ChairEvent[]
  /** Ids of those that the service has not confirmed. */
  waiting: string[]
}

/** Events of one session on this device: what is known, and what the service still has to hear. */
export class ChairQueue {
  private kept: Kept

  constructor(
    private readonly session: string,
    private readonly device: string,
    private readonly shelf: Shelf,
  ) {
    this.kept = read(shelf.getItem(keyOf(session)))
  }

  get events(): readonly ChairEvent[] {
    return this.kept.known
  }

  get waiting(): readonly ChairEvent[] {
    return this.kept.known.filter((e) => this.kept.waiting.includes(e.id))
  }

  /** Notes what happened; it is on the shelf before anything else is done. */
  add(what: Omit<ChairEvent, 'id' | 'device' | 'number' | 'at'>, at: Date): ChairEvent {
    this.readAgain()
    const number =
      1 + Math.max(0, ...this.kept.known.filter((e) => e.device === this.device).map((e) => e.number))
    const event = {
      ...what,
      id: `${this.device}-${number}`,
      device: this.device,
      number,
      at: at.toISOString(),
    }
    this.put({ known: [...this.kept.known, event], waiting: [...this.kept.waiting, event.id] })
    return event
  }

  /** What the service has: it joins what is known here, and waits no longer. */
  heard(all: readonly ChairEvent[]) {
    this.readAgain()
    const there = new Set(all.map((e) => e.id))
    this.put({
      known: [...all, ...this.kept.known.filter((e) => !there.has(e.id))],
      waiting: this.kept.waiting.filter((id) => !there.has(id)),
    })
  }

  /** Another page of this browser may have noted something meanwhile, under the same device and count. */
  private readAgain() {
    const text = this.shelf.getItem(keyOf(this.session))
    if (text) this.kept = read(text)
  }

  /** A session that is over and told is the book's: nothing of it stays here. */
  forget() {
    if (!this.kept.waiting.length) this.shelf.removeItem(keyOf(this.session))
  }

  private put(kept: Kept) {
    this.kept = kept
    this.shelf.setItem(keyOf(this.session), JSON.stringify(kept))
  }
}

function read(text: string | null): Kept {
  try {
    const kept = JSON.parse(text ?? '') as Kept
    if (Array.isArray(kept.known) && Array.isArray(kept.waiting)) return kept
  } catch {
    // Nothing was kept, or nothing that can be read: the service's own is read next.
  }
  return { known: [], waiting: [] }
}
