import type { DocumentKind } from '../api/client'

/** Work not yet saved, kept in the browser so that a lost connection or a closed tab loses nothing. */
export interface Draft<T> {
  /** The revision that it was made on. */
  revision: number
  value: T
  /** A save that was sent and never answered: sent again with its key, it is the same save. */
  pending?: { key: string; value: T }
  /** When it was kept, ms since 1970. */
  at: number
}

const PREFIX = 'datura.draft'

/**
 * Drafts of one tab. Each tab keeps its own, so that none erases another's; what a tab left behind that is no longer there is
 * taken over by the next that opens the document.
 */
export function useDrafts(storage: Storage, tab: string, alive: () => Promise<ReadonlySet<string>>) {
  const key = (kind: DocumentKind, id: string, of = tab) => `${PREFIX}.${kind}.${id}.${of}`

  /** False when the browser has no place for it. */
  function keep<T>(kind: DocumentKind, id: string, draft: Draft<T>): boolean {
    try {
      storage.setItem(key(kind, id), JSON.stringify(draft))
      return true
    } catch {
      return false
    }
  }

  function drop(kind: DocumentKind, id: string) {
    storage.removeItem(key(kind, id))
  }

  /** This tab's draft of a document; or the newest that a tab left behind, which is this tab's from now on. */
  async function take<T>(kind: DocumentKind, id: string): Promise<Draft<T> | null> {
    const own = read<T>(storage, key(kind, id))
    if (own) return own
    const start = key(kind, id, '')
    const others = keysOf(storage).filter((k) => k.startsWith(start) || k === `${PREFIX}.${id}`)
    if (others.length === 0) return null
    const there = await alive()
    const left = others
      .filter((k) => !there.has(k.slice(start.length)))
      .map((k) => ({ k, draft: read<T>(storage, k) }))
      .sort((a, b) => (b.draft?.at ?? 0) - (a.draft?.at ?? 0))
    const newest = left.find((l) => l.draft)
    if (!newest?.draft || !keep(kind, id, newest.draft)) return newest?.draft ?? null
    storage.removeItem(newest.k)
    return newest.draft
  }

  return { keep, drop, take }
}

export type Drafts = ReturnType<typeof useDrafts>

function keysOf(storage: Storage): string[] {
  return Array.from({ length: storage.length }, (_, n) => storage.key(n)).filter((k) => k !== null)
}

function read<T>(storage: Storage, key: string): Draft<T> | null {
  try {
    const text = storage.getItem(key)
    if (!text) return null
    const kept = JSON.parse(text, (_, value: unknown) => value ?? undefined) as Partial<Draft<T>> & {
      look?: T
    }
    const value = kept.value ?? withoutFormat(kept.look)
    if (typeof kept.revision !== 'number' || !value) return null
    return { revision: kept.revision, value, pending: kept.pending, at: kept.at ?? 0 }
  } catch {
    return null
  }
}

// Drafts of looks from before every tab had its own stand under "look", and carry the format of the file.
function withoutFormat<T>(look: T | undefined): T | undefined {
  if (!look) return undefined
  const rest = { ...look } as Record<string, unknown>
  delete rest.format
  delete rest.version
  return rest as T
}
