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
