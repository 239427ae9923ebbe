/** JSON as documents hold it. */
type Tree = { [key: string]: unknown }

/** One thing of a document that two painters may each have changed: a part, a measure, a name. */
export interface Piece {
  /** Where it stands: `name`, `parts/socket-1`, `measuresMm/noseWidth`. */
  path: string[]
  base: unknown
  mine: unknown
  theirs: unknown
}

export type Choice = 'mine' | 'theirs'

const isTree = (v: unknown): v is Tree => typeof v === 'object' && v !== null && !Array.isArray(v)

/** Lists of things that have ids are merged thing by thing. */
const isNamed = (v: unknown): v is { id: string }[] =>
  Array.isArray(v) && v.length > 0 && v.every((one) => isTree(one) && typeof one.id === 'string')

const byId = (v: unknown): Tree => (isNamed(v) ? Object.fromEntries(v.map((one) => [one.id, one])) : {})

/** Whether two values are the same, whatever the order of their fields; a field that is undefined is as one that is missing. */
export function same(a: unknown, b: unknown): boolean {
  if (a === b) return true
  if (Array.isArray(a) && Array.isArray(b)) return a.length === b.length && a.every((v, n) => same(v, b[n]))
  if (!isTree(a) || !isTree(b)) return (a ?? null) === (b ?? null)
  return [...new Set([...Object.keys(a), ...Object.keys(b)])].every((k) => same(a[k], b[k]))
}

type How = 'whole' | 'fields' | 'named'

function howOf(...values: unknown[]): How {
  const there = values.filter((v) => v !== undefined && v !== null && !(Array.isArray(v) && v.length === 0))
  if (there.length > 0 && there.every(isNamed)) return 'named'
  return there.length > 1 && there.every(isTree) ? 'fields' : 'whole'
}

/** What of a document is not the same in mine and theirs. */
export function piecesOf(base: object, mine: object, theirs: object): Piece[] {
  const [b, m, t] = [base as Tree, mine as Tree, theirs as Tree]
  return [...new Set([...Object.keys(m), ...Object.keys(t)])].flatMap((key) => {
    if (same(m[key], t[key])) return []
    const how = howOf(b[key], m[key], t[key])
    if (how === 'whole') return [{ path: [key], base: b[key], mine: m[key], theirs: t[key] }]
    const of = how === 'named' ? byId : (v: unknown) => (v ?? {}) as Tree
    const [bs, ms, ts] = [of(b[key]), of(m[key]), of(t[key])]
    const inner = [...new Set([...Object.keys(ms), ...Object.keys(ts)])]
      .filter((k) => !same(ms[k], ts[k]))
      .map((k) => ({ path: [key, k], base: bs[k], mine: ms[k], theirs: ts[k] }))
    // The same things in another order are one piece of their own.
    return inner.length > 0 ? inner : [{ path: [key], base: b[key], mine: m[key], theirs: t[key] }]
  })
}

/** Whoever alone changed a piece has it; where both did, mine stands until the painter says otherwise. */
export function usualChoice(piece: Piece): Choice {
  return same(piece.mine, piece.base) ? 'theirs' : 'mine'
}

/** Whether both changed it, each in another way. */
export function bothChanged(piece: Piece): boolean {
  return !same(piece.mine, piece.base) && !same(piece.theirs, piece.base)
}

/** Theirs with what was chosen of mine. */
export function merged<T extends object>(theirs: T, mine: T, pieces: Piece[], choices: Choice[]): T {
  const out = { ...theirs } as Tree
  const from = mine as Tree
  pieces.forEach((piece, n) => {
    if (choices[n] !== 'mine') return
    const [key, inner] = piece.path as [string, string?]
    if (inner === undefined) out[key] = piece.mine
    else if (isNamed(out[key]) || isNamed(from[key])) out[key] = named(out[key], from[key], inner, piece.mine)
    else {
      const fields = { ...((out[key] ?? {}) as Tree) }
      if (piece.mine === undefined) delete fields[inner]
      else fields[inner] = piece.mine
      out[key] = fields
    }
  })
  return out as T
}

// A thing put in, replaced or taken out; a new one goes behind the one that it follows in mine.
function named(list: unknown, mine: unknown, id: string, value: unknown): unknown[] {
  const all = (Array.isArray(list) ? list : []) as { id: string }[]
  if (value === undefined) return all.filter((one) => one.id !== id)
  if (all.some((one) => one.id === id)) return all.map((one) => (one.id === id ? value : one))
  const order = (isNamed(mine) ? mine : []).map((one) => one.id)
  const before = order.slice(0, order.indexOf(id)).reverse()
  const after = before.map((b) => all.findIndex((one) => one.id === b)).find((at) => at >= 0) ?? -1
  return [...all.slice(0, after + 1), value, ...all.slice(after + 1)]
}
