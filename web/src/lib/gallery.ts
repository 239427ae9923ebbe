import type { GalleryEntry } from '../api/client'

export type Sort = 'name' | 'newest' | 'minutes'

/** What of the gallery is wanted; empty for everything. */
export interface Wanted {
  search: string
  tags: string[]
  /** Of this production; null for all. */
  production: string | null
  /** With the surety that the setting asks for. */
  mostMinutes: number | null
  /** Down to the chest, or no farther than the neck; null for either. */
  reach: 'chest' | 'noFarther' | null
  /** All of its paints are in the kit at hand. */
  atHand: boolean
  sort: Sort
}

export const EVERYTHING: Wanted = {
  search: '',
  tags: [],
  production: null,
  mostMinutes: null,
  reach: null,
  atHand: false,
  sort: 'name',
}

const words = (look: GalleryEntry) => [look.name, look.production ?? '', ...look.tags].join(' ').toLowerCase()

function fits(look: GalleryEntry, wanted: Wanted): boolean {
  const text = words(look)
  const { facts } = look
  // What is not known yet is shown rather than lost.
  return (
    wanted.search
      .toLowerCase()
      .split(/\s+/)
      .every((word) => text.includes(word)) &&
    wanted.tags.every((t) => look.tags.includes(t)) &&
    (wanted.production === null || look.production === wanted.production) &&
    (wanted.mostMinutes === null || !facts || facts.sureMinutes <= wanted.mostMinutes) &&
    (wanted.reach === null || !facts || (facts.reaches === 'toChest') === (wanted.reach === 'chest')) &&
    (!wanted.atHand || !facts || facts.lacking.length === 0)
  )
}

const ORDERS: Record<Sort, (a: GalleryEntry, b: GalleryEntry) => number> = {
  name: (a, b) => a.name.localeCompare(b.name),
  newest: (a, b) => b.savedAt.localeCompare(a.savedAt),
  minutes: (a, b) => (a.facts?.sureMinutes ?? Infinity) - (b.facts?.sureMinutes ?? Infinity),
}

/** Those looks, in that order; equals by name. */
export const found = (looks: GalleryEntry[], wanted: Wanted): GalleryEntry[] =>
  looks.filter((l) => fits(l, wanted)).sort((a, b) => ORDERS[wanted.sort](a, b) || ORDERS.name(a, b))

/** What occurs, the most often first. */
export function tagsOf(looks: GalleryEntry[]): string[] {
  const counts = new Map<string, number>()
  for (const look of looks) for (const tag of look.tags) counts.set(tag, (counts.get(tag) ?? 0) + 1)
  return [...counts].sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0])).map(([tag]) => tag)
}

export const productionsOf = (looks: GalleryEntry[]): string[] =>
  [...new Set(looks.flatMap((l) => (l.production ? [l.production] : [])))].sort((a, b) => a.localeCompare(b))
