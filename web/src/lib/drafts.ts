import type { LookDocument } from '../api/client'

/** Work not yet saved, kept in the browser so that a lost connection or a closed tab loses nothing. */
export interface Draft {
  revision: number
  look: LookDocument
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
    return text ? (JSON.parse(text) as Draft) : null
  } catch {
    return null
  }
}

export function dropDraft(id: string) {
  localStorage.removeItem(key(id))
}
