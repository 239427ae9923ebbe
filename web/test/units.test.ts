import { expect, test } from 'vitest'
import { clock, size } from '../src/lib/format'
import { useHistory } from '../src/lib/history'
import { skinAt, typologyAngle, undertone } from '../src/lib/skinDial'
import { distanceTo, inside, zoneAt } from '../src/lib/zones'

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

test('the skin dial gives back the angle it was set to, and lightness grows along it', () => {
  let before = 0
  for (let angle = -45; angle <= 60; angle += 5) {
    const skin = skinAt(angle, 0)
    expect(Math.abs(typologyAngle(skin) - angle)).toBeLessThan(1)
    expect(skin.l).toBeGreaterThan(before)
    before = skin.l
  }
})

test('a golden skin is yellower and less red than a rosy one at the same angle', () => {
  const [rosy, golden] = [skinAt(30, -2), skinAt(30, 2)]
  expect(golden.b).toBeGreaterThan(rosy.b)
  expect(golden.a).toBeLessThan(rosy.a)
  expect(undertone(golden)).toBeGreaterThan(undertone(rosy))
})

test('whatever the dial says is a skin that can be', () => {
  for (let angle = -60; angle <= 70; angle += 10) {
    for (const tone of [-4, 0, 4]) {
      const skin = skinAt(angle, tone)
      expect(skin.l).toBeGreaterThanOrEqual(18)
      expect(skin.l).toBeLessThanOrEqual(86)
      expect(skin.a).toBeGreaterThan(0)
    }
  }
})

test('a drag is one step of undo however long it is held, and a new drag another', () => {
  const history = useHistory(0)
  const realNow = Date.now
  try {
    let time = 1000
    Date.now = () => time
    for (let k = 1; k <= 5; k++) {
      time += 5000
      history.change(k, 'part/width/1', true)
    }
    time += 5000
    history.change(9, 'part/width/2', true)
    history.undo()
    expect(history.now.value).toBe(5)
    history.undo()
    expect(history.now.value).toBe(0)
    history.redo()
    expect(history.now.value).toBe(5)
  } finally {
    Date.now = realNow
  }
})

test('changes far apart in time are steps of their own', () => {
  const history = useHistory('a')
  const realNow = Date.now
  try {
    let time = 1000
    Date.now = () => time
    history.change('b', 'name')
    time += 10_000
    history.change('c', 'name')
    history.undo()
    expect(history.now.value).toBe('b')
  } finally {
    Date.now = realNow
  }
})
