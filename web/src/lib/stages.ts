import type { Look } from '../api/client'

/** A stage of a look: after it one may stop. */
export type LookStage = NonNullable<Look['stages']>[number]

type Stages = readonly LookStage[]

/** The stage that a coat is in, from 0: where it is named itself, else where its part is, else the first. */
export function stageOf(stages: Stages, part: string, role?: string): number {
  const named = (name: string) => stages.findIndex((s) => s.coats.includes(name))
  const own = role === undefined ? -1 : named(`${part}/${role}`)
  return own >= 0 ? own : Math.max(0, named(part))
}

/**
 * The stages with a part, or one of its coats, in another one.
 *
 * @param stage From 0; null leaves a coat where its part is.
 */
export function putInto(stages: Stages, name: string, stage: number | null): LookStage[] {
  const part = !name.includes('/')
  const gone = (coat: string) => coat === name || (part && coat.startsWith(`${name}/`))
  return stages.map((s, k) => {
    const rest = s.coats.filter((coat) => !gone(coat))
    // What no stage names is in the first; a coat whose part is elsewhere must be named there too.
    return { ...s, coats: k === stage && (k > 0 || !part) ? [...rest, name] : rest }
  })
}

/** One more stage at the end; the first one makes two of a look that was painted in one go. */
export const added = (stages: Stages, first: string, next: string): LookStage[] => [
  ...(stages.length > 0 ? stages : [{ name: first, coats: [] }]),
  { name: next, coats: [] },
]

/** One stage less; what was in it goes to the one before, of the first to the next. Null when only one is left, which is none. */
export function without(stages: Stages, stage: number): LookStage[] | null {
  const takes = stage > 0 ? stage - 1 : 1
  const left = stages
    .map((s, k) => (k === takes ? { ...s, coats: [...s.coats, ...stages[stage]!.coats] } : s))
    .filter((_, k) => k !== stage)
  return left.length > 1 ? left : null
}
