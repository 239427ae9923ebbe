// The front end's own small rules, run without a browser.
import { expect, test } from '@playwright/test'
import { clock, size } from '../../web/src/lib/format'
import { distanceTo, inside, zoneAt } from '../../web/src/lib/zones'

const square = [0, 0, 10, 0, 10, 10, 0, 10]
const hole = [4, 4, 6, 4, 6, 6, 4, 6]

test('a place is inside a ring, and not inside its hole', () => {
  expect(inside([square], { x: 5, y: 5 })).toBe(true)
  expect(inside([square, hole], { x: 5, y: 5 })).toBe(false)
  expect(inside([square, hole], { x: 2, y: 2 })).toBe(true)
  expect(inside([square], { x: 11, y: 5 })).toBe(false)
})

test('the first zone that holds a place is its zone', () => {
  const body = { zones: { lid: [hole], orbit: [square] } } as unknown as Parameters<typeof zoneAt>[0]
  expect(zoneAt(body, { x: 5, y: 5 })).toBe('lid')
  expect(zoneAt(body, { x: 1, y: 1 })).toBe('orbit')
  expect(zoneAt(body, { x: 50, y: 1 })).toBeNull()
})

test('distance to a path is that to its nearest piece', () => {
  expect(distanceTo([0, 0, 10, 0, 10, 10], { x: 5, y: 3 })).toBeCloseTo(3)
  expect(distanceTo([0, 0, 10, 0, 10, 10], { x: 13, y: 14 })).toBeCloseTo(5)
})

test('minutes and seconds, millimetres and inches', () => {
  expect(clock(193)).toBe('3:13')
  expect(clock(59.7)).toBe('1:00')
  expect(size({ label: '', value: 25.4, unit: 'mm', against: '' }, 'in')).toBe('1 in')
  expect(size({ label: '', value: 39.24, unit: 'mm', against: '' }, 'mm')).toBe('39.2 mm')
  expect(size({ label: '', value: 1181.4, unit: 'cm²', against: '' }, 'mm')).toBe('1181 cm²')
  expect(size({ label: '', value: 6.4516, unit: 'cm²', against: '' }, 'in')).toBe('1 sq in')
  expect(size({ label: '', value: 24, unit: '', against: '' }, 'mm')).toBe('24')
})
