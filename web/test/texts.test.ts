import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { say } from '../src/texts'
import en from '../src/texts/en.json'
import { pseudo, pseudoOf } from '../src/texts/pseudo'

const files = (folder: string): string[] =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name)
    return statSync(path).isDirectory() ? files(path) : [path]
  })

const source = files('src')
  .filter((f) => /\.(vue|ts)$/.test(f) && !f.includes('schema.d'))
  .map((f) => readFileSync(f, 'utf8'))
  .join('\n')

const all = Object.entries(en).flatMap(([section, texts]) =>
  Object.entries(texts).map(([key, text]) => ({ key: `${section}.${key}`, text })),
)
const places = (text: string) => [...text.matchAll(/\{(\w+)\}/g)].map((m) => m[1]!)

/** The whole call that begins there, to its own closing bracket. */
function callAt(at: number): string {
  let depth = 0
  for (let end = at; end < source.length; end++) {
    if (source[end] === '(') depth++
    else if (source[end] === ')' && --depth === 0) return source.slice(at, end)
  }
  return ''
}

describe('the catalogue', () => {
  it('has no text that nobody says', () => {
    expect(all.filter(({ key }) => !source.includes(`${key}'`)).map(({ key }) => key)).toEqual([])
  })

  it('has no empty text and none with spaces to spare', () => {
    expect(all.filter(({ text }) => text.trim() === '' || /  /.test(text)).map(({ key }) => key)).toEqual([])
  })

  it('fills every place and leaves none open', () => {
    for (const { key, text } of all) {
      const values = Object.fromEntries(places(text).map((p) => [p, 7]))
      const said = say(key as Parameters<typeof say>[0], values)
      expect(said, key).not.toMatch(/\{\w+\}/)
      expect(said, key).not.toBe(key)
    }
  })

  it('names the places of every text in every call that says it', () => {
    for (const { key, text } of all)
      for (let at = source.indexOf(`say('${key}'`); at >= 0; at = source.indexOf(`say('${key}'`, at + 1))
        for (const place of places(text))
          expect(callAt(at), `${key} needs ${place}`).toMatch(new RegExp(`\\b${place}\\b`))
  })
})

describe('the made-up language', () => {
  it('stands in brackets, is longer, and keeps places for values', () => {
    const said = pseudo('Takes {minutes} min of {paint}')
    expect(said).toMatch(/^⟦.*⟧$/)
    expect(places(said)).toEqual(['minutes', 'paint'])
    expect(said.length).toBeGreaterThan('Takes {minutes} min of {paint}'.length * 1.1)
  })

  it('leaves no plain word standing', () => {
    for (const { text } of all) {
      const plain = pseudo(text).replace(/\{[^}]*\}/g, '')
      for (const word of plain.match(/[A-Za-z]{9,}/g) ?? []) throw new Error(`${word} of “${text}”`)
    }
  })

  it('has every text of the catalogue', () => {
    const made = pseudoOf(en)
    expect(Object.keys(made)).toEqual(Object.keys(en))
    for (const [section, texts] of Object.entries(en))
      expect(Object.keys(made[section as keyof typeof en])).toEqual(Object.keys(texts))
  })
})
