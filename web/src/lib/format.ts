import { say } from '../texts'
import type { SizeLine } from '../api/client'

export type LengthUnit = 'mm' | 'in'

export const MM_PER_INCH = 25.4
const CM2_PER_SQUARE_INCH = 6.4516

/** Seconds as minutes and seconds, 3:07. */
export function clock(seconds: number): string {
  const whole = Math.round(seconds)
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}

function trimmed(value: number, digits: number): string {
  return String(Number(value.toFixed(digits)))
}

/** A size with its unit, in millimetres or inches. */
export function size(line: SizeLine, unit: LengthUnit): string {
  if (line.unit === 'mm') {
    return unit === 'in'
      ? say('format.in', { mM_PER_INCH: trimmed(line.value / MM_PER_INCH, 2) })
      : `${trimmed(line.value, 1)} mm`
  }
  if (line.unit === 'cm²') {
    const area = unit === 'in' ? line.value / CM2_PER_SQUARE_INCH : line.value
    return `${trimmed(area, area >= 100 ? 0 : 1)} ${unit === 'in' ? say('format.sqIn') : 'cm²'}`
  }
  return line.unit === '' ? trimmed(line.value, 0) : `${trimmed(line.value, 1)} ${line.unit}`
}

/** A day as it is kept, 2026-11-28: here, not in Greenwich. */
export function today(now = new Date()): string {
  return [now.getFullYear(), now.getMonth() + 1, now.getDate()]
    .map((n) => String(n).padStart(2, '0'))
    .join('-')
}

/** Minutes after midnight as a time of the day, 15:07. */
export const timeOfDay = (minute: number) =>
  `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(Math.floor(minute % 60)).padStart(2, '0')}`

/** A time of the day, written as 15:30, 1530, 930 or 15, as minutes after midnight; null for none. */
export function minuteOf(time: string): number | null {
  const found = /^(\d{1,2})[:.h ]?(\d{2})?$/.exec(time.trim())
  if (!found) return null
  const [hour, minute] = [Number(found[1]), Number(found[2] ?? 0)]
  return minute > 59 || 60 * hour + minute > 24 * 60 ? null : 60 * hour + minute
}

/** A length with its unit, whatever it is of. */
export function length(mm: number, unit: LengthUnit): string {
  return unit === 'in'
    ? say('format.in', { mM_PER_INCH: (mm / MM_PER_INCH).toFixed(2) })
    : `${mm.toFixed(1)} mm`
}

export function sentence(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1)
}
