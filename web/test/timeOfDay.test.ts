import { describe, expect, it } from 'vitest'
import { minuteOf, timeOfDay } from '../src/lib/format'

describe('a time of the day', () => {
  it('is read however it is written, and given back as it is kept', () => {
    for (let minute = 0; minute <= 24 * 60; minute += 7) expect(minuteOf(timeOfDay(minute))).toBe(minute)
    expect(minuteOf('1530')).toBe(930)
    expect(minuteOf('9')).toBe(540)
    expect(minuteOf('930')).toBe(570)
    expect(minuteOf(' 15.05 ')).toBe(905)
  })

  it('is none where there is none', () => {
    for (const wrong of ['', 'noon', '25:00', '12:61', '-1', '12:3x', '99999'])
      expect(minuteOf(wrong)).toBeNull()
  })
})
