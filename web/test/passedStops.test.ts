import { describe, expect, it } from 'vitest'
import type { Caution } from '../src/api/client'
import { isOfWearer, passing, unpassing } from '../src/lib/passedStops'

const stop = (code: string, parts: string[], paint: string | null = null) =>
  ({ code, severity: 'stop', paint, parts: parts.map((id) => ({ id, label: id })) }) as unknown as Caution

describe('a stop that is passed', () => {
  it('is passed for every part that it is said of, in the painter’s words', () => {
    const passed = passing([], stop('eyeArea', ['patch', 'ring'], 'tar'), 'the label was read again')
    expect(passed.map((p) => [p.part, p.paint, p.words])).toEqual([
      ['patch', 'tar', 'the label was read again'],
      ['ring', 'tar', 'the label was read again'],
    ])
  })

  it('is passed once, with the newest words', () => {
    const first = passing([], stop('infection', []), 'healed since')
    expect(passing(first, stop('infection', []), 'the doctor said so')).toEqual([
      { code: 'infection', part: null, paint: null, words: 'the doctor said so' },
    ])
  })

  it('is taken back alone', () => {
    const both = passing(
      passing([], stop('eyeArea', ['patch'], 'tar'), 'read again'),
      stop('lipArea', ['patch'], 'tar'),
      'read again',
    )
    expect(unpassing(both, stop('eyeArea', ['patch'], 'tar')).map((p) => p.code)).toEqual(['lipArea'])
    // Of another paint it is another stop.
    expect(unpassing(both, stop('eyeArea', ['patch'], 'tin'))).toEqual(both)
  })

  it('goes with the wearer where the wearer brings it', () => {
    expect(['allergen', 'coldSore', 'underThree'].every((code) => isOfWearer(stop(code, [])))).toBe(true)
    expect(['eyeArea', 'notForSkin', 'looseInWind'].some((code) => isOfWearer(stop(code, [])))).toBe(false)
  })
})
