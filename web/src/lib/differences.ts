import { say } from '../texts'
import type { Difference } from '../api/client'
import { same } from './merge'

export interface Words {
  kindOf: (id: string) => string
  paintOf: (id: string) => string
}

interface PartLike {
  kind?: string
}

const NAMES: Record<string, string> = {
  reliefMm: say('differences.relief'),
  wetLifts: say('differences.shareThatAWetBrushLifts'),
  numbers: '',
  words: '',
}

// A word of the look file; what the painter typed stays as it is.
const CAMEL = /^[a-z]+([A-Z][a-z]+)+$/

const spaced = (name: string) => name.replace(/([A-Z])/g, (l) => ` ${l.toLowerCase()}`).replace(/ mm$/, '')

function valueOf(json: string | null, words: Words): string {
  if (json === null) return say('differences.asUsual')
  try {
    return said(JSON.parse(json) as unknown, words)
  } catch {
    return json
  }
}

function said(value: unknown, words: Words): string {
  if (value === null || value === '') return say('differences.nothing')
  if (typeof value === 'boolean') return say(value ? 'differences.yes' : 'differences.no')
  if (typeof value === 'string') return CAMEL.test(value) ? spaced(value) : value
  if (typeof value === 'number') return String(Number(value.toFixed(2)))
  if (Array.isArray(value)) return value.map((v) => said(v, words)).join(', ')
  const share = value as { paint?: string; parts?: number }
  if (share.paint !== undefined) return `${share.parts} ${words.paintOf(share.paint)}`
  return Object.entries(value as object)
    .map(([key, v]) => `${spaced(key)} ${said(v, words)}`)
    .join(', ')
}

/** What one side changed of a piece, leaf by leaf. */
export function changesOf(path: string[], before: unknown, after: unknown): Difference[] {
  if (same(before, after)) return []
  const json = (v: unknown) => (v === undefined ? null : JSON.stringify(v))
  if (isTree(before) && isTree(after))
    return [...new Set([...Object.keys(before), ...Object.keys(after)])].flatMap((key) =>
      changesOf([...path, key], before[key], after[key]),
    )
  return [{ path, before: json(before), after: json(after) }]
}

const isTree = (v: unknown): v is Record<string, unknown> =>
  typeof v === 'object' && v !== null && !Array.isArray(v)

/** What differs between two saves of a look, as a painter would say it: "Horns: length 40 → 55". */
export function differenceWords(difference: Difference, kinds: Record<string, string>, words: Words): string {
  const [first, id, ...rest] = difference.path
  if (first === 'parts' && id === 'order') return say('differences.thePartsLieInAnotherOrder')
  if (first === 'parts' && id !== undefined && rest.length === 0) {
    const json = difference.before ?? difference.after
    const kind = json ? (JSON.parse(json) as PartLike).kind : undefined
    const name = kind ? words.kindOf(kind) : spaced(id)
    return difference.before === null
      ? say('differences.added', { name })
      : say('differences.takenAway', { name })
  }
  const [where, path] =
    first === 'parts' && id !== undefined ? [words.kindOf(kinds[id] ?? id), rest] : ['', difference.path]
  const what = path
    .map((step) => NAMES[step] ?? spaced(step))
    .filter(Boolean)
    .join(', ')
  const change = `${what} ${valueOf(difference.before, words)} → ${valueOf(difference.after, words)}`
  return where ? `${where}: ${change}` : change.charAt(0).toUpperCase() + change.slice(1)
}
