import coats from './coats'
import form from './form'
import type { LensEntry } from './lens'
import look from './look'
import map from './map'
import order from './order'

/** All lenses, as they stand in the bar. The first shows the painted face. */
export const LENSES: readonly [LensEntry, ...LensEntry[]] = [look, map, form, order, coats]

export const lensOf = (id: string): LensEntry => LENSES.find((l) => l.id === id) ?? LENSES[0]
