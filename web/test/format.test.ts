import { fileName } from '../src/lib/download'
import { describe, expect, it } from 'vitest'
import { clock, MM_PER_INCH, sentence, size } from '../src/lib/format'

describe('lengths and times', () => {
  // The international yard and pound agreement of 1959: one inch is 25.4 mm.
  it('holds an inch to be 25.4 mm', () => {
    expect(MM_PER_INCH).toBe(25.4)
    expect(size({ label: 'x', value: 25.4, unit: 'mm', against: '' }, 'in')).toBe('1 in')
    expect(size({ label: 'x', value: 25.4 * 25.4 * 0.01, unit: 'cm²', against: '' }, 'in')).toBe('1 sq in')
  })

  it('never shows a figure without its unit, but for counts', () => {
    for (const unit of ['mm', 'in'] as const) {
      expect(size({ label: 'x', value: 12.34, unit: 'mm', against: '' }, unit)).toMatch(/^[\d.]+ (mm|in)$/)
      expect(size({ label: 'x', value: 123.4, unit: 'cm²', against: '' }, unit)).toMatch(
        /^[\d.]+ (cm²|sq in)$/,
      )
      expect(size({ label: 'x', value: 12.34, unit: '°', against: '' }, unit)).toBe('12.3 °')
      expect(size({ label: 'x', value: 24, unit: '', against: '' }, unit)).toBe('24')
    }
  })

  it('writes minutes and seconds, and carries a full minute over', () => {
    expect(clock(0)).toBe('0:00')
    expect(clock(59.6)).toBe('1:00')
    expect(clock(187)).toBe('3:07')
    expect(clock(3599.4)).toBe('59:59')
  })

  it('begins a sentence with a capital', () => expect(sentence('the beak')).toBe('The beak'))
})

describe('names of files', () => {
  it.each([
    ['Tide warden on odalys', 'tide-warden-on-odalys.pdf'],
    ['../../etc/passwd', 'etc-passwd.pdf'],
    ['Käpt’n  Ægir: 2/3', 'käpt-n-ægir-2-3.pdf'],
    ['???', 'datura.pdf'],
    ['x'.repeat(400), `${'x'.repeat(100)}.pdf`],
  ])('%s is taken by every system', (words, name) => expect(fileName(words, 'pdf')).toBe(name))
})
