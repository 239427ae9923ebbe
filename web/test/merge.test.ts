// @vitest-environment node
import { describe, expect, it } from 'vitest'
import { bothChanged, merged, piecesOf, same, usualChoice } from '../src/lib/merge'
import { random } from './random'

interface Doc {
  name: string
  notes?: string
  sizes?: Record<string, number>
  parts: { id: string; mm: number }[]
}

const base: Doc = {
  name: 'Diver',
  notes: 'wet',
  sizes: { nose: 40, jaw: 110 },
  parts: [
    { id: 'a', mm: 1 },
    { id: 'b', mm: 2 },
    { id: 'c', mm: 3 },
  ],
}

const all = <T>(n: number, what: T) => Array.from({ length: n }, () => what)

function changed(doc: Doc, next: (most: number) => number): Doc {
  const out: Doc = { ...doc, sizes: { ...doc.sizes }, parts: [...doc.parts] }
  for (let n = next(4); n >= 0; n--) {
    const what = next(6)
    if (what === 0) out.name = `Diver ${next(5)}`
    else if (what === 1) out.notes = next(2) ? `n${next(4)}` : undefined
    else if (what === 2) out.sizes![['nose', 'jaw', 'brow'][next(3)]!] = 30 + next(9)
    else if (what === 3) out.parts = out.parts.filter((p) => p.id !== ['a', 'b', 'c'][next(3)])
    else if (what === 4 && !out.parts.some((p) => p.id === 'd')) out.parts.push({ id: 'd', mm: next(9) })
    else out.parts = out.parts.map((p) => (p.id === 'b' ? { ...p, mm: next(9) } : p))
  }
  return out
}

const byId = (doc: Doc) => ({ ...doc, parts: [...doc.parts].sort((x, y) => x.id.localeCompare(y.id)) })

describe('two painters at one document', () => {
  it('are told what each changed, thing by thing', () => {
    const mine: Doc = {
      ...base,
      name: 'Wreck diver',
      parts: [base.parts[0]!, { id: 'b', mm: 9 }, base.parts[2]!],
    }
    const theirs: Doc = {
      ...base,
      sizes: { nose: 41, jaw: 110 },
      parts: [{ id: 'a', mm: 7 }, ...base.parts.slice(1)],
    }
    const pieces = piecesOf(base, mine, theirs)
    expect(pieces.map((p) => p.path.join('/')).sort()).toEqual(['name', 'parts/a', 'parts/b', 'sizes/nose'])
    expect(pieces.some(bothChanged)).toBe(false)
    // Each has what they alone changed.
    expect(merged(theirs, mine, pieces, pieces.map(usualChoice))).toEqual({
      ...base,
      name: 'Wreck diver',
      sizes: { nose: 41, jaw: 110 },
      parts: [{ id: 'a', mm: 7 }, { id: 'b', mm: 9 }, base.parts[2]],
    })
  })

  it('collide where both changed the same in different ways', () => {
    const pieces = piecesOf(base, { ...base, name: 'Mine' }, { ...base, name: 'Theirs' })
    expect(pieces.map(bothChanged)).toEqual([true])
    expect(usualChoice(pieces[0]!)).toBe('mine')
  })

  it('put a new part where it was put', () => {
    const mine = { ...base, parts: [base.parts[0]!, { id: 'x', mm: 5 }, ...base.parts.slice(1)] }
    const theirs = { ...base, parts: [...base.parts, { id: 'y', mm: 6 }] }
    const pieces = piecesOf(base, mine, theirs)
    const both = merged(theirs, mine, pieces, pieces.map(usualChoice))
    expect(both.parts.map((p) => p.id)).toEqual(['a', 'x', 'b', 'c', 'y'])
  })

  // Laws: all of mine is mine, all of theirs is theirs, and who changed nothing loses nothing.
  it.each(Array.from({ length: 200 }, (_, n) => n + 1))('seed %i: nothing comes from nowhere', (seed) => {
    const next = random(seed)
    const [mine, theirs] = [changed(base, next), changed(base, next)]
    const pieces = piecesOf(base, mine, theirs)
    expect(same(byId(merged(theirs, mine, pieces, all(pieces.length, 'mine'))), byId(mine))).toBe(true)
    expect(same(merged(theirs, mine, pieces, all(pieces.length, 'theirs')), theirs)).toBe(true)
    expect(piecesOf(base, mine, mine)).toEqual([])
    const alone = piecesOf(base, mine, base)
    expect(same(byId(merged(base, mine, alone, alone.map(usualChoice))), byId(mine))).toBe(true)
    const other = piecesOf(base, base, theirs)
    expect(same(merged(theirs, base, other, other.map(usualChoice)), theirs)).toBe(true)
  })
})
