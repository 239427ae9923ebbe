// @vitest-environment node
import { describe, expect, it } from 'vitest'
import { useDrafts } from '../src/lib/drafts'
import { random } from './random'

interface Note {
  text: string
}

/** A browser with tabs that open and close; each knows which of the others are there. */
class Browser {
  readonly kept = new Map<string, string>()
  readonly there = new Set<string>()
  full = false

  private readonly storage: Storage

  constructor() {
    const { kept } = this
    const setItem = (k: string, v: string) => {
      if (this.full) throw new DOMException('full', 'QuotaExceededError')
      kept.set(k, v)
    }
    this.storage = {
      get length() {
        return kept.size
      },
      key: (n) => [...kept.keys()][n] ?? null,
      getItem: (k) => kept.get(k) ?? null,
      setItem,
      removeItem: (k) => void kept.delete(k),
      clear: () => kept.clear(),
    }
  }

  tab(name: string) {
    this.there.add(name)
    return useDrafts(this.storage, name, () => Promise.resolve(new Set(this.there)))
  }

  close(name: string) {
    this.there.delete(name)
  }
}

const draft = (text: string, at = 1) => ({ revision: 3, value: { text }, at })

describe('work that is not saved yet', () => {
  it('comes back as it was, for its own document alone, until it is dropped', async () => {
    const tab = new Browser().tab('a')
    expect(tab.keep('looks', 'net-mender', draft('x'))).toBe(true)
    expect(await tab.take('looks', 'net-mender')).toMatchObject(draft('x'))
    expect(await tab.take('looks', 'wreck-diver')).toBeNull()
    expect(await tab.take('faces', 'net-mender')).toBeNull()
    tab.drop('looks', 'net-mender')
    expect(await tab.take('looks', 'net-mender')).toBeNull()
  })

  it('is not found under an id that only starts the same', async () => {
    const browser = new Browser()
    browser.tab('a').keep('looks', 'net-mender', draft('x'))
    browser.close('a')
    expect(await browser.tab('b').take('looks', 'net')).toBeNull()
  })

  it('is not touched by another tab that is at the same look', async () => {
    const browser = new Browser()
    const [a, b] = [browser.tab('a'), browser.tab('b')]
    a.keep('looks', 'net-mender', draft('of a'))
    expect(await b.take('looks', 'net-mender')).toBeNull()
    b.keep('looks', 'net-mender', draft('of b'))
    b.drop('looks', 'net-mender')
    expect(await a.take<Note>('looks', 'net-mender')).toMatchObject(draft('of a'))
  })

  it('is taken over, once, from a tab that is gone; the newest first', async () => {
    const browser = new Browser()
    for (const [name, at] of [
      ['a', 1],
      ['b', 2],
    ] as const) {
      browser.tab(name).keep('looks', 'net-mender', draft(name, at))
      browser.close(name)
    }
    const [c, d] = [browser.tab('c'), browser.tab('d')]
    expect(await c.take<Note>('looks', 'net-mender')).toMatchObject({ value: { text: 'b' } })
    expect(await d.take<Note>('looks', 'net-mender')).toMatchObject({ value: { text: 'a' } })
    expect(await browser.tab('e').take('looks', 'net-mender')).toBeNull()
  })

  it('says so when the browser keeps nothing, and reads nothing from rubbish', async () => {
    const browser = new Browser()
    const tab = browser.tab('a')
    browser.kept.set('datura.draft.looks.net-mender.gone', '{broken')
    expect(await tab.take('looks', 'net-mender')).toBeNull()
    browser.full = true
    expect(tab.keep('looks', 'net-mender', draft('x'))).toBe(false)
  })

  it('is given even when there is no place to take it over', async () => {
    const browser = new Browser()
    browser.tab('a').keep('looks', 'net-mender', draft('x'))
    browser.close('a')
    browser.full = true
    expect(await browser.tab('b').take('looks', 'net-mender')).toMatchObject(draft('x'))
    expect(browser.kept.size).toBe(1)
  })

  it('is read as browsers kept it before each tab had its own', async () => {
    const browser = new Browser()
    const look = { format: 'datura-look', version: 1, name: 'Net mender', kit: null }
    browser.kept.set('datura.draft.net-mender', JSON.stringify({ revision: 4, look }))
    const taken = await browser.tab('a').take('looks', 'net-mender')
    expect(taken).toMatchObject({ revision: 4, value: { name: 'Net mender' } })
    expect(taken!.value).not.toHaveProperty('format')
    expect(browser.kept.has('datura.draft.net-mender')).toBe(false)
  })
})

// Three tabs that write, save, close and open again in any order: what was kept and not saved is always there for whoever opens next.
describe('drafts of many tabs, whatever happens in whatever order', () => {
  it.each(Array.from({ length: 60 }, (_, n) => n + 1))('seed %i loses nothing', async (seed) => {
    const [browser, next] = [new Browser(), random(seed)]
    const open = new Map<string, { drafts: ReturnType<typeof useDrafts>; text: string | null }>()
    /** Every text that was kept and neither saved nor written over by its own tab. */
    const owed = new Set<string>()
    let count = 0
    for (let step = 0; step < 80; step++) {
      const name = `tab${next(3)}-${Math.floor(step / 20)}`
      const tab = open.get(name)
      if (!tab) {
        const drafts = browser.tab(name)
        const taken = await drafts.take<Note>('looks', 'whelk')
        open.set(name, { drafts, text: taken?.value.text ?? null })
        if (taken) expect(owed.has(taken.value.text)).toBe(true)
      } else if (next(3) === 0) {
        if (tab.text !== null) owed.delete(tab.text)
        tab.text = null
        tab.drafts.drop('looks', 'whelk')
      } else if (next(3) === 0) {
        browser.close(name)
        open.delete(name)
      } else {
        if (tab.text !== null) owed.delete(tab.text)
        tab.text = `w${++count}`
        owed.add(tab.text)
        tab.drafts.keep('looks', 'whelk', { revision: 1, value: { text: tab.text }, at: step })
      }
    }
    for (const [name, tab] of open) {
      if (tab.text !== null) owed.delete(tab.text)
      tab.drafts.drop('looks', 'whelk')
      browser.close(name)
    }
    for (let n = 0; owed.size > 0; n++) {
      const taken = await browser.tab(`last${n}`).take<Note>('looks', 'whelk')
      expect(taken).not.toBeNull()
      owed.delete(taken!.value.text)
    }
    expect(await browser.tab('end').take('looks', 'whelk')).toBeNull()
  })
})
