import type { Kind, Part } from '../api/types'

/** What a new part's paints should go with: the paint of the base, and those of the other parts, by their ids. */
export interface Beside {
  over?: string
  beside?: string
}

/** The paint that a mix holds most of. */
const chief = (mix: Part['paints'][string]) => [...mix].sort((a, b) => b.parts - a.parts)[0]?.paint

/** The colours a look has already. The base that goes on first is what a new part lies on. */
export function coloursOf(parts: readonly Part[], kindOf: (id: string) => Kind | undefined): Beside {
  const isBase = (part: Part) => kindOf(part.kind)?.roles[0]?.stage === 'base'
  const paints = (part: Part) =>
    Object.values(part.paints)
      .map(chief)
      .filter((id) => id !== undefined)
  const base = parts.find(isBase)
  const over = base && paints(base)[0]
  const beside = [...new Set(parts.filter((p) => !isBase(p)).flatMap(paints))]
  return { ...(over ? { over } : {}), ...(beside.length > 0 ? { beside: beside.join(',') } : {}) }
}
