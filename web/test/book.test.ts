import { describe, expect, it } from 'vitest'
import type { PaintingEntry } from '../src/api/client'
import { EVERYTHING, found, type Wanted } from '../src/lib/book'
import { today } from '../src/lib/format'

const entry = (id: string, face: string | null, lots: string[]) =>
  ({
    id,
    revision: 1,
    painting: {
      name: `Quay seal, ${id}`,
      look: 'quay-seal',
      face,
      kit: null,
      on: id,
      notes: '',
      paints: lots.map((lot, k) => ({ paint: `p${k}`, name: k ? 'Tarn black' : 'Chalk white', lot })),
    },
  }) as PaintingEntry

const entries = [
  entry('2026-10-31', 'tamsin', ['S-4107', 'S-4110']),
  entry('2026-11-07', 'merrin', ['S-4107']),
  entry('2026-11-08', null, ['S-4200']),
]
const names: Record<string, string> = { tamsin: 'Tamsin Reed', merrin: 'Merrin Oakwater' }
const search = (wanted: Partial<Wanted>) =>
  found(entries, { ...EVERYTHING, ...wanted }, (p) => names[p.face ?? ''] ?? 'somebody').map((e) => e.id)

const look = (words: string) => search({ words })

describe('the book', () => {
  it('finds every face that a lot was on', () => {
    expect(look('S-4107')).toEqual(['2026-10-31', '2026-11-07'])
    expect(look('s-4200')).toEqual(['2026-11-08'])
  })

  it('finds by wearer, paint and day, and all words must be there', () => {
    expect(look('merrin')).toEqual(['2026-11-07'])
    expect(look('tarn black tamsin')).toEqual(['2026-10-31'])
    expect(look('tarn merrin')).toEqual([])
    expect(look('  ')).toHaveLength(3)
  })

  it('narrows by look, painter and what happened, and by all of them at once', () => {
    Object.assign(entries[0]!.painting, { painter: 'Wenna', steps: [{}] })
    Object.assign(entries[1]!.painting, { secondPainter: 'Wenna', reaction: {} })
    expect(search({ painter: 'Wenna' })).toEqual(['2026-10-31', '2026-11-07'])
    expect(search({ painter: 'Wenna', only: 'chair' })).toEqual(['2026-10-31'])
    expect(search({ only: 'reaction' })).toEqual(['2026-11-07'])
    expect(search({ look: 'kelp-bride' })).toEqual([])
    expect(search({ look: 'quay-seal', words: 'wenna tamsin' })).toEqual(['2026-10-31'])
  })
})

describe('a day', () => {
  it('is the one on the wall, not in Greenwich', () => {
    expect(today(new Date(2026, 0, 5, 23, 59))).toBe('2026-01-05')
    expect(today(new Date(2026, 11, 31, 0, 1))).toBe('2026-12-31')
  })
})
