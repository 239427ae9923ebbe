import type { Look } from '../api/client'

/** Work not yet saved, kept in the browser so that a lost connection or a closed tab loses nothing. */
export interface Draft {
  revision: number
  look: Look
}

const key = (id: string) => `datura.draft.${id}`

export function keepDraft(id: string, draft: Draft): boolean {
  try {
    localStorage.setItem(key(id), JSON.stringify(draft))
    return true
  } catch {
    return false
  }
}

export function readDraft(id: string): Draft | null {
  try {
    const text = localStorage.getItem(key(id))
    return text ? today(JSON.parse(text, (_, value: unknown) => value ?? undefined) as Draft) : null
  } catch {
    return null
  }
}

// Drafts kept before the format went out of the look still carry it, and nulls for what is as usual.
function today({ revision, look }: Draft): Draft {
  const rest = { ...look } as Record<string, unknown>
  delete rest.format
  delete rest.version
  return { revision, look: rest as unknown as Look }
}

export function dropDraft(id: string) {
  localStorage.removeItem(key(id))
}
