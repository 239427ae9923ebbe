import { say } from '../texts'
import type { BoothDay, DrillBook, Production } from '../api/types'
import { timeOfDay } from './format'

/** What stands on a day, and where it leads. */
export interface CalendarEntry {
  on: string
  what: string
  to: string
  kind: 'day' | 'evening' | 'patch' | 'practice'
}

const DAY_MS = 86_400_000

/** Weeks of a month, Monday to Sunday, with the days of its neighbours that fill them: days as they are kept. */
export function weeksOf(month: string): string[][] {
  const first = new Date(`${month}-01T12:00:00Z`)
  const start = first.getTime() - ((first.getUTCDay() + 6) % 7) * DAY_MS
  const weeks: string[][] = []
  for (let at = start; weeks.length === 0 || inMonth(at, month);) {
    weeks.push(Array.from({ length: 7 }, (_, k) => iso(at + k * DAY_MS)))
    at += 7 * DAY_MS
  }
  return weeks
}

const iso = (at: number) => new Date(at).toISOString().slice(0, 10)
const inMonth = (at: number, month: string) => iso(at).startsWith(month)

/** So many months on. */
export function monthsOn(month: string, by: number): string {
  const [year, number] = month.split('-').map(Number) as [number, number]
  const at = year * 12 + number - 1 + by
  return `${Math.floor(at / 12)}-${String((at % 12) + 1).padStart(2, '0')}`
}

/** Everything that has a day: booths, evenings, patch tests, practice. */
export function entriesOf(
  days: readonly { id: string; day: BoothDay }[],
  productions: readonly { id: string; production: Production }[],
  books: readonly { id: string; book: DrillBook }[],
): CalendarEntry[] {
  const booths = days
    .filter(({ day }) => day.on)
    .map(({ id, day }): CalendarEntry => ({
      on: day.on!,
      what: `${timeOfDay(day.fromMinute ?? 0)} ${day.name}`,
      to: `/days/${id}`,
      kind: 'day',
    }))
  const evenings = productions.flatMap(({ id, production }) => [
    ...production.performances.map((p): CalendarEntry => ({
      on: p.on,
      what: `${timeOfDay(p.bellMinute ?? 0)} ${production.name}`,
      to: `/calls/${id}`,
      kind: 'evening',
    })),
    ...production.wearers
      .filter((w) => w.patchOn)
      .map((w): CalendarEntry => ({
        on: w.patchOn!,
        what: say('calendar.patch', { who: w.name }),
        to: `/calls/${id}`,
        kind: 'patch',
      })),
  ])
  const practice = books.flatMap(({ id, book }) =>
    [...new Set(book.tries.map((t) => t.on))].map((on): CalendarEntry => ({
      on,
      what: say('calendar.practice', {
        who: book.name,
        count: book.tries.filter((t) => t.on === on).length,
      }),
      to: `/drills/${id}`,
      kind: 'practice',
    })),
  )
  return [...booths, ...evenings, ...practice].sort((a, b) =>
    a.on === b.on ? a.what.localeCompare(b.what) : a.on < b.on ? -1 : 1,
  )
}
