import type { OrderWish } from '../api/client'

type Over = NonNullable<NonNullable<OrderWish['over']>>[number]

/** What lies on what after one coat was laid over another: of two coats only one lies on top. */
export const laidOver = (over: readonly Over[], upper: string, lower: string): Over[] => [
  ...over.filter((o) => !isPair(o, upper, lower)),
  { upper, lower },
]

/** The same with a pair left to its school again. */
export const leftToSchool = (over: readonly Over[], a: string, b: string): Over[] =>
  over.filter((o) => !isPair(o, a, b))

const isPair = (o: Over, a: string, b: string) =>
  (o.upper === a && o.lower === b) || (o.upper === b && o.lower === a)

/** A coat of a stack, as far as dragging goes. */
interface Coat {
  key: string
  touches: readonly string[]
}

/**
 * What lies on what after a coat was dragged to another place of the stack: over what it passed upwards, under what it passed
 * downwards. What it does not touch is passed freely.
 *
 * @param stack From the skin up.
 * @returns Null when it touches nothing it passed, so that nothing changes.
 */
export function draggedTo(
  over: readonly Over[],
  stack: readonly Coat[],
  from: number,
  to: number,
): Over[] | null {
  const moved = stack[from]
  if (!moved) return null
  const passed = to > from ? stack.slice(from + 1, to + 1) : stack.slice(to, from)
  const touched = passed.filter((c) => moved.touches.includes(c.key))
  if (touched.length === 0) return null
  return touched.reduce(
    (all, c) => (to > from ? laidOver(all, moved.key, c.key) : laidOver(all, c.key, moved.key)),
    [...over],
  )
}
