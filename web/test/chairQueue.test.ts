import { beforeEach, describe, expect, it } from 'vitest'
import { ChairQueue, deviceOf, sessionsOn, type Shelf } from '../src/lib/chairQueue'

class Memory implements Shelf {
  private readonly kept = new Map<string, string>()
  getItem = (key: string) => this.kept.get(key) ?? null
  setItem = (key: string, value: string) => void this.kept.set(key, value)
  removeItem = (key: string) => void this.kept.delete(key)
}

const AT = new Date('2026-10-31T17:00:00Z')
const done = (step: string) => ({ kind: 'stepDone' as const, step, other: null, words: null, parts: [] })

describe('what happens in the chair', () => {
  let shelf: Memory
  beforeEach(() => (shelf = new Memory()))

  it('waits until the service has it, and is not lost with the page', () => {
    const queue = new ChairQueue('s', 'tablet', shelf)
    queue.add(done('base'), AT)
    queue.add(done('sockets'), AT)
    // The page is loaded anew, and goes on counting.
    const again = new ChairQueue('s', 'tablet', shelf)
    expect(again.waiting.map((e) => e.step)).toEqual(['base', 'sockets'])
    expect(again.add(done('teeth'), AT).number).toBe(3)
    again.heard(again.waiting.slice(0, 2))
    expect(again.waiting.map((e) => e.step)).toEqual(['teeth'])
    expect(again.events).toHaveLength(3)
  })

  it('counts on where another page of the browser stopped, so that neither loses anything', () => {
    const [one, two] = [new ChairQueue('s', 'tablet', shelf), new ChairQueue('s', 'tablet', shelf)]
    one.add(done('base'), AT)
    two.add(done('sockets'), AT)
    one.add(done('teeth'), AT)
    expect(one.events.map((e) => [e.number, e.step])).toEqual([
      [1, 'base'],
      [2, 'sockets'],
      [3, 'teeth'],
    ])
    two.heard(one.events.slice(0, 1))
    expect(two.waiting.map((e) => e.step)).toEqual(['sockets', 'teeth'])
  })

  it('is found by its session, and nothing else of the browser is taken for one', () => {
    const keys: string[] = []
    const noting: Shelf = {
      getItem: () => null,
      setItem: (key) => void keys.push(key),
      removeItem: () => undefined,
    }
    new ChairQueue('night-3', 'tablet', noting).add(done('base'), AT)
    expect(sessionsOn([...keys, 'datura.wish.mirror', 'datura.device', 'datura.theme'])).toEqual(['night-3'])
  })

  it('takes in what other devices noted, each thing once', () => {
    const tablet = new ChairQueue('s', 'tablet', shelf)
    const phone = new ChairQueue('s', 'phone', new Memory())
    tablet.add(done('base'), AT)
    phone.add(done('left ear'), AT)
    const service = [...tablet.waiting, ...phone.waiting]
    tablet.heard(service)
    tablet.heard(service)
    phone.heard(service)
    expect(tablet.events.map((e) => e.id).sort()).toEqual(['phone-1', 'tablet-1'])
    expect(phone.events.map((e) => e.id).sort()).toEqual(['phone-1', 'tablet-1'])
    expect(tablet.waiting).toHaveLength(0)
    // Its own count goes on by itself.
    expect(tablet.add(done('sockets'), AT).id).toBe('tablet-2')
  })

  it('begins anew where the shelf holds nonsense', () => {
    shelf.setItem('datura.chair.s', '{"known": 3')
    expect(new ChairQueue('s', 'tablet', shelf).events).toEqual([])
    shelf.setItem('datura.chair.s', '{"known": 3}')
    expect(new ChairQueue('s', 'tablet', shelf).events).toEqual([])
  })

  it('knows its own device again', () => {
    expect(deviceOf(shelf, () => 'a')).toBe('a')
    expect(deviceOf(shelf, () => 'b')).toBe('a')
  })
})
