import { tryOnScopeDispose } from '@vueuse/core'
import { ref } from 'vue'

/**
 * Of several requests for the same thing the latest wins: asking again aborts the one under way, whose answer never arrives.
 * A fault of an aborted request is nobody's.
 */
export function useLatest() {
  const busy = ref(false)
  let timer = 0
  let call: AbortController | null = null

  function stop() {
    window.clearTimeout(timer)
    call?.abort()
    call = null
    busy.value = false
  }

  /** @returns What `work` gives, or undefined when something was asked for later. */
  async function ask<T>(work: (signal: AbortSignal) => Promise<T>): Promise<T | undefined> {
    stop()
    const mine = (call = new AbortController())
    busy.value = true
    try {
      const answer = await work(mine.signal)
      return mine.signal.aborted ? undefined : answer
    } catch (error) {
      if (mine.signal.aborted) return undefined
      throw error
    } finally {
      if (call === mine) busy.value = false
    }
  }

  /** The same once nothing has been asked for a while. */
  function later(ms: number, work: () => Promise<void>) {
    window.clearTimeout(timer)
    timer = window.setTimeout(() => void work(), ms)
  }

  tryOnScopeDispose(stop)
  return { ask, later, stop, busy }
}
