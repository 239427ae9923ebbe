import { describe, expect, it, vi } from 'vitest'
import { useHistory } from '../src/lib/history'

/** Numbers between 0 and 1 that are the same every time (Park and Miller, CACM 31 (1988) 1192–1201). */
function numbers(seed: number) {
  let state = seed
  return () => (state = (state * 48271) % 2147483647) / 2147483647
}

describe('undo and redo', () => {
  it('goes back over every change and forth again, whatever was changed', () => {
    const next = numbers(7)
    const history = useHistory(0)
    const seen = [0]
    for (let k = 0; k < 60; k++) {
      const value = Math.floor(1000 * next())
      history.change(value)
      seen.push(value)
    }
    for (let k = seen.length - 1; k > 0; k--) {
      expect(history.now.value).toBe(seen[k])
      history.undo()
    }
    expect(history.now.value).toBe(0)
    expect(history.canUndo.value).toBe(false)
    for (let k = 1; k < seen.length; k++) {
      history.redo()
      expect(history.now.value).toBe(seen[k])
    }
    expect(history.canRedo.value).toBe(false)
  })

  it('forgets what was undone once something new is done', () => {
    const history = useHistory('a')
    history.change('b')
    history.undo()
    history.change('c')
    expect(history.canRedo.value).toBe(false)
    history.undo()
    expect(history.now.value).toBe('a')
  })

  it('takes quick changes of one thing as one step, and slow ones or other things as their own', () => {
    vi.useFakeTimers()
    const history = useHistory(0)
    history.change(1, 'width')
    vi.advanceTimersByTime(300)
    history.change(2, 'width')
    history.change(3, 'height')
    vi.advanceTimersByTime(2000)
    history.change(4, 'height')
    history.undo()
    expect(history.now.value).toBe(3)
    history.undo()
    expect(history.now.value).toBe(2)
    history.undo()
    expect(history.now.value).toBe(0)
    vi.useRealTimers()
  })

  it('keeps a long drag one step while the hand holds', () => {
    vi.useFakeTimers()
    const history = useHistory(0)
    for (let k = 1; k <= 5; k++) {
      history.change(k, 'drag 1', true)
      vi.advanceTimersByTime(5000)
    }
    history.undo()
    expect(history.now.value).toBe(0)
    vi.useRealTimers()
  })

  it('does nothing at either end', () => {
    const history = useHistory('only')
    history.undo()
    history.redo()
    expect(history.now.value).toBe('only')
  })
})
