import type { Practice } from '../api/client'
import { say } from '../texts'
import { clock } from './format'

const MOST_AHEAD = 60

/** What practice did so far and will do, in words; never more than can be told. */
export function practiceWords(practice: Practice, seconds: boolean): string {
  const { exponent, exponentSd, improves, target, moreSessions, points } = practice
  if (exponent === null || exponent === undefined) return say('practice.tooFew', { count: points.length })
  if (!improves) return say('practice.notYet')
  // Each doubling of sessions takes off so much.
  const less = (b: number) => Math.round(100 * (1 - 2 ** -b))
  const told = say('practice.less', {
    share: less(exponent),
    off: Math.max(1, Math.round((100 * 2 ** -exponent * (exponentSd ?? 0)) / 1.4427)),
  })
  // Farther ahead than a season nobody plans.
  if ((moreSessions ?? 0) > MOST_AHEAD) return told
  if (moreSessions === null || moreSessions === undefined || target === null || target === undefined)
    return told
  return `${told} ${say('practice.more', {
    target: seconds ? say('practice.minutes', { time: clock(target) }) : `×${target.toFixed(2)}`,
    count: moreSessions,
  })}`
}
