import { describe, expect, it } from 'vitest'
import type { QueueEvent, QueueNow } from '../src/api/types'
import { LiveQueueShelf, after, boothTime } from '../src/lib/liveQueue'

const shelfOf = () => {
  const kept = new Map<string, string>()
  return {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  }
}

const EMPTY: QueueNow = {
  tickets: [],
  closed: false,
  away: [],
  newWait: null,
  lastDone: { lowMinutes: 0, minutes: 0, highMinutes: 0 },
  inTimeChance: 1,
  stillTakes: true,
  pacePercent: {},
  now: '2026-12-05T14:00:00+01:00',
}

let n = 0
const fresh = () => `id${++n}`
const event = (kind: QueueEvent['kind'], more: Partial<QueueEvent> = {}): QueueEvent => ({
  id: fresh(),
  at: '2026-12-05T14:00:00+01:00',
  kind,
  ...more,
})

describe('the queue on this device', () => {
  it('keeps what was tapped over a reload until the service has it', () => {
    const shelf = shelfOf()
    const first = new LiveQueueShelf('d', shelf, fresh)
    first.heard(EMPTY)
    const joined = first.add({ kind: 'joined', look: 'whiskers' }, new Date())
    const again = new LiveQueueShelf('d', shelf, fresh)
    expect(again.waiting).toEqual([joined])
    expect(again.now!.tickets.map((t) => t.ticket.number)).toEqual([1])
    again.heard(after(EMPTY, joined), [joined])
    expect(again.waiting).toEqual([])
    expect(new LiveQueueShelf('d', shelf, fresh).now!.tickets).toHaveLength(1)
  })

  it('loses nothing that another page of the browser notes meanwhile', () => {
    const shelf = shelfOf()
    const [one, two] = [new LiveQueueShelf('d', shelf, fresh), new LiveQueueShelf('d', shelf, fresh)]
    one.heard(EMPTY)
    const a = one.add({ kind: 'joined', look: 'whiskers' }, new Date())
    const b = two.add({ kind: 'joined', look: 'scales' }, new Date())
    one.heard(EMPTY, [a])
    expect(new LiveQueueShelf('d', shelf, fresh).waiting).toEqual([b])
  })

  it('begins anew where what was kept cannot be read', () => {
    const shelf = shelfOf()
    shelf.setItem('datura.queue.d', '{"waiting": 3')
    expect(new LiveQueueShelf('d', shelf, fresh).waiting).toEqual([])
  })

  it('shows a ticket on its way through the chair, and taken back', () => {
    const joined = event('joined', { look: 'whiskers' })
    const of = { ticket: joined.id, painter: 'Bryn' }
    const state = (...events: QueueEvent[]) =>
      [joined, ...events].reduce(after, EMPTY).tickets[0]!.ticket.state
    expect(state(event('called', of))).toBe('called')
    expect(state(event('called', of), event('began', of))).toBe('inChair')
    expect(state(event('called', of), event('began', of), event('done', of))).toBe('done')
    expect(state(event('called', of), event('noShow', of), event('back', of))).toBe('waiting')
    expect(state(event('called', of), event('began', of), event('done', of), event('back', of))).toBe(
      'inChair',
    )
    // What cannot be changes nothing.
    expect(state(event('done', of))).toBe('waiting')
    expect(state(event('left', of), event('called', of))).toBe('left')
  })

  it('numbers run on, closing and breaks are seen at once', () => {
    const queue = [
      event('joined', { look: 'a' }),
      event('joined', { look: 'b' }),
      event('closed'),
      event('painterAway', { painter: 'Bryn' }),
    ].reduce(after, EMPTY)
    expect(queue.tickets.map((t) => t.ticket.number)).toEqual([1, 2])
    expect(queue.closed).toBe(true)
    expect(queue.away).toEqual(['Bryn'])
    expect(after(queue, event('painterBack', { painter: 'Bryn' })).away).toEqual([])
  })

  it('writes the booth’s own time of day', () => {
    const at = new Date(2026, 11, 5, 14, 3, 7)
    const text = boothTime(at)
    expect(text).toMatch(/^2026-12-05T14:03:07.000[+-]\d\d:\d\d$/)
    expect(new Date(text).getTime()).toBe(at.getTime())
  })
})
