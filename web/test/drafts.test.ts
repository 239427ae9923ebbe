import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Look } from '../src/api/client'
import { dropDraft, keepDraft, readDraft } from '../src/lib/drafts'

const look = {
  name: 'Net mender',
  mapping: 'pencil',
  parts: [],
} as unknown as Look

function browser(full = false) {
  const kept = new Map<string, string>()
  vi.stubGlobal('localStorage', {
    getItem: (k: string) => kept.get(k) ?? null,
    setItem: (k: string, v: string) => {
      if (full) throw new DOMException('full', 'QuotaExceededError')
      kept.set(k, v)
    },
    removeItem: (k: string) => kept.delete(k),
  })
  return kept
}

afterEach(() => vi.unstubAllGlobals())

describe('work that is not saved yet', () => {
  it('comes back as it was, for its own look alone, until it is dropped', () => {
    browser()
    expect(keepDraft('net-mender', { revision: 3, look })).toBe(true)
    expect(readDraft('net-mender')).toEqual({ revision: 3, look })
    expect(readDraft('wreck-diver')).toBeNull()
    dropDraft('net-mender')
    expect(readDraft('net-mender')).toBeNull()
  })

  it('says so when the browser keeps nothing, and reads nothing from rubbish', () => {
    browser(true)
    expect(keepDraft('net-mender', { revision: 1, look })).toBe(false)
    browser().set('datura.draft.net-mender', '{broken')
    expect(readDraft('net-mender')).toBeNull()
  })
})
