// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest'
import { LENSES, lensOf } from '../src/lenses/registry'
import { SHORTCUTS } from '../src/lib/shortcuts'

describe('the lenses', () => {
  it('are told apart by id, name and key', () => {
    for (const of of ['id', 'label', 'key'] as const)
      expect(new Set(LENSES.map((l) => l[of])).size).toBe(LENSES.length)
  })

  it('take no key that means something else', () => {
    const taken = SHORTCUTS.flatMap((s) => ('keys' in s ? [...(s.keys as readonly string[])] : []))
    expect(LENSES.filter((l) => taken.includes(l.key))).toEqual([])
  })

  it('have one letter each, found in help and title', () => {
    for (const lens of LENSES) {
      expect(lens.key).toMatch(/^[a-z]$/)
      expect(lens.does).toContain(`${lens.label} lens`)
    }
  })

  it('fall back on the painted face', () => expect(lensOf('no such lens').id).toBe(LENSES[0].id))
})
