import type { Painting, PaintingEntry } from '../api/client'

/** Entries that have all the words somewhere: in their name, the wearer's, a paint, or a lot. */
export function found(
  entries: readonly PaintingEntry[],
  words: string,
  faceOf: (painting: Painting) => string,
): PaintingEntry[] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean)
  return entries.filter(({ painting }) => {
    const text = [
      painting.name,
      painting.on,
      painting.notes,
      faceOf(painting),
      ...(painting.paints ?? []).flatMap((p) => [p.name, p.lot]),
    ]
      .join('\n')
      .toLowerCase()
    return wanted.every((w) => text.includes(w))
  })
}
