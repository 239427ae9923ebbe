import type { Practice } from '../api/client'
import { say } from '../texts'
import { clock } from './format'

const MOST_AHEAD = 60

/** Each doubling of sessions takes off so much, in %, give or take. */
export const lessEachDoubling = (exponent: number, sd: number) => ({
  share: Math.round(100 * (1 - 2 ** -exponent)),
  off: Math.max(1, Math.round((100 * 2 ** -exponent * sd) / 1.4427)),
})

/** What practice did so far and will do, in words; never more than can be told. */
export function practiceWords(practice: Practice, seconds: boolean): string {
  const { exponent, exponentSd, improves, target, moreSessions, points } = practice
  if (exponent === null || exponent === undefined) return say('practice.tooFew', { count: points.length })
  if (!improves) return say('practice.notYet')
  const { share, off } = lessEachDoubling(exponent, exponentSd ?? 0)
  const told = say('practice.less', { share, off })
  // Farther ahead than a season nobody plans.
  if ((moreSessions ?? 0) > MOST_AHEAD) return told
  if (moreSessions === null || moreSessions === undefined || target === null || target === undefined)
    return told
  return `${told} ${say('practice.more', {
    target: seconds ? say('practice.minutes', { time: clock(target) }) : `×${target.toFixed(2)}`,
    count: moreSessions,
  })}`
}
