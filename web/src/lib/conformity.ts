import type { Conformity, RuleFinding, WearerResource } from '../api/client'

/** A rule with its number on the sheet and on the pictures, and what it wants. */
export interface Numbered {
  number: number
  rule: string
  demand: string
}

/** Rules by their keys. */
export const numbered = (conformity: Conformity | null): Record<string, Numbered> =>
  Object.fromEntries(
    (conformity?.rules ?? []).map((r, k) => [r.rule, { number: k + 1, rule: r.rule, demand: r.demand }]),
  )

export const offOf = (wearer: WearerResource): RuleFinding[] =>
  wearer.findings.filter((f) => f.state === 'off')

/** How many wearers break a rule of a character's part. */
export const offOnPart = (conformity: Conformity | null, part: string): number => {
  const rules = new Set((conformity?.rules ?? []).filter((r) => r.part === part).map((r) => r.rule))
  return (conformity?.wearers ?? []).filter((w) => offOf(w).some((f) => rules.has(f.rule))).length
}

const who = (wearer: WearerResource) => `${wearer.face} ${wearer.look}`

/** Wearers that kept to every rule before a change of the rules, and do not any more. */
export function noLonger(before: Conformity | null, now: Conformity | null): WearerResource[] {
  const kept = new Set((before?.wearers ?? []).filter((w) => !w.problem && w.off === 0).map(who))
  return (now?.wearers ?? []).filter((w) => !w.problem && w.off > 0 && kept.has(who(w)))
}
