import type { ChairWay } from '../api/client'
import { partOf, type ChairStepState } from './chair'

/**
 * What to leave out so that the rest of a session still ends in time. The service reckons the same (Core/Chair/ChairRest); here it is done again so
 * that it works while the service is out of reach. Both are held to tests/practice/chair-rest.json.
 */

export interface ChairRest {
  /** Whether it ends in time with what is chosen; false when nothing that may go is enough. */
  fits: boolean
  /** Places in the list of ways; none when all of it fits. */
  chosen: number[]
  loss: number
  /** Likely seconds of the rest. */
  likely: number
  /** Seconds of the rest that the asked-for share of sessions does not exceed. */
  sure: number
  /** Likely seconds when nothing is left out. */
  goingOn: number
  proven: boolean
}

const MOST_NODES = 4000
const DAY_SHARE = 0.08
const NOTHING = 1e-9

type Way = { way: ChairWay; at: number }

/**
 * @param surety Standard deviations above the likely length that must fit.
 * @param into Seconds that the painters are into the steps they are at, by painter.
 */
export function chairRest(
  steps: readonly ChairStepState[],
  ways: readonly ChairWay[],
  dropped: ReadonlySet<string>,
  secondsLeft: number,
  surety: number,
  into: Readonly<Record<number, number>> = {},
): ChairRest {
  const open = steps.filter((s) => s.status === 'open')
  const intoOf = (painter: number) => into[painter] ?? 0
  const isGone = (coat: string) => dropped.has(coat) || dropped.has(partOf(coat))
  const lanes = [...new Set(open.map((s) => s.step.painter))]
  const current = lanes.map((p) => open.find((s) => s.step.painter === p)!)
  const begun = new Set(
    [
      ...steps.filter((s) => s.status === 'done'),
      ...current.filter((s) => intoOf(s.step.painter) > s.step.waitSeconds + (s.step.setUpSeconds ?? 0)),
    ]
      .flatMap((s) => s.step.coats ?? [])
      .map((c) => c.key),
  )

  // Steps and coats by number, so that a choice is reckoned in some microseconds: thousands are, on a slow tablet.
  const coats = open.flatMap((s) => s.step.coats ?? [])
  const numbers = new Map<string, number[]>()
  coats.forEach((c, k) => numbers.set(c.key, [...(numbers.get(c.key) ?? []), k]))
  let counted = 0
  const coatsOf = open.map((s) => (s.step.coats ?? []).map(() => counted++))
  const coatSeconds = coats.map((c) => c.seconds)
  const goneAlready = Uint8Array.from(coats, (c) => (isGone(c.key) ? 1 : 0))
  const gone = new Uint8Array(coats.length)
  const stepAt = new Map(open.map((s, k) => [s.step.key, k]))
  // What comes later in the order cannot be waited for.
  const after = open.map((s, k) =>
    (s.step.after ?? []).flatMap((a) => {
      const at = stepAt.get(a.step)
      return at !== undefined && at < k ? [{ at, dry: a.drySeconds }] : []
    }),
  )
  const leaves = ways.map((w) => (w.leaves ?? []).flatMap((l) => numbers.get(l) ?? []))
  const ends = new Float64Array(open.length)
  const setUps = open.map((s) => s.step.setUpSeconds ?? 0)

  /** What a way can save of the work at the most: its strokes, and all set-ups of the steps it is in. */
  const saved = ways.map((_, way) =>
    coatsOf.reduce((sum, own, k) => {
      const mine = own.filter((c) => leaves[way]!.includes(c))
      return sum + (mine.length ? setUps[k]! + mine.reduce((all, c) => all + coatSeconds[c]!, 0) : 0)
    }, 0),
  )
  const worth = (w: Way) => saved[w.at]! / Math.max(NOTHING, w.way.loss)
  const parts = grouped(
    ways
      .map((way, at) => ({ way, at }))
      .filter(
        ({ way, at }) =>
          leaves[at]!.length > 0 &&
          !(way.leaves ?? []).some((c) => begun.has(c)) &&
          !(way.leaves ?? []).every(isGone),
      ),
  )
    .map((part) => ({
      part: [...part].sort((a, b) => worth(b) - worth(a) || a.at - b.at),
      best: Math.max(...part.map(worth)),
      first: Math.min(...part.map((w) => w.at)),
    }))
    .sort((a, b) => b.best - a.best || a.first - b.first)
    .map((p) => p.part)

  /** Of a step's planned seconds without what is left out; negative when nothing of it is painted. */
  function left(k: number): number {
    const own = coatsOf[k]!
    if (!own.length) return open[k]!.left
    let some = false
    let seconds = 0
    for (const c of own) {
      if (gone[c]) seconds += coatSeconds[c]!
      else some = true
    }
    const whole = open[k]!.step.seconds
    return !some ? -1 : seconds > 0 ? Math.max(setUps[k]!, whole - seconds) : whole
  }

  /** Each step as soon as hands are free and what lies beneath is dry, in the order in which they stand. */
  function reckoned(chosen: readonly number[]) {
    gone.set(goneAlready)
    for (const k of chosen) for (const c of leaves[k]!) gone[c] = 1
    const free = [-1, -1, -1]
    let square = 0
    let work = 0
    let likely = 0
    for (let k = 0; k < open.length; k++) {
      ends[k] = -1
      const rest = left(k)
      if (rest < 0) continue
      const { step } = open[k]!
      const first = free[step.painter]! < 0
      const at = Math.max(0, free[step.painter]!)
      let dry = 0
      let laid = false
      for (const a of after[k]!)
        if (ends[a.at]! >= 0) {
          dry = Math.max(dry, ends[a.at]! + a.dry)
          laid = true
        }
      const waits = laid ? 0 : step.waitSeconds
      const spent = first ? Math.min(intoOf(step.painter), rest + waits) : 0
      work += rest - Math.min(spent, rest)
      const ready = Math.max(at + waits + Math.min(setUps[k]!, rest), dry)
      const over = Math.max(at, ready + Math.max(0, rest - setUps[k]!) - spent)
      free[step.painter] = ends[k] = over
      likely = Math.max(likely, over)
      const sd = step.seconds > 0 ? ((step.sdSeconds ?? 0) * rest) / step.seconds : 0
      square += sd * sd
    }
    const day = DAY_SHARE * likely
    return { likely, sure: likely + surety * Math.sqrt(square + day * day), work }
  }

  /** Nothing is painted on what is left out. */
  function stands(chosen: readonly number[]) {
    const out = new Set(chosen.filter((k) => ways[k]!.whole).map((k) => ways[k]!.part))
    return !ways.some(
      (w, k) =>
        w.whole &&
        w.restsOn &&
        out.has(w.restsOn) &&
        !out.has(w.part) &&
        leaves[k]!.some((c) => !goneAlready[c]),
    )
  }

  /** A part's ways as if they could be mixed: never more lost for a second than by the best of them. */
  function gains(part: readonly Way[]) {
    const found: { rate: number; saving: number }[] = []
    let at = 0
    let lost = 0
    for (;;) {
      const next = part
        .filter((w) => saved[w.at]! > at + NOTHING)
        .map((w) => ({
          rate: (w.way.loss - lost) / (saved[w.at]! - at),
          saving: saved[w.at]!,
          loss: w.way.loss,
        }))
        .sort((a, b) => a.rate - b.rate || b.saving - a.saving)[0]
      if (!next) return found
      found.push({ rate: Math.max(0, next.rate), saving: next.saving - at })
      at = next.saving
      lost = next.loss
    }
  }

  // The gains of the parts from a depth on, the cheapest first.
  const gainsOf = parts.map(gains)
  const gainsFrom = [...parts, null].map((_, d) =>
    gainsOf
      .slice(d)
      .flat()
      .sort((a, b) => a.rate - b.rate),
  )

  /** The least that must still be lost, if savings simply added up and any share of a way could go. */
  function atLeast(depth: number, work: number) {
    let need = work - (lanes.length * secondsLeft) / (1 + surety * DAY_SHARE)
    let lost = 0
    for (const { rate, saving } of gainsFrom[depth]!) {
      if (need <= 0) break
      const taken = Math.min(need, saving)
      need -= taken
      lost += rate * taken
    }
    return need > NOTHING ? Infinity : lost
  }

  let nodes = 0
  let best: number[] | null = null
  let bestLoss = Infinity
  function branch(depth: number, chosen: number[], loss: number) {
    if (loss >= bestLoss - NOTHING || ++nodes > MOST_NODES) return
    const now = reckoned(chosen)
    if (now.sure <= secondsLeft + NOTHING) {
      if (stands(chosen)) {
        best = chosen
        bestLoss = loss
        return
      }
    } else if (depth === parts.length || loss + atLeast(depth, now.work) >= bestLoss - NOTHING) return
    if (depth === parts.length) return
    for (const { way, at } of parts[depth]!) branch(depth + 1, [...chosen, at], loss + way.loss)
    branch(depth + 1, chosen, loss)
  }

  const going = reckoned([])
  if (going.sure <= secondsLeft + NOTHING)
    return {
      fits: true,
      chosen: [],
      loss: 0,
      likely: going.likely,
      sure: going.sure,
      goingOn: going.likely,
      proven: true,
    }
  branch(0, [], 0)
  const found: number[] | null = best
  const all = parts.map((p) => [...p].sort((a, b) => saved[b.at]! - saved[a.at]! || a.at - b.at)[0]!.at)
  const chosen = [...(found ?? all)].sort((a, b) => a - b)
  const told = reckoned(chosen)
  return {
    fits: found !== null,
    chosen,
    loss: found ? bestLoss : chosen.reduce((sum, k) => sum + ways[k]!.loss, 0),
    likely: told.likely,
    sure: told.sure,
    goingOn: going.likely,
    proven: nodes < MOST_NODES,
  }
}

function grouped(ways: readonly Way[]): Way[][] {
  const parts = new Map<string, Way[]>()
  for (const one of ways) parts.set(one.way.part, [...(parts.get(one.way.part) ?? []), one])
  return [...parts.values()]
}

/** How many standard deviations hold a share of sessions; the normal quantile after Abramowitz and Stegun 26.2.23 (from memory), off by less than 0.0005. */
export function suretyOf(share: number): number {
  if (share <= 0.5) return 0
  const t = Math.sqrt(-2 * Math.log(1 - Math.min(share, 0.9999)))
  return (
    t -
    (2.515517 + 0.802853 * t + 0.010328 * t * t) / (1 + 1.432788 * t + 0.189269 * t * t + 0.001308 * t ** 3)
  )
}
