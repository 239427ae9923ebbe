import { describe, expect, it } from 'vitest'
import type { GalleryEntry } from '../src/api/client'
import { EVERYTHING, found, productionsOf, tagsOf } from '../src/lib/gallery'

const look = (name: string, more: Partial<GalleryEntry> = {}): GalleryEntry => ({
  id: name,
  name,
  revision: 1,
  savedAt: '2026-10-01T10:00:00Z',
  production: null,
  tags: [],
  facts: null,
  ...more,
})

const facts = (sureMinutes: number, more: Partial<NonNullable<GalleryEntry['facts']>> = {}) => ({
  likelyMinutes: sureMinutes,
  sureMinutes,
  steps: 4,
  paintedCm2: 100,
  reaches: 'face' as const,
  lacking: [],
  kinds: [],
  ...more,
})

const LOOKS = [
  look('Otter', { tags: ['beast'], production: 'Quay', facts: facts(12), savedAt: '2026-10-03T10:00:00Z' }),
  look('Saint', {
    tags: ['bone', 'drowned'],
    production: 'Chapel',
    facts: facts(30, { reaches: 'toChest' }),
  }),
  look('Bride', { tags: ['drowned'], production: 'Quay', facts: facts(20, { lacking: ['Verdigris'] }) }),
  look('Unseen'),
]
const names = (wanted: Partial<typeof EVERYTHING>) =>
  found(LOOKS, { ...EVERYTHING, ...wanted }).map((l) => l.name)

describe('the gallery', () => {
  it('shows everything by name when nothing is asked for', () => {
    expect(names({})).toEqual(['Bride', 'Otter', 'Saint', 'Unseen'])
  })

  it('finds every word somewhere: in the name, a tag or the production', () => {
    expect(names({ search: 'quay drown' })).toEqual(['Bride'])
    expect(names({ search: '  BONE ' })).toEqual(['Saint'])
    expect(names({ search: 'nothing such' })).toEqual([])
  })

  it('asks for all tags that are chosen, and for one production', () => {
    expect(names({ tags: ['drowned'] })).toEqual(['Bride', 'Saint'])
    expect(names({ tags: ['drowned', 'bone'] })).toEqual(['Saint'])
    expect(names({ production: 'Quay' })).toEqual(['Bride', 'Otter'])
  })

  it('hides what is known not to fit, and never what is not known yet', () => {
    expect(names({ mostMinutes: 15 })).toEqual(['Otter', 'Unseen'])
    expect(names({ reach: 'chest' })).toEqual(['Saint', 'Unseen'])
    expect(names({ reach: 'noFarther' })).toEqual(['Bride', 'Otter', 'Unseen'])
    expect(names({ atHand: true })).toEqual(['Otter', 'Saint', 'Unseen'])
  })

  it('a narrower wish never shows more', () => {
    for (const most of [40, 25, 15, 5])
      expect(names({ mostMinutes: most }).length).toBeGreaterThanOrEqual(
        names({ mostMinutes: most - 5 }).length,
      )
  })

  it('sorts by the newest save and by minutes, what is unknown last', () => {
    expect(names({ sort: 'newest' })[0]).toBe('Otter')
    expect(names({ sort: 'minutes' })).toEqual(['Otter', 'Bride', 'Saint', 'Unseen'])
  })

  it('tells tags by how often they occur, and productions by name', () => {
    expect(tagsOf(LOOKS)).toEqual(['drowned', 'beast', 'bone'])
    expect(productionsOf(LOOKS)).toEqual(['Chapel', 'Quay'])
  })
})
