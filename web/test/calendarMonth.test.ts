import { describe, expect, it } from 'vitest'
import { entriesOf, monthsOn, weeksOf } from '../src/lib/calendarMonth'

describe('a month', () => {
  it('is whole weeks from Monday on, with every day of it once', () => {
    for (let month = '2024-01'; month < '2028-12'; month = monthsOn(month, 1)) {
      const weeks = weeksOf(month)
      const all = weeks.flat()
      expect(weeks.every((w) => w.length === 7)).toBe(true)
      expect(new Set(all).size).toBe(all.length)
      expect(weeks.every((w) => new Date(`${w[0]}T12:00:00Z`).getUTCDay() === 1)).toBe(true)
      const [year, number] = month.split('-').map(Number) as [number, number]
      const length = new Date(Date.UTC(year, number, 0)).getUTCDate()
      expect(all.filter((d) => d.startsWith(month))).toHaveLength(length)
      // No week without a day of it.
      expect(weeks.every((w) => w.some((d) => d.startsWith(month)))).toBe(true)
    }
  })

  it('goes on over the turn of the year, and back', () => {
    expect(monthsOn('2026-12', 1)).toBe('2027-01')
    expect(monthsOn('2027-01', -1)).toBe('2026-12')
    expect(monthsOn('2026-05', 0)).toBe('2026-05')
  })

  it('holds all that has a day, in order', () => {
    const day = {
      name: 'Stall',
      on: '2026-12-05',
      fromMinute: 840,
      kit: '',
      setting: '',
      menu: [],
      painters: [],
      arrivals: [],
    }
    const run = {
      name: 'Bell',
      kit: '',
      setting: '',
      painters: [],
      wearers: [
        { name: 'Merrin', look: 'l', patchOn: '2026-12-03' },
        { name: 'Hale', look: 'l' },
      ],
      performances: [{ on: '2026-12-05', bellMinute: 1170 }],
    }
    const tried = {
      exercise: 'petals',
      ground: 'card' as const,
      placeMm: 1,
      shapeMm: 1,
      widthPercent: 0,
      unevenPercent: 1,
    }
    const entries = entriesOf(
      [
        { id: 'stall', day },
        { id: 'open', day: { ...day, on: null } },
      ],
      [{ id: 'bell', production: run }],
      [
        {
          id: 'w',
          book: {
            name: 'Wenna',
            tries: [
              { ...tried, on: '2026-12-01' },
              { ...tried, on: '2026-12-01' },
            ],
          },
        },
      ],
    )
    expect(entries.map((e) => [e.on, e.kind])).toEqual([
      ['2026-12-01', 'practice'],
      ['2026-12-03', 'patch'],
      ['2026-12-05', 'day'],
      ['2026-12-05', 'evening'],
    ])
    expect(entries[0]!.what).toContain('2')
  })
})
