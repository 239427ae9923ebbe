import { describe, expect, it } from 'vitest'
import { clockAfter, waitWords } from '../src/lib/queueWords'

describe('how a wait is told', () => {
  it('says from and to, once where they are the same, and that there is none', () => {
    expect(waitWords({ lowMinutes: 4.4, minutes: 6, highMinutes: 9.3 })).toBe('4 to 9 min')
    expect(waitWords({ lowMinutes: 4.6, minutes: 5, highMinutes: 5.4 })).toBe('5 min')
    expect(waitWords({ lowMinutes: 0, minutes: 0, highMinutes: 1 })).toBe('no wait')
    expect(waitWords(null)).toBe('nobody to paint it')
  })

  it('never says less for more', () => {
    for (let high = 2; high < 90; high += 0.7) {
      const told = waitWords({ lowMinutes: high / 2, minutes: high / 1.4, highMinutes: high })
      const [low, most] = told.match(/\d+/g)!.map(Number)
      expect(most ?? low).toBeGreaterThanOrEqual(low!)
    }
  })

  it('tells the time of day past the hour and midnight', () => {
    const at = new Date(2026, 11, 5, 23, 50).getTime()
    expect(clockAfter(at, 5)).toBe('23:55')
    expect(clockAfter(at, 15)).toBe('0:05')
  })
})
