// @vitest-environment node
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useLatest } from '../src/lib/latest'

vi.stubGlobal('window', globalThis)

/** A request that is answered by hand. */
function asked<T>() {
  let answer!: (value: T) => void
  let fail!: (error: Error) => void
  const promise = new Promise<T>((resolve, reject) => ([answer, fail] = [resolve, reject]))
  return { answer, fail, promise }
}

describe('the latest of several requests', () => {
  beforeEach(() => void vi.useFakeTimers())

  it('wins even when an earlier one answers last', async () => {
    const latest = useLatest()
    const [first, second] = [asked<string>(), asked<string>()]
    const one = latest.ask(() => first.promise)
    const two = latest.ask(() => second.promise)
    second.answer('new')
    first.answer('old')
    expect(await one).toBeUndefined()
    expect(await two).toBe('new')
    expect(latest.busy.value).toBe(false)
  })

  it('aborts the one before, whose fault is nobody’s', async () => {
    const latest = useLatest()
    const first = asked<string>()
    let aborted = false
    const one = latest.ask((signal) => {
      signal.addEventListener('abort', () => (aborted = true))
      return first.promise
    })
    const two = latest.ask(() => Promise.resolve('new'))
    first.fail(new Error('aborted'))
    expect(aborted).toBe(true)
    expect(await one).toBeUndefined()
    expect(await two).toBe('new')
  })

  it('tells a fault of its own', async () => {
    const latest = useLatest()
    await expect(latest.ask(() => Promise.reject(new Error('no')))).rejects.toThrow('no')
    expect(latest.busy.value).toBe(false)
  })

  it('waits until nothing has been asked for a while', async () => {
    const latest = useLatest()
    const done: number[] = []
    for (const n of [1, 2, 3]) latest.later(100, async () => void done.push(n))
    await vi.advanceTimersByTimeAsync(99)
    expect(done).toEqual([])
    await vi.advanceTimersByTimeAsync(2)
    expect(done).toEqual([3])
  })

  it('does nothing once it is stopped', async () => {
    const latest = useLatest()
    const done = vi.fn(async () => {})
    latest.later(10, done)
    latest.stop()
    await vi.advanceTimersByTimeAsync(50)
    expect(done).not.toHaveBeenCalled()
  })
})
