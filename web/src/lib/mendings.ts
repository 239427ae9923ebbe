import type { Look } from '../api/client'

/** A preparing or mending step that the painter wants, or a proposed one that she does not want. */
export type Mending = NonNullable<Look['mendings']>[number]
export type MendingKind = Mending['kind']

type Mendings = readonly Mending[]

/** Kinds that a plan proposes by itself, since something would not hold without them. */
const PROPOSED: readonly MendingKind[] = ['powderCream', 'wetSpot']

const others = (mendings: Mendings, kind: MendingKind, coat: string) =>
  mendings.filter((m) => m.kind !== kind || m.coat !== coat)

/** With one step for a coat, and how long it takes her; null for what is reckoned. */
export const asked = (
  mendings: Mendings,
  kind: MendingKind,
  coat: string,
  seconds: number | null = null,
): Mending[] => [...others(mendings, kind, coat), { kind, coat, takenOut: false, seconds }]

/** Without a step for a coat. What the plan would propose again is named as unwanted. */
export const takenOut = (mendings: Mendings, kind: MendingKind, coat: string): Mending[] => [
  ...others(mendings, kind, coat),
  ...(PROPOSED.includes(kind) ? [{ kind, coat, takenOut: true, seconds: null }] : []),
]

/** Without what was for the coats of a part. */
export const withoutPart = (mendings: Mendings, part: string): Mending[] =>
  mendings.filter((m) => !m.coat.startsWith(`${part}/`))
