import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { FinderAnswer, FinderQuestion, FoundFace } from '../src/lib/faceFinder'

/** A worker that answers when it is told to. */
class Finder {
  static all: Finder[] = []
  onmessage: ((event: { data: FinderAnswer }) => void) | null = null
  onerror: (() => void) | null = null
  asked: FinderQuestion[] = []
  ended = false
  constructor() {
    Finder.all.push(this)
  }
  postMessage(question: FinderQuestion) {
    this.asked.push(question)
  }
  terminate() {
    this.ended = true
  }
  tells(data: FinderAnswer) {
    this.onmessage!({ data })
  }
}

const face = (height: number, score: number): FoundFace => ({
  score,
  points: [10, 50, 20, 50 + height],
  irisPx: 0,
})
const picture = {} as HTMLCanvasElement
const latest = () => Finder.all.at(-1)!

/** Anew for each: it keeps its worker from one search to the next. */
let finder: typeof import('../src/lib/faceFinder')

beforeEach(async () => {
  vi.useFakeTimers()
  vi.resetModules()
  vi.stubGlobal('Worker', Finder)
  vi.stubGlobal('createImageBitmap', async () => ({}))
  Finder.all = []
  finder = await import('../src/lib/faceFinder')
})

afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

/** A search, and when it has been asked for. */
const searching = (progress?: (share: number) => void) => {
  const answer = finder.findFaces(picture, progress)
  // Its end is looked at later; until then nobody may take it for forgotten.
  answer.catch(() => undefined)
  return { answer, asked: vi.advanceTimersByTimeAsync(0) }
}

describe('looking for faces', () => {
  it('gives the largest face first, however sure the finder is of another', async () => {
    const { answer, asked } = searching()
    await asked
    latest().tells({ kind: 'found', faces: [face(80, 0.9), face(300, 0.4), face(120, 0.7)] })
    expect((await answer).map((f) => f.score)).toEqual([0.4, 0.7, 0.9])
  })

  it('tells how far it is, and keeps its worker for the next picture', async () => {
    const shares: number[] = []
    const { answer, asked } = searching((s) => shares.push(s))
    await asked
    latest().tells({ kind: 'progress', share: 0.3 })
    latest().tells({ kind: 'found', faces: [] })
    expect(await answer).toEqual([])
    expect(shares).toEqual([0.3])
    await searching().asked
    expect(Finder.all).toHaveLength(1)
    expect(latest().asked).toHaveLength(2)
  })

  it('gives up on a finder that got stuck, not on a slow one, and begins anew', async () => {
    const slow = searching()
    await slow.asked
    for (let k = 0; k < 4; k++) {
      await vi.advanceTimersByTimeAsync(0.9 * finder.PATIENCE_MS)
      latest().tells({ kind: 'progress', share: k / 4 })
    }
    latest().tells({ kind: 'found', faces: [face(100, 1)] })
    expect(await slow.answer).toHaveLength(1)

    const stuck = searching()
    await stuck.asked
    await vi.advanceTimersByTimeAsync(1.1 * finder.PATIENCE_MS)
    await expect(stuck.answer).rejects.toThrow(/Set the points by hand/)
    expect(latest().ended).toBe(true)
    await searching().asked
    expect(Finder.all).toHaveLength(2)
  })

  it('ends when it is stopped, or when another picture comes', async () => {
    const first = searching()
    await first.asked
    const second = searching()
    await second.asked
    await expect(first.answer).rejects.toMatchObject({ name: 'AbortError' })
    finder.stopFinding()
    await expect(second.answer).rejects.toMatchObject({ name: 'AbortError' })
    expect(Finder.all.every((f) => f.ended)).toBe(true)
  })

  it('says what to do when it cannot run', async () => {
    const { answer, asked } = searching()
    await asked
    latest().tells({ kind: 'failed', why: 'no memory' })
    await expect(answer).rejects.toThrow('no memory')
    const broken = searching()
    await broken.asked
    latest().onerror!()
    await expect(broken.answer).rejects.toThrow(/its files did not load/)
  })
})
