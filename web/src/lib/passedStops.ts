import type { Caution, Look } from '../api/client'

type Passed = NonNullable<Look['passed']>[number]

/** Stops that the wearer brings: they go with the card, never with a look that others get. */
const OF_WEARER: readonly Caution['code'][] = [
  'allergen',
  'underThree',
  'brokenSkin',
  'sunburnt',
  'coldSore',
  'infection',
]

export const isOfWearer = (caution: Caution) => OF_WEARER.includes(caution.code)

const same = (a: Passed, b: Passed) =>
  a.code === b.code && (a.part ?? null) === (b.part ?? null) && (a.paint ?? null) === (b.paint ?? null)

/** A stop is said of every part that it concerns, one by one. */
function entries(caution: Caution, words: string): Passed[] {
  const { code, paint } = caution
  return caution.parts.length
    ? caution.parts.map((p) => ({ code, part: p.id, paint, words }))
    : [{ code, part: null, paint, words }]
}

/** The stops passed with one more, in the painter's words. */
export function passing(all: readonly Passed[], caution: Caution, words: string): Passed[] {
  return [...unpassing(all, caution), ...entries(caution, words)]
}

/** The stops passed without one. */
export function unpassing(all: readonly Passed[], caution: Caution): Passed[] {
  const gone = entries(caution, '')
  return all.filter((p) => !gone.some((g) => same(g, p)))
}
