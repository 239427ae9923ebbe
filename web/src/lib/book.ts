import type { Painting, PaintingEntry } from '../api/client'

/** What is looked for in the book. */
export interface Wanted {
  words: string
  look: string | null
  painter: string | null
  only: 'chair' | 'reaction' | null
}

export const EVERYTHING: Wanted = { words: '', look: null, painter: null, only: null }

/** Entries that have all the words somewhere: in their name, the wearer's, the painter's, a paint, or a lot; of one look, painter or sort. */
export function found(
  entries: readonly PaintingEntry[],
  wanted: Wanted,
  faceOf: (painting: Painting) => string,
): PaintingEntry[] {
  const words = wanted.words.toLowerCase().split(/\s+/).filter(Boolean)
  return entries.filter(({ painting }) => {
    if (wanted.look && painting.look !== wanted.look) return false
    if (wanted.painter && painting.painter !== wanted.painter && painting.secondPainter !== wanted.painter)
      return false
    if (wanted.only === 'chair' && !painting.steps?.length) return false
    if (wanted.only === 'reaction' && !painting.reaction) return false
    const text = [
      painting.name,
      painting.on,
      painting.notes,
      painting.painter ?? '',
      painting.secondPainter ?? '',
      faceOf(painting),
      ...(painting.paints ?? []).flatMap((p) => [p.name, p.lot]),
    ]
      .join('\n')
      .toLowerCase()
    return words.every((w) => text.includes(w))
  })
}
