import type { DrillAdvice } from '../api/types'
import { say } from '../texts'
import { lessEachDoubling } from './practice'

/** What a stroke that can be practised is called, and what to mind. */
export const STROKES: Record<string, { name: string; mind: string }> = {
  thickToThin: { name: say('drills.thickToThin'), mind: say('drills.thickToThinMind') },
  equalDrops: { name: say('drills.equalDrops'), mind: say('drills.equalDropsMind') },
  webThreads: { name: say('drills.webThreads'), mind: say('drills.webThreadsMind') },
  petals: { name: say('drills.petals'), mind: say('drills.petalsMind') },
  symmetricPair: { name: say('drills.symmetricPair'), mind: say('drills.symmetricPairMind') },
  splitLoad: { name: say('drills.splitLoad'), mind: say('drills.splitLoadMind') },
  evenSponge: { name: say('drills.evenSponge'), mind: say('drills.evenSpongeMind') },
}

export const nameOf = (a: DrillAdvice) => STROKES[a.advice.exercise]?.name ?? a.name

/** Why it is worth practising, in a few words; the strongest reasons only. */
export function reasons(a: DrillAdvice, today: string): string {
  const { share, slower, slips, due, quality } = a.advice
  const said: string[] = []
  if (share >= 0.005) said.push(say('drills.ofTheTime', { percent: Math.round(100 * share) }))
  if (slower > 1.1) said.push(say('drills.slower', { times: slower.toFixed(1) }))
  if (slips > 0) said.push(say('drills.slips', { percent: Math.round(100 * slips) }))
  if (quality === null) said.push(say('drills.never'))
  else if (due !== null && due <= today) said.push(say('drills.due'))
  else if (due !== null) said.push(say('drills.dueOn', { on: due }))
  return said.join(' · ')
}

/** How much steadier it gets, never more than can be told. */
export function steadier(a: DrillAdvice): string {
  const curve = a.curve
  if (!curve || curve.exponent === null) return say('drills.tooFew', { count: a.tries })
  if (!curve.improves) return say('drills.notYet')
  const { share, off } = lessEachDoubling(curve.exponent, curve.exponentSd ?? 0)
  return say('drills.lessOff', { share, off })
}
